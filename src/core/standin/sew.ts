import { clothProfile } from '../cloth';
import { FIBRE } from '../kit';
import { clamp } from '../numbers';
import { type Rng, seeded } from '../random';
import type { Blocked } from '../result';
import { layersOf, requiredGive, type Setup, sheetsUnder } from '../setup';
import { type Sign, stitchFacts, threadUse } from '../stitch';
import { type UnderFoot, underFoot } from './cloth';
import type { StandIn } from './faults';
import type { SewInput, SewnLine, SewnMeasures, Whole } from './line';
import { quirksOn } from './quirks';
import { endOf, type Levels, levelsOf, shownOf } from './shows';
import { gapOf, type State, stateOf } from './state';
import { strikesOf } from './strikes';

/** A line as it was sewn, with everything that led to it; null of `ended` when it was sewn to its end. */
export interface Sewing {
  under: UnderFoot;
  state: State;
  levels: Levels;
  line: SewnLine;
  /** Where sewing ended and by what, mm from the start of the line. */
  ended: { by: Sign; atMm: number } | null;
}

/**
 * Sews one line on a simulated machine.
 *
 * Simple physics of its own: it shares no table and no formula with the risk models or the diagnosis, so that each can be
 * tried against the other. The same input and seed give the same line.
 *
 * @param input - setting, cloth and line
 * @param machine - as it stands
 * @param seed - seed of the random numbers of this line
 * @returns measures with noise and the signs it shows; or what the needle would strike
 */
export function sewLine(input: SewInput, machine: StandIn, seed: number): SewnLine | { blocked: Blocked } {
  const sewn = sewing(input, machine, seed);
  return 'blocked' in sewn ? sewn : sewn.line;
}

/**
 * A line with everything that led to it: what a picture of it is drawn from.
 *
 * @param input - setting, cloth and line
 * @param machine - as it stands
 * @param seed - as for `sewLine`
 * @returns the line and what happened under the foot; or what the needle would strike
 */
export function sewing(input: SewInput, machine: StandIn, seed: number): Sewing | { blocked: Blocked } {
  const cloth = clothProfile(input.cloth);
  const { second } = input.operation;
  const partner = second ? clothProfile(second) : null;
  const under = underFoot(
    cloth,
    partner,
    sheetsUnder(cloth, input.operation.kind, layersOf(cloth, input.operation)),
    input.direction,
  );
  const blocked = strikesOf(input.setup);
  if (blocked) return { blocked };
  const state = stateOf(input.setup, under, quirksOn(machine.quirks, cloth.structure), machine.trouble);
  const rng = seeded(seed);
  const whole = measure(input, under, state, rng);
  const required = requiredGive(cloth, input.operation).percent;
  const levels = levelsOf({ input, under, state, measures: whole, required });
  const all = shownOf(levels);
  const by = endOf(all);
  const ended = by && { by, atMm: Number((input.lengthMm * stopsAt(by, rng)).toFixed(1)) };
  const measures = ended ? cutShort(whole, ended.atMm, state) : whole;
  const findings = ended ? all.filter(({ needsWhole }) => !needsWhole) : all;
  const line: SewnLine = {
    measures,
    findings: findings.map(({ sign, severity }) => ({ sign, severity })),
    simulated: true,
  };
  return { under, state, levels, line, ended };
}

/** How far along the line it ended: what lies in the way lies in the middle, a cloth that does not move never leaves the start. */
const stopsAt = (by: Sign, { next }: Rng): number => (by === 'no-feed' ? 0.03 : 0.35 + 0.3 * next());

function cutShort({ pucker }: Whole, atMm: number, { advanceMm }: State): SewnMeasures {
  return {
    stitches: Math.max(1, Math.round(atMm / Math.max(0.25, advanceMm))),
    overMm: atMm,
    afterMm: null,
    shiftMm: null,
    popPercent: null,
    ridgeMm: null,
    pucker: atMm > 20 ? pucker : null,
  };
}

function measure({ setup, lengthMm: overMm }: SewInput, under: UnderFoot, s: State, { normal }: Rng): Whole {
  const noise = [normal(), normal(), normal(), normal()];
  const growth =
    22 * under.limp * s.press ** 2 * (0.25 + 0.75 * s.hold) +
    5 * under.limp * Math.max(0, 1.6 - s.advanceMm) +
    (stitchFacts(setup.stitch).feedsBackwards ? 0.3 : 0) * under.limp +
    9 * s.trouble.pulled * under.limp +
    0.2 * noise[0];
  return {
    stitches: Math.max(1, Math.round(overMm / Math.max(0.25, s.advanceMm))),
    overMm,
    afterMm: Number((overMm * (1 + growth / 100)).toFixed(1)),
    shiftMm: Number(shiftOf(under, s, overMm, noise[1]).toFixed(1)),
    popPercent: Number(giveOf(setup, under, s, noise[2]).toFixed(1)),
    ridgeMm: Number(ridgeOf(setup, under, s).toFixed(2)),
    pucker: Number(clamp(5 - puckerOf(under, s) - 0.12 * Math.abs(noise[3]), 1, 5).toFixed(1)),
  };
}

function shiftOf(under: UnderFoot, s: State, overMm: number, noise: number): number {
  if (under.layers < 2) return 0;
  const { creep, trouble } = s;
  const feet = under.slides * s.hold * (0.3 + s.press) * creep * (1 + trouble.lint);
  return (
    (feet + (5 * trouble.unequalCloths * (0.35 + under.stretch) + 2 * under.differs)) * (overMm / 100) + 0.1 * noise
  );
}

/** Percent that the line stretches before its thread goes. */
function giveOf(setup: Setup, under: UnderFoot, s: State, noise: number): number {
  const lengthMm = Math.max(0.3, s.advanceMm);
  const { ratio } = threadUse({
    stitch: setup.stitch,
    lengthMm,
    widthMm: setup.widthMm,
    thicknessMm: 0,
    seamMm: 100,
  });
  const extension = FIBRE[setup.thread.fibre].extension * (1 - 0.6 * s.trouble.threadOld);
  const slack = (0.55 * under.totalMm) / lengthMm;
  // Under two needles the bobbin thread runs from row to row, and the three threads lend each other length.
  const twin = (Math.hypot(1, gapOf(setup) / lengthMm) - 1) / 2;
  const give = 100 * ((ratio / 2 + twin) * (1 + extension) + slack - 1) - 4 * Math.max(0, pullOf(s)) + 2 * noise;
  return Math.max(0, Math.min(give, 130 * under.stretch + 6));
}

/** How hard both threads pull together, steps above normal. */
const pullOf = ({ upper, lower }: State): number => Math.max(0, upper) + 0.7 * Math.max(0, lower);

function ridgeOf(setup: Setup, under: UnderFoot, s: State): number {
  return gapOf(setup) * 0.09 * (1 + 0.45 * pullOf(s)) * (0.5 + Math.min(1, under.stretch));
}

/** Grades below smooth: threads that pull, yarns jammed by needle and thread, a stitch too long for a sheer. */
function puckerOf(under: UnderFoot, s: State): number {
  const { light, packed, woven, knit } = under;
  const advance = Math.max(0.3, s.advanceMm);
  const jam = woven ? packed * Math.max(0, (9 * s.threadMm + 0.025 * s.nm) / advance - 2.3) : 0;
  const long = Math.max(0, light - 0.5) * Math.max(0, advance - 2.3) * 4;
  const thick = 7 * light * Math.max(0, s.threadMm - 0.22);
  return pullOf(s) * (0.3 + light) * (knit ? 0.7 : 1) + 2.6 * jam + long + thick + 0.12 * s.jumps;
}
