import type { Sign } from '../stitch';
import type { UnderFoot } from './cloth';
import type { SewInput, Whole } from './line';
import { gapOf, type State } from './state';

/** What there is to read a sign from. */
interface Seen {
  input: SewInput;
  under: UnderFoot;
  state: State;
  measures: Whole;
  /** How far the seam has to stretch in wear, percent. */
  required: number;
}

/** How a sign comes about: its value, and from where it is slight, plain and bad. */
interface Show {
  value: (seen: Seen) => number;
  from: readonly [slight: number, plain: number, bad: number];
  /** It can only be seen on a line that was sewn to its end. */
  needsWhole?: true;
  /** When it is bad, sewing ends there. */
  ends?: true;
}

/** What is thicker, all layers together, is wedged under the foot of the simulated machine, mm. */
const LIFT_MM = 7;

const above0 = (value: number) => Math.max(0, value);

/** Each sign a line can show, by the mechanism behind it. */
export const SHOWS: Partial<Record<Sign, Show>> = {
  'needle-broke': {
    value: ({ input, state: { load, trouble } }) =>
      Math.max(load / 8, trouble.metal / 0.45, input.setup.plate === 'straight' ? trouble.needleBend / 0.8 : 0),
    from: [1, 1, 1],
    ends: true,
  },
  'no-feed': {
    value: ({ input: { setup }, under, state }) =>
      1 -
      state.advanceMm / (setup.lengthMm * (1 + Math.min(0, state.trouble.dialOff))) +
      above0(under.totalMm - LIFT_MM) / 3,
    from: [0.35, 0.55, 0.8],
    ends: true,
  },
  'thread-broke': {
    value: ({ state: { trouble, upper } }) => 0.85 * trouble.threadOld + 0.3 * above0(upper - 4),
    from: [0.3, 0.42, 0.8],
    ends: true,
  },
  skipped: { value: ({ state }) => state.skips, from: [0.16, 0.26, 0.45] },
  'one-needle-missing': {
    value: ({ input, state: { trouble } }) =>
      gapOf(input.setup) > 0 ? 0.8 * (trouble.needleBend + trouble.needleTurned + trouble.hookTiming) : 0,
    from: [0.3, 0.45, 0.8],
  },
  holes: {
    value: ({ under, state }) => (under.knit || under.skin ? state.punch : 0),
    from: [0.3, 0.42, 0.7],
  },
  'pucker-away': {
    value: ({ under, state }) => (under.knit || under.skin ? 0 : state.punch),
    from: [0.3, 0.42, 0.7],
  },
  'pucker-line': { value: ({ measures }) => 5 - measures.pucker, from: [1, 1.6, 2.6] },
  'loops-above': { value: ({ state }) => state.balance + state.jumps, from: [1.2, 1.7, 2.7] },
  'loops-below': { value: ({ state }) => -state.balance, from: [1.2, 1.7, 2.7] },
  grinning: { value: ({ state }) => -(state.upper + state.lower), from: [1.6, 2.4, 3.6], needsWhole: true },
  nest: {
    value: ({ under, state: { trouble, balance } }) =>
      Math.max(
        (1.1 * trouble.leverDown + 1.05 * trouble.tailsLoose) * (0.85 + 0.4 * under.light),
        (-balance - 2.2) / 2.4,
      ),
    from: [0.3, 0.5, 0.85],
  },
  chewed: {
    value: ({ under: { light, knit }, state: { slot, trouble } }) =>
      slot * (0.55 * above0(light - 0.1) + trouble.begunAtEdge * (0.35 + 0.7 * light + (knit ? 0.35 : 0))) +
      trouble.slotWide * (0.35 + 0.5 * light + (knit ? 0.15 : 0)),
    from: [0.25, 0.42, 0.75],
  },
  wavy: {
    value: ({ measures }) => (100 * (measures.afterMm - measures.overMm)) / measures.overMm,
    from: [1.7, 2.1, 4],
    needsWhole: true,
  },
  'uneven-layers': { value: ({ measures }) => Math.abs(measures.shiftMm), from: [0.8, 1.1, 2.2], needsWhole: true },
  bowed: { value: ({ state: { trouble } }) => 0.75 * trouble.sameEnd, from: [0.3, 0.42, 0.74], needsWhole: true },
  popped: {
    value: ({ required, measures }) => (required > 0 ? (required - measures.popPercent) / required : 0),
    from: [0.02, 0.1, 0.4],
    needsWhole: true,
  },
  tunnel: { value: ({ measures }) => measures.ridgeMm, from: [0.35, 0.5, 0.9], needsWhole: true },
  perforated: { value: ({ state }) => state.stamp, from: [0.36, 0.4, 0.52] },
  'uneven-length': {
    value: ({ state: { trouble, floats, jumps } }) =>
      0.8 * (trouble.lint + trouble.pulled + trouble.soleSticks) +
      4 * floats +
      0.45 * trouble.hump +
      0.3 * trouble.needleBend +
      0.06 * jumps,
    from: [0.3, 0.45, 0.8],
  },
  shreds: {
    value: ({ state: { trouble, fill } }) =>
      3.6 * above0(fill - 0.74) +
      0.7 * trouble.threadFuzz ** 1.5 +
      0.4 * trouble.needleTurned +
      0.3 * trouble.hookTiming +
      0.35 * trouble.metal +
      0.25 * trouble.threadOld,
    from: [0.3, 0.42, 0.7],
  },
  'hump-stall': {
    value: ({ under, state: { trouble } }) => trouble.hump * (0.5 + 0.3 * Math.min(2, under.totalMm)),
    from: [0.3, 0.42, 0.75],
  },
  slippage: {
    value: ({ under, state }) => under.loose * above0(state.advanceMm / 2.5 - 0.75),
    from: [0.6, 0.9, 1.4],
  },
  marks: {
    value: ({ under, state: { press } }) => press * Math.max(under.pile, under.slippery || under.skin ? 0.55 : 0.4),
    from: [0.5, 0.64, 0.9],
  },
  shine: {
    value: ({ under, state: { trouble } }) => trouble.hotIron * (0.5 + 0.5 * under.tender),
    from: [0.3, 0.4, 0.75],
    needsWhole: true,
  },
  wandering: {
    value: ({ state: { trouble, load } }) =>
      0.75 * trouble.needleBend + 0.5 * trouble.pulled + 0.3 * trouble.soleSticks + 0.3 * above0(load - 1.7),
    from: [0.3, 0.42, 0.75],
  },
};

/** How strongly each sign comes out, on its own scale. */
export type Levels = Partial<Record<Sign, number>>;

/** Every sign's level on a line, whether or not it can be seen. */
export function levelsOf(seen: Seen): Levels {
  return Object.fromEntries(Object.entries(SHOWS).map(([sign, { value }]) => [sign, value(seen)]));
}

/** A sign as it shows. */
export interface Shown extends Pick<Show, 'needsWhole' | 'ends'> {
  sign: Sign;
  severity: 1 | 2 | 3;
}

/** Everything a line shows, if it is sewn to its end. */
export function shownOf(levels: Levels): Shown[] {
  return Object.entries(SHOWS).flatMap(([id, { from, needsWhole, ends }]) => {
    const sign = id as Sign;
    const severity = from.filter((limit) => (levels[sign] ?? 0) >= limit).length;
    return severity === 0 ? [] : [{ sign, severity: severity as Shown['severity'], needsWhole, ends }];
  });
}

/** What ends a line before its end, if anything does. */
export const endOf = (all: readonly Shown[]): Sign | null =>
  all.find(({ ends, severity }) => ends && severity === 3)?.sign ?? null;
