import { canonical, linksFrom, type LinkedList, type PickFrom, THINGS, type ThingFile } from '../file';
import type { Machine } from '../kit';
import { shortCode } from './code';

/** A file of one thing, made ready to stand beside what is here. */
export interface Beside {
  file: ThingFile;
  /** Whether it is here already, just as it is in the file; whether something else of that name is, so that it comes as a copy. */
  is: 'new' | 'here' | 'copy';
}

type Record_ = Record<string, unknown> & { id: string };

/** What a machine can do, without what its owner calls it and has measured on it. */
const build = (machine: Machine): string =>
  canonical({ ...machine, name: undefined, offsets: undefined, calibration: undefined });

/**
 * Makes a file ready to be taken in: nothing that is here is overwritten, and a setting of another machine does not become
 * one of this one because two workrooms gave their machines the same id.
 *
 * @param file - as it was read
 * @param here - the lists of the workroom
 * @returns the file with ids that are free, where they have to be; the same file gives the same ids again
 */
export function besideWhatIsHere(file: ThingFile, here: PickFrom): Beside {
  const renamed = new Map<string, string>();
  const found = (list: LinkedList, id: string) => (here[list] as readonly Record_[]).find((record) => record.id === id);
  const rename = (list: LinkedList, record: Record_) =>
    renamed.set(`${list} ${record.id}`, `${record.id}-${shortCode(canonical(record)).toLowerCase()}`.slice(-60));

  const machineOf = (record: Record_) => (record as unknown as { machine?: Machine }).machine;
  const isOther = (id: unknown, machine: Machine | undefined) => {
    const own = typeof id === 'string' ? found('machines', id) : undefined;
    const ownMachine = own && machineOf(own);
    return Boolean(ownMachine && machine && build(ownMachine) !== build(machine));
  };
  const item = file.item as unknown as Record_;
  const theirs = file.with.map(({ list, record }) => ({ list, record: record as Record_ }));
  for (const { list, record } of theirs)
    if (list === 'machines' && isOther(record.id, machineOf(record))) rename(list, record);
  // A card has its machine copied in, and stands without a record of it.
  const copied = file.thing === 'card' ? machineOf(item) : undefined;
  if (isOther(item.machineId, copied)) rename('machines', { id: String(item.machineId), machine: copied });

  const list = THINGS[file.thing];
  const linked = withLinks(item, renamed);
  const before = found(list, item.id);
  const is = !before ? 'new' : canonical(before) === canonical(linked) ? 'here' : 'copy';
  if (is === 'copy') {
    rename(list, item);
    // What belongs to it comes along as its own: the lines of a scrap.
    for (const one of theirs)
      if (
        linksFrom(one.list).some(
          ({ to, field, ifGone }) => to === list && ifGone === 'goes-too' && one.record[field] === item.id,
        )
      )
        rename(one.list, one.record);
  }
  const moved = (of: LinkedList, record: Record_) => withLinks(withId(of, record, renamed), renamed);
  const copy = moved(list, item);
  const second = is === 'copy' && found(list, copy.id);
  const isHereAgain = second && canonical(second) === canonical(copy);
  const beside = theirs.filter(({ list: of }) => file.thing !== 'card' || of === 'cloths' || of === 'photos');
  return {
    is: isHereAgain ? 'here' : is,
    file: {
      ...file,
      item: copy as unknown as ThingFile['item'],
      with: beside.map(({ list: of, record }) => ({ list: of, record: moved(of, record) })),
    },
  };
}

const withId = (list: LinkedList, record: Record_, renamed: ReadonlyMap<string, string>): Record_ => ({
  ...record,
  id: renamed.get(`${list} ${record.id}`) ?? record.id,
});

/** The fields by which anything names a fabric, a machine or a scrap. */
const FIELDS: Readonly<Record<string, LinkedList>> = { machineId: 'machines', swatchId: 'swatches', clothId: 'cloths' };

function withLinks(record: Record_, renamed: ReadonlyMap<string, string>): Record_ {
  const next = { ...record };
  for (const [field, to] of Object.entries(FIELDS)) {
    const target = record[field];
    const other = typeof target === 'string' ? renamed.get(`${to} ${target}`) : undefined;
    if (other !== undefined) next[field] = other;
  }
  return next;
}
