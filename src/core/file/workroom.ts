import * as z from 'zod';
import { cardSchema } from '../card';
import { jobSchema } from '../job';
import { viewSchema } from '../ledger';
import { schoolsSchema } from '../setup';
import { type FieldError, momentSchema, words } from '../result';
import { runSchema } from '../seam';
import { lineSchema, swatchSchema } from '../swatch';
import { migrateWorkroom } from './migrate';
import { readFile } from './readFile';
import {
  careRecordSchema,
  clothRecordSchema,
  kitRecordSchema,
  machineRecordSchema,
  onMachineSchema,
  photoRecordSchema,
} from './records';
import { needleRecordSchema, threadRecordSchema } from './tin';

/** Name and version written into every exported file. */
export const WORKROOM_FORMAT = 'bobbet-workroom';
export const WORKROOM_VERSION = 2;

/** Everything in a workroom, in one file. */
export const workroomSchema = z
  .strictObject({
    format: z.literal(WORKROOM_FORMAT, { error: `expected "${WORKROOM_FORMAT}"` }),
    version: z.literal(WORKROOM_VERSION, { error: `expected ${WORKROOM_VERSION}` }),
    name: words('a name', 120),
    exportedAt: momentSchema,
    cloths: z.array(clothRecordSchema),
    machines: z.array(machineRecordSchema),
    kit: kitRecordSchema,
    /** Files from before there were schools follow the usual ones. */
    schools: schoolsSchema.prefault({}),
    onMachine: z.array(onMachineSchema),
    swatches: z.array(swatchSchema),
    lines: z.array(lineSchema),
    cards: z.array(cardSchema),
    needles: z.array(needleRecordSchema),
    threads: z.array(threadRecordSchema),
    care: z.array(careRecordSchema),
    photos: z.array(photoRecordSchema),
    /** Operations sewn and in hand; files from before there were any have none. */
    runs: z.array(runSchema).default([]),
    /** Things being made; files from before there were any have none. */
    jobs: z.array(jobSchema).default([]),
    /** Filters of the ledger with a name. */
    views: z.array(viewSchema).default([]),
  })
  .superRefine((file, context) => {
    for (const { path, message } of brokenLinks(file)) context.addIssue({ code: 'custom', path, message });
  });
export type Workroom = z.infer<typeof workroomSchema>;

/** A workroom file of this or any older version, brought up to this one. */
export const anyWorkroomSchema = z.preprocess(migrateWorkroom, workroomSchema);

/** The lists of a workroom whose entries have a key of their own. */
export const NOUNS = [
  'cloths',
  'machines',
  'swatches',
  'lines',
  'cards',
  'needles',
  'threads',
  'care',
  'photos',
  'runs',
  'jobs',
  'views',
] as const;
export type Noun = (typeof NOUNS)[number];

type Linked = Pick<Workroom, Noun | 'onMachine'>;

function brokenLinks(file: Linked): { path: (string | number)[]; message: string }[] {
  const ids = (noun: Noun) => new Set(file[noun].map((entry) => entry.id));
  const [cloths, machines, swatches] = [ids('cloths'), ids('machines'), ids('swatches')];
  const [needles, photos] = [ids('needles'), ids('photos')];
  const twice = NOUNS.flatMap((noun) => {
    const seen = new Set<string>();
    return file[noun].flatMap((entry, i) => {
      const again = seen.has(entry.id);
      seen.add(entry.id);
      return again ? [{ path: [noun, i, 'id'], message: `expected a key of its own, got "${entry.id}" again` }] : [];
    });
  });
  const points = (noun: string, i: number, field: string, known: Set<string>, id: string) =>
    known.has(id) ? [] : [{ path: [noun, i, field], message: `expected something in this file, got "${id}"` }];
  const maybe = (noun: string, i: number, field: string, known: Set<string>, id: string | null | undefined) =>
    id ? points(noun, i, field, known, id) : [];
  return [
    ...twice,
    ...file.cloths.flatMap((cloth, i) => maybe('cloths', i, 'photoId', photos, cloth.photoId)),
    ...file.cards.flatMap((card, i) => maybe('cards', i, 'photoId', photos, card.photoId)),
    ...file.care.flatMap((care, i) => points('care', i, 'machineId', machines, care.machineId)),
    ...file.onMachine.flatMap((on, i) => [
      ...points('onMachine', i, 'machineId', machines, on.machineId),
      ...maybe('onMachine', i, 'needleId', needles, on.needleId),
    ]),
    ...file.swatches.flatMap((s, i) => [
      ...points('swatches', i, 'clothId', cloths, s.clothId),
      ...points('swatches', i, 'machineId', machines, s.machineId),
    ]),
    ...file.lines.flatMap((line, i) => points('lines', i, 'swatchId', swatches, line.swatchId)),
  ];
}

/** A file that was read, or the first thing wrong with it. */
export type ReadWorkroom = { ok: true; workroom: Workroom } | { ok: false; error: FieldError };

/**
 * Reads a workroom file.
 *
 * @param text - the file's text
 * @returns the workroom, or the path of the first wrong field and what was expected there; never a part of it
 * @example
 * readWorkroom('{').ok // => false
 */
export function readWorkroom(text: string): ReadWorkroom {
  const kind = { format: WORKROOM_FORMAT, version: WORKROOM_VERSION, schema: workroomSchema, newest: migrateWorkroom };
  const read = readFile(text, kind);
  return read.ok ? { ok: true, workroom: read.value } : read;
}

/** What importing a file would do to each list. */
export type ImportPlan = Record<Noun, { added: number; changed: number; same: number }>;

/**
 * What importing a file would add and change, without doing it.
 *
 * @param now - what is in the workroom
 * @param file - what is in the file
 * @returns counts for each list
 */
export function planImport(now: Pick<Workroom, Noun>, file: Pick<Workroom, Noun>): ImportPlan {
  const plan = NOUNS.map((noun) => {
    const known = new Map<string, string>(now[noun].map((entry) => [entry.id, canonical(entry)]));
    const counts = { added: 0, changed: 0, same: 0 };
    for (const entry of file[noun]) {
      const before = known.get(entry.id);
      counts[before === undefined ? 'added' : before === canonical(entry) ? 'same' : 'changed'] += 1;
    }
    return [noun, counts] as const;
  });
  return Object.fromEntries(plan) as ImportPlan;
}

/**
 * A value as text in which the order of keys says nothing, to tell whether two entries are the same.
 *
 * @param value - anything JSON can hold
 * @returns JSON with sorted keys
 * @example
 * canonical({ b: 1, a: 2 }) // => '{"a":2,"b":1}'
 */
export function canonical(value: unknown): string {
  return JSON.stringify(value, (_, part: unknown) =>
    part && typeof part === 'object' && !Array.isArray(part)
      ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1)))
      : part,
  );
}
