import { type Link, type LinkedList, linkedId, linksFrom, linksTo, LISTS, readRecord, withoutLink } from '@/core/file';
import { type Job, tidied } from '@/core/job';
import { before, type RecordChange, counted, isSame, recordName, type StoredRow, stepBack } from '@/core/workroom';
import { upperFirst } from '@/core/units';
import { readRow, removeRow, rowsPointing, writeRow } from './write';

/** The last state of a record that was deleted in this session; undefined when it is not known. */
export type Earlier = (table: string, id: string) => StoredRow | undefined;

/** Raised when a change cannot be taken back as things are; its message is for the person. */
export class CannotTakeBack extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'CannotTakeBack';
  }
}

interface Placed {
  table: string;
  id: string;
  row: StoredRow;
}

/** A record on its way back. */
interface Back extends Placed {
  /** It lay in its table just like this before, so it may do so again, readable or not. */
  asItWas: boolean;
}

/**
 * Takes some changes back, in the transaction that runs, so that every link holds afterwards.
 *
 * A record whose parent has gone brings the parent back. A record that others have come to depend on since stays.
 *
 * @param changes - what was done
 * @param earlier - what is known of records that have been deleted since
 * @returns what the person should know beside that it is undone; empty when all went as expected
 * @throws CannotTakeBack when something cannot come back; nothing of it may be kept then
 */
export async function takeBack(changes: readonly RecordChange[], earlier: Earlier): Promise<string[]> {
  const told = new Set<string>();
  const backs: Back[] = [];
  const going: Placed[] = [];
  for (const change of changes) {
    const { table, id } = change;
    const now = await readRow(table, id);
    let step = stepBack(change, now);
    if (step.do === 'bring-back') {
      const gone = earlier(table, id);
      if (!gone) {
        told.add(
          `${upperFirst(recordName(table, before(change)))} has been deleted since then, so nothing in it was undone.`,
        );
        continue;
      }
      step = stepBack(change, gone);
      if (step.do === 'nothing') step = { do: 'put', record: gone };
      told.add(`Also brought back: ${recordName(table, gone)}.`);
    }
    if (step.do === 'put') {
      backs.push({ table, id, row: step.record, asItWas: isSame(step.record, before(change)) });
    }
    if (step.do === 'delete') going.push({ table, id, row: now! });
  }
  await removeFree(going, told);
  await putWithParents(backs, earlier, told);
  return [...told];
}

const keyOf = ({ table, id }: { table: string; id: string }) => JSON.stringify([table, id]);

/** Deletes what nothing else has come to depend on. */
async function removeFree(going: readonly Placed[], told: Set<string>): Promise<void> {
  const leaving = new Map(going.map((one) => [keyOf(one), one]));
  const staying = new Set<string>();
  for (let count = -1; count !== staying.size;) {
    count = staying.size;
    for (const [key, one] of [...leaving]) {
      const users = (await usersOf(one)).filter(({ needsIt, at }) => (needsIt ? !leaving.has(at) : staying.has(at)));
      if (users.length === 0) continue;
      staying.add(key);
      leaving.delete(key);
      told.add(`${upperFirst(recordName(one.table, one.row))} stays: ${inUse(users.map(({ table }) => table))}.`);
    }
  }
  for (const { table, id } of leaving.values()) await removeRow(table, id);
}

function inUse(tables: readonly string[]): string {
  const [table] = tables;
  if (table === 'onMachine') return 'it is in use now';
  const count = tables.filter((one) => one === table).length;
  return `${counted(table, count)} ${count === 1 ? 'uses' : 'use'} it now`;
}

/** Records that point at another one, and whether they could stand without it. */
async function usersOf({ table, id }: Placed): Promise<{ table: string; at: string; needsIt: boolean }[]> {
  const users = linksTo(table).map(async (link) =>
    (await rowsPointing(link, id)).map((user) => ({
      table: link.from,
      at: keyOf({ table: link.from, id: user.id }),
      needsIt: link.ifGone === 'goes-too',
    })),
  );
  return (await Promise.all(users)).flat();
}

async function putWithParents(backs: readonly Back[], earlier: Earlier, told: Set<string>): Promise<void> {
  const coming = new Set(backs.map(keyOf));
  const isThere = async (table: string, id: string) =>
    coming.has(keyOf({ table, id })) || (await readRow(table, id)) !== undefined;
  for (const back of backs) {
    for (const { table, id, row } of await withParents(back, { isThere, earlier, told })) {
      await writeRow(table, id, row);
      coming.add(keyOf({ table, id }));
    }
  }
}

interface Around {
  isThere: (table: string, id: string) => Promise<boolean>;
  earlier: Earlier;
  told: Set<string>;
}

/** A record with every parent that has to come back with it. */
async function withParents(back: Back, around: Around): Promise<Placed[]> {
  const { table, id, asItWas } = back;
  let { row } = back;
  const parents: Placed[] = [];
  for (const link of linksFrom(table)) {
    const target = linkedId(row, link);
    if (target === null || (await around.isThere(link.to, target))) continue;
    const gone = around.earlier(link.to, target);
    if (gone) {
      parents.push(...(await withParents({ table: link.to, id: target, row: gone, asItWas: true }, around)));
      if (!link.owned) around.told.add(`Also brought back: ${recordName(link.to, gone)}.`);
    } else if (link.ifGone === 'is-cleared') {
      row = withoutLink(row, link);
    } else {
      throw new CannotTakeBack(cannotCome(recordName(table, row), link));
    }
  }
  if (!asItWas && table === 'jobs') row = tidied(row as Job) as StoredRow;
  if (!asItWas && !fits(table, row)) {
    throw new CannotTakeBack(`${upperFirst(recordName(table, row))} has changed too much since then to undo this.`);
  }
  return [...parents, { table, id, row }];
}

const cannotCome = (name: string, link: Link) =>
  `${upperFirst(name)} cannot come back: its ${recordName(link.to, null)} is missing. Bring that back first.`;

const fits = (table: string, row: StoredRow): boolean =>
  !(LISTS as readonly string[]).includes(table) || readRecord(table as LinkedList, row).ok;
