import { MAIN_ROW, procedureOf, rowsOfProcedure } from '../procedure';
import { OPERATION } from '../setup';
import { mm } from '../units';
import { stepsToReach } from '../numbers';
import {
  bobbinMetres,
  type Machine,
  type Needle,
  needleName,
  sameNeedle,
  type Thread,
  threadName,
  wornHours,
  metresLeft,
  needleHours,
} from '../kit';
import { type BobbinPlan, bobbinPlans } from './bobbins';
import type { Job } from './job';
import { coloursOf, type SeamNow } from './plan';

/** What is owned, as far as a budget asks. */
export interface Owned {
  threads: readonly { thread: Thread; colourName: string; metres: readonly { by: number }[] }[];
  needles: readonly { needle: Needle; sewn: readonly { by: number }[]; spent: unknown }[];
  /** Hours a needle is kept; null where hours do not decide. */
  lifeHours: number | null;
}

/** Thread of one kind and colour. Lengths in mm. */
export interface ThreadNeed {
  thread: Thread;
  colour: string;
  needleMm: number;
  bobbinMm: number;
  handMm: number;
  /** Kept for what has to be unpicked and sewn again. */
  unpickMm: number;
  totalMm: number;
  /** On spools of this kind and colour; null when one of them has no length noted. */
  ownedMm: number | null;
  buyMm: number;
}

/** Needles of one kind. */
export interface NeedleNeed {
  needle: Needle;
  name: string;
  hours: number;
  /** Hours left in needles of this kind that are owned; null where hours do not decide. */
  ownedHours: number | null;
  buy: number;
}

/** One line of what else has to be there. */
export interface NotionNeedLine {
  /** What it is kept by. */
  name: string;
  /** As it is shown, its size marked for `withLengths`. */
  label: string;
  unit: 'mm' | 'count';
  needed: number;
  owned: number;
  /** What is missing, of what is counted in whole ones. */
  buy: number;
}

/** Everything a job takes. */
export interface Budget {
  threads: ThreadNeed[];
  bobbins: BobbinPlan[];
  needles: NeedleNeed[];
  notions: NotionNeedLine[];
}

/** One tenth more, for what is unpicked (common practice). */
const UNPICK_SHARE = 0.1;

/**
 * What a job takes of thread, bobbins, needles and notions, and what of it has to be got.
 *
 * @param job - the job
 * @param seams - the seams to be counted, in the order they are sewn
 * @param machine - whose bobbins are wound; the most common bobbin without one
 * @param owned - what is in the workroom
 * @param familyOf - the family of a seam's cloth, which says how fast it wears a needle
 * @returns amounts; seams whose setting is not known yet count as nothing but their notions
 */
export function budgetOf(
  job: Pick<Job, 'colour' | 'notions'>,
  seams: readonly SeamNow[],
  machine: Machine | null,
  owned: Owned,
  familyOf: (seam: SeamNow) => string,
): Budget {
  return {
    threads: threadsOf(job, seams, owned),
    bobbins: bobbinPlans(
      seams.flatMap((now) =>
        rowsOf(now).map(({ setup, bobbinMm, shows }) => {
          const thread = setup.bobbin ?? setup.thread;
          const { bobbin } = coloursOf(job, now.seam);
          const capacityMm = bobbinMetres(machine ?? {}, thread).metres * 1000;
          return { id: now.seam.id, thread: named(thread, bobbin), bobbinMm, shows, capacityMm };
        }),
      ),
    ),
    needles: needlesOf(seams, owned, familyOf),
    notions: notionsOf(job, seams),
  };
}

/** The rows of a seam with what each is sewn with; none while nothing is known. */
function rowsOf({ seam, setups, work }: SeamNow) {
  const facts = procedureOf(seam.procedureId);
  const kinds = facts && rowsOfProcedure(facts);
  return work.rows.flatMap(({ row, ...takes }) => {
    const setup = setups?.[row] ?? setups?.[MAIN_ROW];
    const shows = kinds ? OPERATION[kinds[row].kind].shows === true : work.shows;
    return setup ? [{ setup, shows, ...takes }] : [];
  });
}

const named = (thread: Thread, colour: string) => (colour ? `${threadName(thread)}, ${colour}` : threadName(thread));

