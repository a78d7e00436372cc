import { MAIN_ROW, procedureOf, type RowSetups, rowsOfProcedure, sewnByMachine } from '../procedure';
import { OPERATION, operationTitle, type OperationKind, type Setup } from '../setup';
import type { Job, JobSeam } from './job';
import { needsOf } from './needs';
import type { ScheduleInput, Task } from './order';
import type { SeamWork } from './seamWork';
import { usualOrder } from './suggest';

/**
 * Whether a seam is proven on scrap; `stitch`: its stitch is, in another operation; `hand`: no machine sews it; `free`: it holds nothing in wear and is not seen, so
 * that nobody tries it first.
 */
export type Proof = 'proven' | 'stitch' | 'stale' | 'none' | 'hand' | 'free';

/**
 * How a seam's setting stands before any card is looked for.
 *
 * @param procedureId - its operation
 * @returns `hand` or `free` where there is nothing to prove, else `none`
 */
export function proofNeeded(procedureId: string): 'hand' | 'free' | 'none' {
  if (!isMachined(procedureId)) return 'hand';
  return OPERATION[kindOf(procedureId)].noScrap ? 'free' : 'none';
}

/** A seam of a job with what is known of it today. */
export interface SeamNow {
  seam: JobSeam;
  /** Of the card that proves it, or by Match; null while it is not known, or no machine sews it. */
  setup: Setup | null;
  /** The same for each of its rows. */
  setups: RowSetups | null;
  work: SeamWork;
  proof: Proof;
  /** The card, where one says something. */
  cardId: string | null;
  /** A scrap that was begun for it. */
  scrapId: string | null;
  state: 'to do' | 'begun' | 'done';
  /** Its run, begun or done. */
  runId: string | null;
}

/** One thing to do at the machine: a seam, or a scrap that has to be proven before some seams. */
export type WorkItem =
  | { kind: 'seam'; id: string; name: string; now: SeamNow }
  | { kind: 'scrap'; id: string; name: string; now: SeamNow; forSeams: string[] };

/**
 * The setting of one row of a seam.
 *
 * @param now - the seam
 * @param row - which; left out for the one that is sewn first
 * @returns the setting; null while it is not known
 */
export const setupOfRow = ({ setup, setups, work }: SeamNow, row = work.runs[0]?.row ?? MAIN_ROW): Setup | null =>
  setups?.[row] ?? setup;

/**
 * What a row of a seam is called.
 *
 * @param now - the seam
 * @param row - which
 */
export function rowName({ seam }: Pick<SeamNow, 'seam'>, row: string): string {
  const procedure = procedureOf(seam.procedureId);
  return procedure ? rowsOfProcedure(procedure)[row].name : row;
}

/** Cutting a scrap, sewing two lines on it and looking at them, minutes (common practice). */
export const SCRAP_MIN = 12;

const SCRAP = 'scrap:';

/** What is proven together: one cloth or pair, one operation. */
const proofKey = ({ clothId, secondClothId, procedureId }: JobSeam) =>
  [clothId, secondClothId, kindOf(procedureId)].join('\n');

/**
 * What is matched and proven for a seam.
 *
 * @param procedureId - its operation
 * @returns the kind; a plain seam for an operation nobody knows
 */
export const kindOf = (procedureId: string): OperationKind => procedureOf(procedureId)?.kind ?? 'join';

/**
 * Which fabric meets the first one in the main row of a seam: that of the band where one is sewn on.
 *
 * @param seam - the seam
 * @returns its id; null where there is only one fabric
 */
export const otherClothId = ({
  procedureId,
  secondClothId,
  bandClothId,
}: Pick<JobSeam, 'procedureId' | 'secondClothId' | 'bandClothId'>): string | null =>
  kindOf(procedureId) === 'band' ? (bandClothId ?? secondClothId) : secondClothId;

/**
 * Whether a machine sews a seam at all.
 *
 * @param procedureId - its operation
 */
export const isMachined = (procedureId: string): boolean => {
  const procedure = procedureOf(procedureId);
  return procedure ? sewnByMachine(procedure) : true;
};

/**
 * What is left to do in a job: its seams that are not sewn, and a scrap before those whose setting is not proven.
 *
 * @param job - the job
 * @param seams - its seams as they stand today
 * @returns in the usual order of construction, each scrap just before the first seam it is for
 */
