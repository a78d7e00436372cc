import Papa from 'papaparse';
import {
  canonical,
  decodeText,
  type FreshFrom,
  type KitRecord,
  type KitRow,
  kitRows,
  readCloths,
  readKit,
  readNeedles,
  type ReadRecords,
  writeCloths,
  writeKit,
  writeNeedles,
} from '@/core/file';
import { FOOT, needleName, PLATE, threadName } from '@/core/kit';
import { edit } from './edits';
import { changeKit, readKitRecord } from './kit';
import { cloths, needles, threads } from './repositories';
import type { Repository } from './repository';

/** The lists that go out and come in as tables. */
export const CSV_NOUNS = ['cloths', 'needles', 'kit'] as const;
export type CsvNoun = (typeof CSV_NOUNS)[number];

/**
 * The cells of a table, whichever mark stands between them.
 *
 * @param text - the file's text
 * @returns rows of cells; empty lines stay, so that rows are counted as the spreadsheet counts them
 */
export function parseTable(text: string): string[][] {
  const named = /^sep=(.)\r?\n/.exec(text);
  const body = named ? text.slice(named[0].length) : text;
  return Papa.parse<string[]>(body, { delimiter: named?.[1] ?? '', delimitersToGuess: [',', ';', '\t', '|'] }).data;
}

export { guarded } from '@/core/file';

/** Cells as the text of a file: UTF-8 with its mark, and commas. What a spreadsheet would take for a formula is guarded already. */
export function tableText(cells: readonly (readonly string[])[]): string {
  return `\ufeff${Papa.unparse(cells.map((row) => [...row]))}\r\n`;
}

/** A list as a table for a spreadsheet: UTF-8 with its mark, commas, every line ended as spreadsheets expect. */
export async function csvText(noun: CsvNoun): Promise<string> {
  const rows = {
    cloths: async () => writeCloths(await cloths.all()),
    needles: async () => writeNeedles(await needles.all()),
    kit: async () => writeKit(await readKitRecord(), await threads.all()),
  };
  return tableText(await rows[noun]());
}

/** What a table would do: records to store with how many are new or differ, or everything that is wrong with it. */
export type CsvPreview = ReadRecords<unknown> & {
  noun: CsvNoun;
  added: number;
  changed: number;
  /** What each row would do, in the order of the file. */
  rows: readonly CsvChange[];
};

/** One row of a file against what is here. */
export interface CsvChange {
  id: string;
  name: string;
  what: 'added' | 'changed' | 'same';
}

/** Reads a table against what is here, without changing anything. */
export async function previewCsv(noun: CsvNoun, bytes: Uint8Array, fresh: FreshFrom): Promise<CsvPreview> {
  const table = parseTable(decodeText(bytes));
  if (noun === 'cloths') {
    const here = await cloths.all();
    return counted(noun, readCloths(table, here, fresh), here, ({ cloth }) => cloth.name);
  }
  if (noun === 'needles') {
    const here = await needles.all();
    return counted(noun, readNeedles(table, here, fresh), here, ({ needle }) => needleName(needle));
  }
  const [kit, spools] = [await readKitRecord(), await threads.all()];
  return counted(noun, readKit(table, spools, fresh), kitRows(kit, spools), kitName);
}

const kitName = (row: KitRow): string =>
  row.what === 'foot'
    ? FOOT[row.foot].name
    : row.what === 'plate'
      ? PLATE[row.plate].name
      : row.spool.colourName || threadName(row.spool.thread);

function counted<T extends { id: string }>(
  noun: CsvNoun,
  read: ReadRecords<T>,
  here: readonly T[],
  nameOf: (record: T) => string,
): CsvPreview {
  const known = new Map(here.map((record) => [record.id, canonical(record)]));
  const rows = (read.ok ? read.records : []).map((record): CsvChange => {
    const before = known.get(record.id);
    const what = before === undefined ? 'added' : before === canonical(record) ? 'same' : 'changed';
    return { id: record.id, name: nameOf(record), what };
  });
  const count = (what: CsvChange['what']) => rows.filter((row) => row.what === what).length;
  return { ...read, noun, added: count('added'), changed: count('changed'), rows };
}

/**
 * Puts a table that was read without a fault into the workroom, all of it or nothing; it can be undone.
 *
 * @param preview - from `previewCsv`
 */
export async function importCsv(preview: CsvPreview): Promise<void> {
  if (!preview.ok) throw new Error('importCsv: expected a table without a fault');
  const rows = preview.noun === 'kit' ? (preview.records as KitRow[]) : [];
  const records =
    preview.noun === 'kit' ? rows.flatMap((r) => (r.what === 'thread' ? [r.spool] : [])) : preview.records;
  const repository = { cloths, needles, kit: threads }[preview.noun] as Repository<unknown>;
  await edit('List imported', async () => {
    await repository.putAll(records);
    if (preview.noun === 'needles') await changeKit(() => ({ needles: 'owned' }));
    if (preview.noun === 'kit') await changeKit((now) => kitWith(now, rows));
  });
}

/** The kit with the feet and plates of a table: they are added, and what it says of their place holds. */
function kitWith(now: KitRecord, rows: readonly KitRow[]): Partial<KitRecord> {
  const feet = rows.flatMap((row) => (row.what === 'foot' ? [row] : []));
  const plates = rows.flatMap((row) => (row.what === 'plate' ? [row] : []));
  const places = [
    ...feet.map(({ foot, where }) => [foot, where] as const),
    ...plates.map(({ plate, where }) => [`plate-${plate}`, where] as const),
  ];
  const away = now.away.filter((foot) => !feet.some((row) => row.foot === foot));
  return {
    ...(feet.length > 0 && { feet: [...new Set([...(now.feet ?? []), ...feet.map((row) => row.foot)])] }),
    ...(plates.length > 0 && { plates: [...new Set([...(now.plates ?? []), ...plates.map((row) => row.plate)])] }),
    ...(rows.some((row) => row.what === 'thread') && { threads: 'owned' as const }),
    kept: { ...now.kept, ...Object.fromEntries(places.filter(([, where]) => where !== '')) },
    away: [...away, ...feet.flatMap((row) => (row.away ? [row.foot] : []))],
  };
}
