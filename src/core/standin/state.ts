import { clamp } from '../numbers';
import { isTwin, type NeedlePoint, threadDiameterMm } from '../kit';
import type { Setup } from '../setup';
import { stitchFacts } from '../stitch';
import type { UnderFoot } from './cloth';
import type { Trouble } from './faults';
import { HOLD, ON_KNITS, ON_OTHERS } from './parts';
import type { Quirks } from './quirks';

/** How a machine really works on this cloth: what its dials do not say. */
export interface State {
  /** True feed for each stitch, mm. */
  advanceMm: number;
  /** How hard the foot presses, 0 … 1. */
  press: number;
  /** How far it floats, for want of pressure. */
  floats: number;
  /** How much the sole holds the upper layer back: 1 is a plain metal sole. */
  hold: number;
  /** Pull of the needle thread and of the bobbin thread, steps from normal. */
  upper: number;
  lower: number;
  /** Steps by which the needle thread wins (above 0) or loses. */
  balance: number;
  /** How far the bobbin's pull jumps from stitch to stitch, steps. */
  jumps: number;
  /** Nm of what is really in. */
  nm: number;
  /** How easily a loop is missed: 0.26 is plain to see. */
  skips: number;
  /** How hard the point is on yarns: 0.42 is plain to see. */
  punch: number;
  /** Load on the needle, 1 being what it is made for. */
  load: number;
  /** Diameter of the thread that is really on the pin, mm, and how much of the eye it fills. */
  threadMm: number;
  fill: number;
  /** How much slot there is to be drawn into: 1 is a standard plate. */
  slot: number;
  /** Holes along the line as a share of it, for cloth in which they stay. */
  stamp: number;
  /** How much more than others the machine lets the upper layer creep. */
  creep: number;
  trouble: Trouble;
}

const EYE_OF_BLADE = 0.4;
/** How far a needle that is off in size may go, Nm. */
const SIZES = [60, 130] as const;

/**
 * How the machine really works now.
 *
 * @param setup - what was asked for
 * @param under - what lies under the foot
 * @param quirks - of the machine on this cloth
 * @param trouble - what is wrong with it
 * @returns what happens under the foot
 */
export function stateOf(setup: Setup, under: UnderFoot, quirks: Quirks, trouble: Trouble): State {
  const nm = clamp(setup.needle.nm + 10 * trouble.needleSize, ...SIZES);
  const threadMm = threadDiameterMm(setup.thread) * (1 + 0.55 * trouble.threadThick);
  const raw = setup.pressure + quirks.pressure + trouble.pressure;
  const { upper, lower } = pulls(setup, quirks, trouble);
  const floats = Math.max(0, -raw - 0.1);
  const load =
    (under.resistance * (1 + 2.5 * trouble.hump)) / (nm / 90) ** 3 / (setup.needle.point === 'leather' ? 1.5 : 1);
  const advanceMm = advanceOf(setup, quirks, trouble, floats);
  const part = {
    nm,
    threadMm,
    fill: threadMm / (EYE_OF_BLADE * (nm / 100) * (setup.needle.point === 'topstitch' ? Math.SQRT2 : 1)),
    advanceMm,
    press: clamp(raw, 0, 1),
    floats,
    load,
  };
  return {
    ...part,
    hold: (HOLD[setup.foot] ?? 1) + 1.1 * trouble.soleSticks,
    upper,
    lower,
    balance: upper - lower - wanted(under),
    jumps: 3.2 * trouble.bobbinSoft,
    skips: skipsOf(setup, under, trouble, part),
    punch: punchOf(setup.needle.point, under, trouble, nm),
    slot: (setup.plate === 'straight' ? 0.15 : 1) * (1 + 1.3 * trouble.slotWide),
    stamp: under.skin ? (nm / 100) * (stitchFacts(setup.stitch).holesPerLength / Math.max(0.2, advanceMm)) : 0,
    creep: quirks.creep,
    trouble,
  };
}

function advanceOf(setup: Setup, quirks: Quirks, trouble: Trouble, floats: number): number {
  const dial = setup.lengthMm * quirks.lengthFactor * (1 + trouble.dialOff) * (1 - trouble.lengthZero);
  const drive = (1 - trouble.feedLowered) * (1 - 0.15 * trouble.lint) * (1 - 0.35 * trouble.soleSticks);
  return Math.max(0, dial * drive * (1 - clamp(0.9 * floats, 0, 0.8)));
}

function pulls(setup: Setup, quirks: Quirks, trouble: Trouble): { upper: number; lower: number } {
  return {
    upper:
      setup.tensionSteps + quirks.tensionSteps + trouble.tension + 1.4 * trouble.threadThick - 7 * trouble.leverMissed,
    lower: trouble.bobbinScrew - 3.2 * trouble.bobbinTurned,
  };
}

/** The step at which both threads meet in the middle: thick layers hold the needle thread, sheer ones let it through. */
const wanted = ({ totalMm, grips, light }: UnderFoot): number =>
  grips * clamp(0.7 * (totalMm - 0.9), 0, 1.2) - 0.4 * light;

function skipsOf(
  { needle, widthMm, foot }: Setup,
  under: UnderFoot,
  trouble: Trouble,
  { nm, fill, floats, load }: Pick<State, 'nm' | 'fill' | 'floats' | 'load'>,
): number {
  const stretchPoint = needle.point === 'stretch' || needle.point === 'twin-stretch';
  const point = under.knit ? (ON_KNITS[needle.point] ?? 0.5) : (ON_OTHERS[needle.point] ?? 0.02);
  const springs = stretchPoint && trouble.needleKind === 0 ? 0 : under.springs;
  const swings = Math.min(1, widthMm / 5);
  const lifts = (foot === 'straight' ? 0.3 : 1) * floats;
  return (
    point * (under.knit ? 1 : 0.8) +
    springs +
    (under.knit ? 0.55 : 0.34) * trouble.needleKind +
    0.55 * trouble.needleWear ** 1.5 +
    0.45 * trouble.needleBend +
    0.85 * trouble.needleTurned +
    0.65 * trouble.threadFuzz ** 1.5 +
    (0.5 + 0.2 * swings) * trouble.hookTiming +
    0.22 * trouble.pulled +
    1.2 * lifts +
    0.5 * Math.max(0, fill - 0.9) +
    0.25 * Math.max(0, load - 1.6) +
    0.4 * trouble.metal +
    // A hook that is set for ordinary needles passes a much thicker or finer one too far off.
    0.04 * Math.max(0, Math.abs(nm - 90) / 10 - 3)
  );
}

/** What the needle does to the yarns: by its size against what the cloth wants, by its wear, by a burr or a bend. */
function punchOf(point: NeedlePoint, under: UnderFoot, trouble: Trouble, nm: number): number {
  const takes = 58 + Math.min(50, under.massGsm * 0.115);
  const over = Math.max(0, (nm - takes) / 10);
  const cuts = under.knit && ['sharp', 'jeans', 'leather', 'topstitch'].includes(point) ? 0.25 : 0;
  return (
    0.24 * over +
    cuts +
    (under.knit ? 0.3 : 0.1) * trouble.needleKind +
    0.6 * trouble.needleWear ** 1.5 +
    0.35 * trouble.needleBend +
    0.3 * trouble.metal
  );
}

/** Two needles, or none of a pair. */
export const gapOf = ({ needle }: Setup): number => (isTwin(needle.point) ? (needle.gapMm ?? 2) : 0);
