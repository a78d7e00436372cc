import * as z from 'zod';
import { clashSchema } from '@/core/exchange';
import { stampSchema } from '@/core/file';
import { operationSchema, schoolsSchema, USUAL_SCHOOLS } from '@/core/setup';
import { ENGLISHES } from '@/core/units';
import { machineTargetSchema } from '@/core/workroom';
import { database } from './database';
import { edit, inEdit, writeRow } from './edits';

/** What this browser remembers between visits, each with its shape and what it is before it was set. */
export const PREFERENCES = {
  units: z.enum(['metric', 'inch']).catch('metric'),
  /** Which English the screen speaks; null: as the browser asks for. */
  english: z.enum(ENGLISHES).nullable().catch(null),
  /** Whether the workroom is the demo, the person's own, or has not been opened yet. */
  workroom: z.enum(['unopened', 'demo', 'own']).catch('unopened'),
  workroomName: z.string().min(1).max(120).catch('My workroom'),
  /** The question on the Match screen. */
  question: z
    .object({ clothId: z.string().nullable(), machineId: z.string().nullable(), operation: operationSchema })
    .catch({ clothId: null, machineId: null, operation: { kind: 'join' } }),
  /** CSS pixels to the mm on this screen, and the zoom at which that was matched with a card. */
  screen: z
    .object({ pxPerMm: z.number().min(1).max(40), ratio: z.number().min(0.1).max(20) })
    .nullable()
    .catch(null),
  /** Which schools the person follows where good practitioners differ. */
  schools: schoolsSchema.catch(USUAL_SCHOOLS),
  /** The sewing clock while it runs: since when, on which machine, what is sewn. */
  clock: z
    .object({
      machineId: z.string(),
      since: z.iso.datetime(),
      cloth: z.object({ id: z.string().optional(), name: z.string(), family: z.string() }),
    })
    .nullable()
    .catch(null),
  /** Whether the steps of an operation are read aloud. */
  spoken: z.boolean().catch(false),
  /** How fast they are read: 1 is the voice's own pace. */
  spokenRate: z.number().min(0.5).max(2).catch(1),
  /** Whether a foot switch or a clicker moves the steps, whatever has the focus. */
  footSwitch: z.boolean().catch(false),
  /** Whether a step is shown to be read from a metre away. */
  bigSteps: z.boolean().catch(false),
  /** Whether single letters, figures and the question mark are keys. */
  singleKeys: z.boolean().catch(true),
  /** What was gone to from the palette last, the latest first. */
  recent: z.array(z.string().max(120)).max(12).catch([]),
  /** The current project, marked on the tape. */
  jobId: z.string().nullable().catch(null),
  /** Minutes there usually are in a day for sewing. */
  todayMinutes: z.number().min(5).max(1440).catch(90),
  /** The newest stamp of every other device that has been heard of here. */
  knows: z.record(z.string().max(16), stampSchema).catch({}),
  /** Up to where each other device's files have been taken in. */
  heard: z.record(z.string().max(16), stampSchema).catch({}),
  /** Up to where the last file of changes went that was made here; null: none was. */
  told: stampSchema.nullable().catch(null),
  /** What two devices had both changed, until the person has read it. */
  clashes: z.array(clashSchema).max(500).catch([]),
  /** Where this person's Bobbet is on the web, https; empty: nowhere others could open. */
  bobbetAddress: z.union([z.literal(''), z.url({ protocol: /^https$/ }).max(200)]).catch(''),
  paper: z.enum(['a4', 'letter']).catch('a4'),
  /** Which simulated machine sews on a scrap. */
  standIn: z.number().int().min(1).max(99).catch(1),
  /** The setting the machine bar leads to, and what it is for. */
  target: machineTargetSchema.nullable().catch(null),
};
export type PreferenceKey = keyof typeof PREFERENCES;
export type PreferenceValue<K extends PreferenceKey> = z.output<(typeof PREFERENCES)[K]>;

/** Reads one preference; what is missing or damaged is its default. */
export async function readPreference<K extends PreferenceKey>(key: K): Promise<PreferenceValue<K>> {
  const stored = await database.preferences.get(key);
  return PREFERENCES[key].parse(stored?.value) as PreferenceValue<K>;
}

/** What of it can be undone, each with how the list of what was done says it. */
const UNDOABLE: Partial<Record<PreferenceKey, string>> = {
  question: 'Question changed',
  schools: 'Approach changed',
};

/** Stores one preference; what is about the work can be undone, and so can all that is changed within an edit. */
export async function writePreference<K extends PreferenceKey>(key: K, value: PreferenceValue<K>): Promise<void> {
  const text = UNDOABLE[key];
  if (text !== undefined || inEdit()) await edit(text ?? null, () => writeRow('preferences', key, { key, value }));
  else await database.preferences.put({ key, value });
}
