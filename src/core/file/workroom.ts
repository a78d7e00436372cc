import * as z from 'zod';
import { momentSchema, words } from '../result';
import { schoolsSchema } from '../setup';
import { canonical } from './canonical';
import { idOf, type LinkedList } from './links';
import { kitRecordSchema } from './records';
import { setAsideSchema } from './setAside';
import { brokenLinks, LISTS, RECORD, repeatedIds } from './sortOut';
import { deletedSchema, stampedSchema } from './stamps';

/** Name and version written into every exported file. */
export const WORKROOM_FORMAT = 'bobbet-workroom';
export const WORKROOM_VERSION = 3;

/** Everything in a workroom, in one file. */
export const workroomSchema = z
  .strictObject({
    format: z.literal(WORKROOM_FORMAT, { error: `expected "${WORKROOM_FORMAT}"` }),
    version: z.literal(WORKROOM_VERSION, { error: `expected ${WORKROOM_VERSION}` }),
    name: words('a name', 120),
    exportedAt: momentSchema,
    cloths: z.array(RECORD.cloths),
    machines: z.array(RECORD.machines),
    kit: kitRecordSchema,
    /** Files from before there were schools follow the usual ones. */
    schools: schoolsSchema.prefault({}),
    onMachine: z.array(RECORD.onMachine),
    swatches: z.array(RECORD.swatches),
    lines: z.array(RECORD.lines),
    cards: z.array(RECORD.cards),
    needles: z.array(RECORD.needles),
    threads: z.array(RECORD.threads),
    care: z.array(RECORD.care),
    photos: z.array(RECORD.photos),
    /** Operations sewn or being sewn; older files have none. */
    runs: z.array(RECORD.runs).default([]),
    /** Things being made; files from before there were any have none. */
    jobs: z.array(RECORD.jobs).default([]),
    /** Filters of the ledger with a name. */
    views: z.array(RECORD.views).default([]),
    /** What could not be used when the file was written, carried along as it was found. */
    setAside: z.array(setAsideSchema).optional(),
    /** When each record and each of its fields was written, and on which device. */
    stamps: z.array(stampedSchema).default([]),
    /** Records that were deleted. */
    deleted: z.array(deletedSchema).default([]),
  })
  .superRefine((file, context) => {
    const wrong = [...repeatedIds(file), ...brokenLinks(file)];
    for (const { path, message } of wrong) context.addIssue({ code: 'custom', path, message });
  });
export type Workroom = z.infer<typeof workroomSchema>;

/** What importing a file would do to one list. */
export interface ListPlan {
  added: number;
  changed: number;
  same: number;
}

/** What importing a file would do to each list, what is on the machines and the kit among them. */
export type ImportPlan = Record<LinkedList | 'kit', ListPlan>;

type Compared = Pick<Workroom, LinkedList | 'kit'>;

/**
 * What importing a file would add and change, without doing it.
 *
 * @param now - what is in the workroom
 * @param file - what is in the file
 * @returns counts for each list; the kit is one thing that is changed or the same
 */
export function planImport(now: Compared, file: Compared): ImportPlan {
  const plan = LISTS.map((list) => {
    const known = new Map<string, string>(now[list].map((entry) => [idOf(list, entry), canonical(entry)]));
    const counts: ListPlan = { added: 0, changed: 0, same: 0 };
    for (const entry of file[list]) {
      const before = known.get(idOf(list, entry));
      counts[before === undefined ? 'added' : before === canonical(entry) ? 'same' : 'changed'] += 1;
    }
    return [list, counts] as const;
  });
  const sameKit = canonical(now.kit) === canonical(file.kit);
  const kit: ListPlan = { added: 0, changed: sameKit ? 0 : 1, same: sameKit ? 1 : 0 };
  return { ...Object.fromEntries(plan), kit } as ImportPlan;
}
