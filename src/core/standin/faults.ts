import { idsOf, type Origin, tableOf } from '../result';
import { seeded } from '../random';
import { type OwnQuirks, quirksOf } from './quirks';

/** What may be wrong with a machine and how it is used: each 0 (not at all) … 1 (as bad as it gets) unless it says so. As new. */
export const NO_TROUBLE = {
  needleWear: 0,
  needleBend: 0,
  needleTurned: 0,
  /** What is in is a needle of the wrong kind for the cloth, whatever was asked for. */
  needleKind: 0,
  /** What is in is thicker (above 0) or thinner than was asked for, in needle sizes of 10. */
  needleSize: 0,
  threadFuzz: 0,
  /** What is on the pin is thicker than was asked for. */
  threadThick: 0,
  threadOld: 0,
  leverMissed: 0,
  leverDown: 0,
  tailsLoose: 0,
  bobbinSoft: 0,
  bobbinTurned: 0,
  /** Steps the screw of the bobbin case is off, above 0 tighter. */
  bobbinScrew: 0,
  /** Steps the needle tension is off. */
  tension: 0,
  pressure: 0,
  lint: 0,
  feedLowered: 0,
  lengthZero: 0,
  /** True mm for each mm on the dial, less 1. */
  dialOff: 0,
  soleSticks: 0,
  pulled: 0,
  begunAtEdge: 0,
  slotWide: 0,
  hookTiming: 0,
  hump: 0,
  metal: 0,
  sameEnd: 0,
  unequalCloths: 0,
  hotIron: 0,
};
export type Trouble = Record<keyof typeof NO_TROUBLE, number>;

/** A fault: which trouble it is, and how much of it there is at its worst. */
interface FaultRow {
  text: string;
  trouble: keyof Trouble;
  most: number;
}

const WORLD: Origin = {
  provenance: 'model',
  source: 'That this fault exists: common practice; how strongly it acts in the simulated machine: set by us.',
};

/** Faults that can be hidden in a simulated machine or in how it is used, by their ids. */
// prettier-ignore
export const FAULT = tableOf<FaultRow>()({
  'blunt-needle': { ...WORLD, text: 'The needle is blunt', trouble: 'needleWear', most: 1 },
  'bent-needle': { ...WORLD, text: 'The needle is bent', trouble: 'needleBend', most: 1 },
  'needle-turned': { ...WORLD, text: 'The needle is in the wrong way round', trouble: 'needleTurned', most: 1 },
  'needle-of-another-kind': { ...WORLD, text: 'The needle is of the wrong kind', trouble: 'needleKind', most: 1 },
  'needle-too-thick': { ...WORLD, text: 'The needle is too thick', trouble: 'needleSize', most: 3.5 },
  'needle-too-fine': { ...WORLD, text: 'The needle is too fine', trouble: 'needleSize', most: -3.5 },
  'poor-thread': { ...WORLD, text: 'The thread is cheap and fuzzy', trouble: 'threadFuzz', most: 1 },
  'thick-thread': { ...WORLD, text: 'The thread is too thick', trouble: 'threadThick', most: 1 },
  'old-thread': { ...WORLD, text: 'The thread is old and weak', trouble: 'threadOld', most: 1 },
  'lever-missed': { ...WORLD, text: 'The thread is not in the take-up lever', trouble: 'leverMissed', most: 1 },
  'lever-down': { ...WORLD, text: 'Started with the take-up lever down', trouble: 'leverDown', most: 1 },
  'tails-loose': { ...WORLD, text: 'The thread tails were not held', trouble: 'tailsLoose', most: 1 },
  'bobbin-wound-loose': { ...WORLD, text: 'The bobbin is wound loosely', trouble: 'bobbinSoft', most: 1 },
  'bobbin-wrong-way': { ...WORLD, text: 'The bobbin is in the wrong way round', trouble: 'bobbinTurned', most: 1 },
  'bobbin-screw-tight': { ...WORLD, text: 'The screw of the bobbin case is too tight', trouble: 'bobbinScrew', most: 3.5 },
  'bobbin-screw-loose': { ...WORLD, text: 'The screw of the bobbin case is too loose', trouble: 'bobbinScrew', most: -3.5 },
  'tension-high': { ...WORLD, text: 'The needle tension is higher than its dial says', trouble: 'tension', most: 3.5 },
  'tension-low': { ...WORLD, text: 'The needle tension is lower than its dial says', trouble: 'tension', most: -3.5 },
  'pressure-high': { ...WORLD, text: 'The foot presses harder than its dial says', trouble: 'pressure', most: 0.6 },
  'pressure-low': { ...WORLD, text: 'The foot presses lighter than its dial says', trouble: 'pressure', most: -1.2 },
  lint: { ...WORLD, text: 'Lint is packed into the feed', trouble: 'lint', most: 1 },
  'feed-lowered': { ...WORLD, text: 'The feed is lowered', trouble: 'feedLowered', most: 1 },
  'length-zero': { ...WORLD, text: 'The stitch length has slipped towards nothing', trouble: 'lengthZero', most: 1 },
  'dial-short': { ...WORLD, text: 'Stitches come out shorter than the dial says', trouble: 'dialOff', most: -0.55 },
  'dial-long': { ...WORLD, text: 'Stitches come out longer than the dial says', trouble: 'dialOff', most: 0.7 },
  'sole-sticks': { ...WORLD, text: 'The sole of the foot sticks', trouble: 'soleSticks', most: 1 },
  pulled: { ...WORLD, text: 'The fabric was pulled while sewing', trouble: 'pulled', most: 1 },
  'begun-at-edge': { ...WORLD, text: 'Started at the very edge', trouble: 'begunAtEdge', most: 1 },
  'wide-slot': { ...WORLD, text: 'The hole of the plate is worn wide', trouble: 'slotWide', most: 1 },
  'hook-timing': { ...WORLD, text: 'The hook reaches the needle too late', trouble: 'hookTiming', most: 1 },
  hump: { ...WORLD, text: 'A bulky seam crosses the row', trouble: 'hump', most: 1 },
  metal: { ...WORLD, text: 'Metal is under the needle', trouble: 'metal', most: 1 },
  'same-end': { ...WORLD, text: 'Every strip was sewn from the same end', trouble: 'sameEnd', most: 1 },
  'unequal-cloths': { ...WORLD, text: 'The bottom layer stretches more than the top one', trouble: 'unequalCloths', most: 1 },
  'hot-iron': { ...WORLD, text: 'The iron was too hot', trouble: 'hotIron', most: 1 },
});
export type HiddenFault = keyof typeof FAULT;
export const HIDDEN_FAULTS = idsOf(FAULT);
/** More than this at once is no drill and no trial any more. */
export const MOST_FAULTS = 2;

