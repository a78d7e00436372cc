import Papa from 'papaparse';
import {
  type FreshFrom,
  type KitRow,
  readCloths,
  readKit,
  readNeedles,
  type ReadRecords,
  writeCloths,
  writeKit,
  writeNeedles,
} from '@/core/file';
import { database } from './database';
import { changeKit, readKitRecord } from './kit';
import { cloths, needles, threads } from './repositories';

/** The lists that go out and come in as tables. */
export const CSV_NOUNS = ['cloths', 'needles', 'kit'] as const;
export type CsvNoun = (typeof CSV_NOUNS)[number];

/**
 * The text of a file as whatever spreadsheet wrote it: UTF-8 with or without its mark, UTF-16, or the old Western page.
 *
 * @param bytes - the file
 * @returns its text
 */
export function decodeText(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

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

/** A list as a table for a spreadsheet: UTF-8 with its mark, commas, every line ended as spreadsheets expect. */
export async function csvText(noun: CsvNoun): Promise<string> {
  const rows = {
    cloths: async () => writeCloths(await cloths.all()),
    needles: async () => writeNeedles(await needles.all()),
    kit: async () => writeKit(await readKitRecord(), await threads.all()),
  };
  return `\ufeff${Papa.unparse(await rows[noun]())}\r\n`;
}

/** What a table would do: records to store with how many are new, or everything that is wrong with it. */
export type CsvPreview = ReadRecords<unknown> & { noun: CsvNoun; added: number; changed: number };

/** Reads a table against what is here, without changing anything. */
export async function previewCsv(noun: CsvNoun, bytes: Uint8Array, fresh: FreshFrom): Promise<CsvPreview> {
  const table = parseTable(decodeText(bytes));
  if (noun === 'cloths') return counted(noun, readCloths(table, await cloths.all(), fresh), await cloths.all());
  if (noun === 'needles') return counted(noun, readNeedles(table, await needles.all(), fresh), await needles.all());
  const spools = await threads.all();
  const kit = await readKitRecord();
  const here = [
    ...spools,
    ...(kit.feet ?? []).map((foot) => ({ id: `foot ${foot}` })),
    ...(kit.plates ?? []).map((plate) => ({ id: `plate ${plate}` })),
  ];
  return counted(noun, readKit(table, spools, fresh), here);
}

function counted<T extends { id: string }>(
  noun: CsvNoun,
  read: ReadRecords<T>,
  here: readonly { id: string }[],
): CsvPreview {
  const known = new Set(here.map((record) => record.id));
  const records = read.ok ? read.records : [];
  const changed = records.filter((record) => known.has(record.id)).length;
  return { ...read, noun, added: records.length - changed, changed };
}

/** Puts a table that was read without a fault into the workroom, all of it or nothing. */
export async function importCsv(preview: CsvPreview): Promise<void> {
  if (!preview.ok) throw new Error('importCsv: expected a table without a fault');
  const { records } = preview;
  if (preview.noun === 'cloths') return cloths.putAll(records as Parameters<typeof cloths.putAll>[0]);
  if (preview.noun === 'needles') {
    await database.transaction('rw', database.needles, database.kit, async () => {
      await needles.putAll(records as Parameters<typeof needles.putAll>[0]);
      await changeKit(() => ({ needles: 'owned' }));
    });
    return;
  }
  await importKit(records as KitRow[]);
}

async function importKit(rows: readonly KitRow[]): Promise<void> {
  const feet = rows.flatMap((row) => (row.what === 'foot' ? [row] : []));
  const plates = rows.flatMap((row) => (row.what === 'plate' ? [row] : []));
  const spools = rows.flatMap((row) => (row.what === 'thread' ? [row.spool] : []));
  await database.transaction('rw', database.threads, database.kit, async () => {
    await threads.putAll(spools);
    await changeKit((now) => {
      const away = now.away.filter((foot) => !feet.some((row) => row.foot === foot));
      return {
        ...(feet.length > 0 && { feet: [...new Set([...(now.feet ?? []), ...feet.map((row) => row.foot)])] }),
        kept: {
          ...now.kept,
          ...Object.fromEntries(feet.flatMap((row) => (row.where ? [[row.foot, row.where]] : []))),
          ...Object.fromEntries(plates.flatMap((row) => (row.where ? [[`plate-${row.plate}`, row.where]] : []))),
        },
        away: [...away, ...feet.flatMap((row) => (row.away ? [row.foot] : []))],
        ...(plates.length > 0 && { plates: [...new Set([...(now.plates ?? []), ...plates.map((row) => row.plate)])] }),
        ...(spools.length > 0 && { threads: 'owned' as const }),
      };
    });
  });
}
