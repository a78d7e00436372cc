import { atLeast, atMost, isAbove, TOLERANCE } from '../numbers';

/** One seam on its way through a bobbin: thread it takes, the colour and kind that stands in the bobbin case. */
export interface BobbinUse {
  id: string;
  /** What is wound: thread and colour as one text. */
  thread: string;
  bobbinMm: number;
  /** It is meant to be seen: the bobbin should not end in it. */
  shows: boolean;
  /** How much one full bobbin holds of this thread, mm, above 0. */
  capacityMm: number;
}

/** One bobbin: before which seam it is put in, and how it ends. */
export interface Bobbin {
  thread: string;
  /** The seam before, or in, which it is put in. */
  from: string;
  /** It runs out in this seam, after this share of its thread; null when it lasts to the end. */
  runsOut: { seamId: string; share: number } | null;
  /** It is taken out half full, so that what comes next is sewn in one go. */
  setAsideMm: number;
  /** The seams for which it is put in again, to use that up. */
  usedUpIn: string[];
}

/** Bobbins of one thread. */
export interface BobbinPlan {
  thread: string;
  totalMm: number;
  bobbins: Bobbin[];
}

/** A wound bobbin is planned on nine tenths: the last turns are uneven and slip (common practice). */
const PLANNED_SHARE = 0.9;

/**
 * How many bobbins a job takes, and where each runs out.
 *
 * Where one would run out in a seam that shows, and the seam fits on a full one, a full one is put in before it; the rest
 * of the old one is used up in the next seam that does not show, where the one that is in would not last and the rest does.
 *
 * @param seams - in the order they are sewn
 * @returns one plan for each thread, in order of first use; nothing for seams without bobbin thread
 * @throws when a capacity is not above 0
 */
export function bobbinPlans(seams: readonly BobbinUse[]): BobbinPlan[] {
  const plans = new Map<string, Winding>();
  for (const seam of seams) {
    if (!(seam.capacityMm > 0)) throw new Error(`bobbinPlans: expected a capacity above 0, got ${seam.capacityMm}`);
    if (seam.bobbinMm <= 0) continue;
    const { thread } = seam;
    const at: Winding = plans.get(thread) ?? { plan: { thread, totalMm: 0, bobbins: [] }, left: 0, rests: [] };
    plans.set(thread, at);
    at.plan.totalMm += seam.bobbinMm;
    wind(at, seam);
  }
  return [...plans.values()].map(({ plan }) => plan);
}

/** The bobbins of one thread so far: how much is on the one that is in, and what was set aside. */
interface Winding {
  plan: BobbinPlan;
  left: number;
  rests: { bobbin: Bobbin; mm: number }[];
}

function wind(at: Winding, seam: BobbinUse): void {
  const full = seam.capacityMm * PLANNED_SHARE;
  const { bobbins } = at.plan;
  const put = (from: string) => {
    bobbins.push({ thread: seam.thread, from, runsOut: null, setAsideMm: 0, usedUpIn: [] });
    at.left = full;
  };
  if (bobbins.length === 0) put(seam.id);
  if (atMost(seam.bobbinMm, at.left)) {
    at.left -= seam.bobbinMm;
    return;
  }
  // A rest that was set aside is used up where nobody sees a join, as long as it is enough.
  const rest = seam.shows ? undefined : at.rests.find(({ mm }) => atLeast(mm, seam.bobbinMm));
  if (rest) {
    rest.mm -= seam.bobbinMm;
    rest.bobbin.usedUpIn.push(seam.id);
    return;
  }
  if (seam.shows && atMost(seam.bobbinMm, full)) {
    const old = bobbins[bobbins.length - 1];
    old.setAsideMm = at.left;
    if (at.left > TOLERANCE) at.rests.push({ bobbin: old, mm: at.left });
    put(seam.id);
    at.left -= seam.bobbinMm;
    return;
  }
  let sewn = 0;
  while (isAbove(seam.bobbinMm - sewn, at.left)) {
    sewn += at.left;
    bobbins[bobbins.length - 1].runsOut = { seamId: seam.id, share: sewn / seam.bobbinMm };
    put(seam.id);
  }
  at.left -= seam.bobbinMm - sewn;
}