/**
 * Whether two faults can be there at once: a tension is not both too high and too low.
 *
 * @example
 * canBeAtOnce('tension-high', 'tension-low') // => false
 * canBeAtOnce('tension-high', 'lint') // => true
 */
export const canBeAtOnce = (a: HiddenFault, b: HiddenFault): boolean => FAULT[a].trouble !== FAULT[b].trouble;

/** A simulated machine as it stands: what it is like, and what is wrong right now. */
export interface StandIn {
  quirks: OwnQuirks;
  trouble: Trouble;
}

/**
 * Trouble with a fault added to it.
 *
 * @param trouble - as it was
 * @param fault - the fault
 * @param amount - 0 not at all … 1 as bad as it gets
 * @returns both together
 * @example
 * withFault(NO_TROUBLE, 'tension-low', 0.5).tension // => -1.75
 */
export function withFault(trouble: Trouble, fault: HiddenFault, amount: number): Trouble {
  const { trouble: part, most } = FAULT[fault];
  return { ...trouble, [part]: trouble[part] + most * amount };
}

/** A fault that is hidden is at least this bad: a lesser one is wear and tear. */
const LEAST_AMOUNT = 0.6;
/** Wear and tear of a machine in good order, at most. */
const USED = { needleWear: 0.15, threadFuzz: 0.15, lint: 0.15 } as const;

/**
 * A simulated machine.
 *
 * @param seed - which one; it draws the quirks, how used needle, thread and feed are, and how bad each fault is
 * @param faults - what is hidden in it
 * @param own - its quirks; left out, those of a machine in good order
 * @returns the machine; the same for the same seed
 */
export function standIn(seed: number, faults: readonly HiddenFault[] = [], own = quirksOf(seed)): StandIn {
  const { next } = seeded(seed ^ 0x5bd1);
  const used: Trouble = {
    ...NO_TROUBLE,
    needleWear: USED.needleWear * next(),
    threadFuzz: USED.threadFuzz * next(),
    lint: USED.lint * next(),
  };
  const amount = () => LEAST_AMOUNT + (1 - LEAST_AMOUNT) * next();
  return { quirks: own, trouble: faults.reduce((all, fault) => withFault(all, fault, amount()), used) };
}
