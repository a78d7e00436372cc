import { clamp } from '../numbers';
import { type Cloth, type ClothProfile, clothProfile } from '../cloth';
import { FIBRE, isTwin } from '../kit';
import { type Rng, seeded } from '../random';
import type { Setup } from '../setup';
import { type Sign, threadUse } from '../stitch';
import type { Quirks } from './quirks';
import { type State, stateOf } from './state';

/** What is measured on a line that the stand-in sewed. Lengths in mm. */
export interface SewnMeasures {
  stitches: number;
  overMm: number;
  afterMm: number;
  shiftMm: number;
  popPercent: number;
  ridgeMm: number;
  /** 1 worst … 5 smoothest. */
  pucker: number;
}

/** A line sewn by the stand-in: never a real result. */
export interface SewnLine {
  measures: SewnMeasures;
  findings: { sign: Sign; severity: 1 | 2 | 3 }[];
  simulated: true;
}

/** What is sewn. */
export interface SewInput {
  setup: Setup;
  cloth: Cloth;
  lengthMm: number;
  direction: 'across' | 'along' | 'bias';
  /** How many layers lie under the foot. */
  layers: number;
}

/**
 * Sews one line on a machine with hidden quirks.
 *
 * Simple physics of its own: it shares no table and no formula with the risk models or the diagnosis, so that each can be
 * tried against the other. The same input and seed give the same line.
 *
 * @param input - setting, cloth and line
 * @param quirks - the machine as it really is now
 * @param seed - seed of its random numbers
 * @returns measures with noise, and the signs it shows
 */
export function sewLine(input: SewInput, quirks: Quirks, seed: number): SewnLine {
  const rng = seeded(seed);
  const cloth = clothProfile(input.cloth);
  const state = stateOf(input, cloth, quirks);
  const measures = measure(input, cloth, state, rng);
  return { measures, findings: signs(input, cloth, state, measures), simulated: true };
}

function measure(
  { setup, lengthMm: overMm, layers }: SewInput,
  cloth: ClothProfile,
  s: State,
  { normal }: Rng,
): SewnMeasures {
  const loose = Math.min(1, s.stretch / 100);
  const growth =
    16 * loose * s.press ** 2 * (0.2 + 0.8 * s.hold) + (s.lengthMm < 1.4 ? 2 * loose : 0) + 0.25 * normal();
  const slides = cloth.structure === 'knit' ? 1 : cloth.structure === 'woven' ? 0.35 : 0.6;
  const pile = cloth.traits.includes('napped') ? 1.8 : 1;
  const shift =
    layers < 2
      ? 0
      : 1.5 * slides * pile * s.hold * (0.3 + s.press) * s.quirks.creep * (1 + s.quirks.lint) * (overMm / 100) +
        0.15 * normal();
  const path =
    threadUse({ stitch: setup.stitch, lengthMm: setup.lengthMm, widthMm: setup.widthMm, thicknessMm: 0, seamMm: 100 })
      .ratio / 2;
  const slack = (0.4 * layers * cloth.thicknessMm.value) / s.lengthMm;
  const give =
    100 * (path * (1 + FIBRE[setup.thread.fibre].extension) + slack - 1) - 4 * Math.max(0, s.tension) + 2 * normal();
  const light = Math.max(0, 1 - cloth.massGsm.value / 160);
  const drawn = Math.max(0, s.tension) * (0.35 + light) + Math.max(0, s.oversize - 1.5) * 0.2;
  const pucker = clamp(5 - drawn * 1.1 - 0.15 * Math.abs(normal()), 1, 5);
  const ridge = isTwin(setup.needle.point)
    ? (setup.needle.gapMm ?? 2) * 0.09 * (1 + 0.45 * Math.max(0, s.tension)) * (0.5 + loose)
    : 0;
  return {
    stitches: Math.max(1, Math.round(overMm / s.lengthMm)),
    overMm,
    afterMm: Number((overMm * (1 + growth / 100)).toFixed(1)),
    shiftMm: Number(shift.toFixed(1)),
    popPercent: Number(Math.max(0, Math.min(give, s.stretch * 1.3 + 6)).toFixed(1)),
    ridgeMm: Number(ridge.toFixed(2)),
    pucker: Number(pucker.toFixed(1)),
  };
}

/** Where a sign begins to be slight, plain and bad, on the scale of each. */
function graded(
  sign: Sign,
  value: number,
  [slight, plain, bad]: readonly [number, number, number],
): SewnLine['findings'] {
  const severity = value >= bad ? 3 : value >= plain ? 2 : value >= slight ? 1 : 0;
  return severity === 0 ? [] : [{ sign, severity }];
}

function signs({ setup }: SewInput, cloth: ClothProfile, s: State, m: SewnMeasures): SewnLine['findings'] {
  const knit = cloth.structure === 'knit';
  const light = cloth.massGsm.value < 70 && setup.plate === 'standard';
  return [
    ...graded('skipped', s.skips, [0.16, 0.26, 0.45]),
    ...graded(knit ? 'holes' : 'pucker-away', s.sharp, [0.3, 0.42, 0.7]),
    ...graded('pucker-line', 5 - m.pucker, [1, 1.6, 2.6]),
    ...graded('loops-above', s.tension, [1.2, 1.6, 2.6]),
    ...graded('loops-below', -s.tension, [1.2, 1.6, 2.6]),
    ...graded('wavy', (100 * (m.afterMm - m.overMm)) / m.overMm, [1.6, 2.1, 4]),
    ...graded('uneven-layers', Math.abs(m.shiftMm), [1.5, 2.1, 4]),
    ...graded('tunnel', m.ridgeMm, [0.35, 0.5, 0.9]),
    ...(s.tears ? graded('perforated', 2.9 - s.lengthMm, [0.05, 0.3, 0.9]) : []),
    ...graded(
      'uneven-length',
      0.7 * s.quirks.lint + (s.press < 0.12 && cloth.massGsm.value > 250 ? 0.5 : 0),
      [0.3, 0.45, 0.8],
    ),
    ...graded('shreds', 0.55 * s.quirks.threadFuzz ** 2, [0.3, 0.4, 0.7]),
    ...(light ? graded('chewed', (70 - cloth.massGsm.value) / 100, [0.2, 0.45, 0.6]) : []),
    ...(cloth.traits.includes('napped') ? graded('marks', s.press, [0.62, 0.75, 0.9]) : []),
  ];
}