export function workLeft(job: Job, seams: readonly SeamNow[]): WorkItem[] {
  const byId = new Map(seams.map((now) => [now.seam.id, now]));
  const left = usualOrder(job).flatMap(({ id }) => {
    const now = byId.get(id);
    return now && now.state !== 'done' ? [now] : [];
  });
  const made = new Set<string>();
  return left.flatMap((now): WorkItem[] => {
    const item: WorkItem = { kind: 'seam', id: now.seam.id, name: now.seam.name, now };
    const key = proofKey(now.seam);
    if (!wantsProof(now) || made.has(key)) return [item];
    made.add(key);
    const forSeams = left.filter((n) => wantsProof(n) && proofKey(n.seam) === key).map((n) => n.seam.id);
    // Its key comes from the first seam of the job it is for, so that it stays the same while others are sewn.
    const first = job.seams.find((s) => proofKey(s) === key)!;
    return [
      {
        kind: 'scrap',
        id: SCRAP + first.id,
        name: `Test: ${operationTitle(kindOf(now.seam.procedureId))}`,
        now,
        forSeams,
      },
      item,
    ];
  });
}

const wantsProof = ({ proof, seam, state }: SeamNow) =>
  state === 'to do' && seam.clothId !== null && (proof === 'none' || proof === 'stale');

/**
 * The colours of a seam.
 *
 * @param job - its colour counts where the seam says nothing
 * @param seam - the seam
 */
export function coloursOf(job: Pick<Job, 'colour'>, seam: Pick<JobSeam, 'needleColour' | 'bobbinColour'>) {
  const needle = seam.needleColour || job.colour;
  return { needle, bobbin: seam.bobbinColour || needle };
}

/**
 * The question of the order of work: what is left, what each wants on the machine, what must come before what.
 *
 * @param job - the job
 * @param items - of `workLeft`
 * @param on - what is on the machine now; null when nothing is known
 * @param pace - the person's factor on estimated minutes
 * @returns what `schedule` takes
 */
export function orderQuestion(job: Job, items: readonly WorkItem[], on: Setup | null, pace: number): ScheduleInput {
  const left = new Set(items.map(({ id }) => id));
  const tasks = items.map((item): Task => {
    const { seam, setup, work } = item.now;
    const needsAs = (as: Setup | null) => needsOf(as, coloursOf(job, seam));
    if (item.kind === 'scrap')
      return { id: item.id, needs: needsAs(setup), rows: [], after: [], press: false, minutes: SCRAP_MIN };
    // Where its answers do not go together nothing is known of its rows: then it is sewn like its main one.
    const sewn = work.runs.length > 0 ? work.runs.map(({ row }) => setupOfRow(item.now, row)) : [setup];
    const [needs, ...rows] = sewn.map(needsAs);
    const scraps = items.flatMap((s) => (s.kind === 'scrap' && s.forSeams.includes(item.id) ? [s.id] : []));
    const before = seam.after.map(({ seamId }) => seamId).filter((id) => left.has(id));
    const minutes = Math.min(6000, (work.needleMin + work.handlingMin) * pace);
    return { id: item.id, needs, rows, after: [...before, ...scraps], press: work.presses, minutes };
  });
  // The colour on the machine is not known: the thread is left out, so that putting it on counts.
  const now = needsOf(on, { needle: '', bobbin: '' });
  delete now.thread;
  delete now.bobbin;
  return { tasks, now, costs: job.costs };
}

/**
 * The work that is left in the order the job keeps; what it does not name goes where the usual order has it.
 *
 * @param items - of `workLeft`
 * @param order - keys
 * @returns all of the items
 */
export function inOrder(items: readonly WorkItem[], order: readonly string[]): WorkItem[] {
  const place = new Map(order.map((id, i) => [id, i]));
  const known = items.filter(({ id }) => place.has(id)).sort((a, b) => place.get(a.id)! - place.get(b.id)!);
  items.forEach((item, i) => {
    if (place.has(item.id)) return;
    const before = items.slice(0, i).map(({ id }) => id);
    const last = known.findLastIndex(({ id }) => before.includes(id));
    known.splice(last + 1, 0, item);
  });
  return known;
}