function threadsOf(job: Pick<Job, 'colour'>, seams: readonly SeamNow[], { threads }: Owned): ThreadNeed[] {
  const needs = new Map<string, ThreadNeed>();
  const at = (thread: Thread, colour: string) => {
    const key = named(thread, colour);
    const empty = {
      thread,
      colour,
      needleMm: 0,
      bobbinMm: 0,
      handMm: 0,
      unpickMm: 0,
      totalMm: 0,
      ownedMm: 0,
      buyMm: 0,
    };
    if (!needs.has(key)) needs.set(key, empty);
    return needs.get(key)!;
  };
  for (const now of seams) {
    const colours = coloursOf(job, now.seam);
    for (const { setup, needleMm, bobbinMm } of rowsOf(now)) {
      at(setup.thread, colours.needle).needleMm += needleMm;
      at(setup.bobbin ?? setup.thread, colours.bobbin).bobbinMm += bobbinMm;
    }
    if (now.setup) at(now.setup.thread, colours.needle).handMm += now.work.handMm;
  }
  return [...needs.values()].map((need) => {
    const sewn = need.needleMm + need.bobbinMm + need.handMm;
    const spools = threads.filter(
      (t) => sameColour(t.colourName, need.colour) && threadName(t.thread) === threadName(need.thread),
    );
    const left = spools.map(metresLeft);
    const knownMm = left.reduce<number>((total, m) => total + (m ?? 0) * 1000, 0);
    const totalMm = sewn * (1 + UNPICK_SHARE);
    // A spool of unknown length only matters where the known ones are not enough.
    const ownedMm = knownMm < totalMm && left.includes(undefined) ? null : knownMm;
    return {
      ...need,
      unpickMm: sewn * UNPICK_SHARE,
      totalMm,
      ownedMm,
      buyMm: Math.max(0, totalMm - (ownedMm ?? totalMm)),
    };
  });
}

const sameColour = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

function needlesOf(seams: readonly SeamNow[], { needles, lifeHours }: Owned, familyOf: (seam: SeamNow) => string) {
  const needs: NeedleNeed[] = [];
  const rows = seams.flatMap((now) => rowsOf(now).map((row) => ({ now, ...row })));
  for (const { now, setup, needleMin } of rows) {
    if (needleMin === 0) continue;
    const { needle } = setup;
    let need = needs.find((n) => sameNeedle(n.needle, needle));
    if (!need) needs.push((need = { needle, name: needleName(needle), hours: 0, ownedHours: 0, buy: 0 }));
    need.hours += wornHours(needleMin, familyOf(now));
  }
  return needs.map((need): NeedleNeed => {
    const fit = needles.filter((n) => n.spent === null && sameNeedle(n.needle, need.needle));
    if (lifeHours === null) return { ...need, ownedHours: null, buy: fit.length > 0 ? 0 : 1 };
    const ownedHours = fit.reduce((sum, n) => sum + Math.max(0, lifeHours - needleHours(n)), 0);
    return { ...need, ownedHours, buy: Math.max(0, stepsToReach((need.hours - ownedHours) / lifeHours)) };
  });
}

function notionsOf({ notions }: Pick<Job, 'notions'>, seams: readonly SeamNow[]): NotionNeedLine[] {
  const lines = new Map<string, NotionNeedLine>();
  for (const { work } of seams) {
    for (const { name, unit, amount, lengthMm } of work.notions) {
      const key = lengthMm === undefined ? name : `${name}, ${Math.round(lengthMm)} mm`;
      const label = lengthMm === undefined ? name : `${name}, ${mm(lengthMm)}`;
      const line = lines.get(key) ?? { name: key, label, unit, needed: 0, owned: 0, buy: 0 };
      lines.set(key, { ...line, needed: line.needed + amount });
    }
  }
  for (const { name, unit, needed, owned } of notions) {
    const line = lines.get(name) ?? { name, label: name, unit, needed: 0, owned: 0, buy: 0 };
    lines.set(name, { ...line, needed: line.needed + needed, owned: line.owned + owned });
  }
  return [...lines.values()].map((line) => {
    const missing = Math.max(0, line.needed - line.owned);
    return { ...line, buy: line.unit === 'count' ? stepsToReach(missing) : missing };
  });
}
