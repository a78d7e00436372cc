import { describe, expect, it } from 'vitest';
import { CALCULATIONS } from './calculations';
import { runCommand } from './run';

const result = (name: string, input: unknown) => {
  const { exit, out, error } = runCommand(['calc', name], () => JSON.stringify(input));
  expect(error).toBe('');
  expect(exit).toBe(0);
  return JSON.parse(out);
};
const near = (value: number, digits = 2) => expect.closeTo(value, digits);

// Hand-worked values; where each comes from stands beside the function (standards, handbook, geometry, our models).
const CHECKS: [name: string, input: object, wanted: object][] = [
  ['stretch', { rest: 4, stretched: 6 }, { stretchPercent: 50 }],
  ['stretch', { rest: 100, stretched: 150, relaxed: 105 }, { recoveryPercent: 90, growthPercent: 5 }],
  ['mass', { ozPerSqYd: 1 }, { gsm: near(33.90575, 4) }],
  ['mass', { momme: 1 }, { gsm: near(4.33994, 4) }],
  ['mass', { grams: 1.6, widthMm: 100, lengthMm: 100 }, { gsm: near(160) }],
  ['shrink', { before: 100, after: 95, neededMm: 2000 }, { shrinkPercent: 5, buyMm: near(2105.26) }],
  ['rigidity', { massGsm: 340, overhangMm: 60 }, { bendingLengthMm: 30, rigidityMgCm: near(918) }],
  ['stitch-length', { lengthMm: 2.5 }, { spi: near(10.16) }],
  ['stitch-length', { lengthMm: 4 }, { spi: near(6.35) }],
  ['thread', { tex: 27 }, { denier: 243, ticket: near(111.1, 1), weight: near(37.04) }],
  ['thread', { tex: 40 }, { ticket: 75, weight: 25 }],
  [
    'thread-needle',
    { tex: 27, fibre: 'polyester', nm: 80 },
    { threadMm: near(0.204, 3), fill: near(0.64), verdict: 'good' },
  ],
  ['thread-needle', { tex: 27, fibre: 'polyester', nm: 75 }, { fill: near(0.68) }],
  [
    'thread-use',
    { stitch: 'straight', lengthMm: 2.5, thicknessMm: 0.6, seamMm: 1000 },
    { ratio: near(2.48), totalMm: near(2480) },
  ],
  ['thread-use', { stitch: 'straight', lengthMm: 2.5, thicknessMm: 1, seamMm: 1000 }, { ratio: near(2.8) }],
  [
    'thread-use',
    { stitch: 'zigzag', lengthMm: 1.5, widthMm: 5, thicknessMm: 0.6, seamMm: 1000 },
    { ratio: near(7.76) },
  ],
  [
    'give',
    { stitch: 'zigzag', lengthMm: 1.5, widthMm: 5, thicknessMm: 0, threadExtension: 0 },
    { low: near(233.3, 1), high: near(248, 1) },
  ],
  ['give', { stitch: 'straight', lengthMm: 2.5, thicknessMm: 1.2 }, { low: near(14.8, 1), high: near(38.8, 1) }],
  ['curve', { radiusMm: 5 }, { maxLengthMm: near(1.99) }],
  ['curve', { radiusMm: 10 }, { turnPerStitchDeg: near(14.36), maxLengthMm: near(2.82) }],
  ['clips', { radiusMm: 200, turnDeg: 90, allowanceMm: 10, side: 'concave' }, { kind: 'clip', spacingMm: 30 }],
  [
    'clips',
    { radiusMm: 30, turnDeg: 180, allowanceMm: 10, side: 'concave' },
    { differenceMm: near(62.83), spacingMm: 6, count: 16 },
  ],
  [
    'clips',
    { radiusMm: 8, turnDeg: 90, allowanceMm: 10, side: 'convex' },
    { blocked: [expect.objectContaining({ limit: 8, actual: 10 })] },
  ],
  [
    'corner',
    { distanceMm: 10, lengthMm: 2.4, angleDeg: 60, weight: 'heavy' },
    { stitches: 4, lengthMm: 2.5, across: 3 },
  ],
  ['french', { allowanceMm: 15, thicknessMm: 0.2 }, { firstMm: 9.5, trimMm: 3, secondMm: 5.5 }],
  ['felled', { allowanceMm: 16, thicknessMm: 0.9 }, { bandMm: 8, trimMm: 6, tuckMm: near(6.59), layers: 4 }],
  [
    'felled',
    { allowanceMm: 16, thicknessMm: 1.3 },
    { blocked: [expect.objectContaining({ code: 'seam.felled-trim' })] },
  ],
  [
    'band',
    { openingMm: 600, ratio: 0.8 },
    { cutMm: 500, finishedMm: 480, quarterBandMm: 120, stretchToFitPercent: near(25) },
  ],
  ['band', { openingMm: 600, bandWidthMm: 20 }, { ratio: near(0.79) }],
  [
    'zip',
    { kind: 'concealed', zipMm: 220, allowanceMm: 15, coilToTapeEdgeMm: 18, coilWidthMm: 4 },
    { tapeFromRawEdgeMm: -3 },
  ],
  [
    'hump',
    { layerMm: 0.8, lowLayers: 3, highLayers: 6 },
    { stepMm: near(1.92), tiltDeg: near(7.29), folds: 3, clears: 'normal' },
  ],
  [
    'bow',
    { strainPercent: 1, stripMm: 63.5, spanMm: 1000 },
    { sagittaMm: near(19.67), rangeMm: [near(14.76), near(19.67)] },
  ],
  ['bobbin', { outerMm: 20.3, hubMm: 7, widthMm: 9, tex: 27 }, { metres: near(51.16) }],
  [
    'topstitch',
    { edges: [{ mm: 60 }], lengthMm: 3, fromEdgeMm: 6 },
    { rows: [{ edges: [{ rowMm: near(48), stitches: 16, lengthMm: near(3) }] }] },
  ],
];

describe('every calculation of the contract gives its check values', () => {
  it.each(CHECKS)('calc %s %j', (name, input, wanted) => expect(result(name, input)).toMatchObject(wanted));

  it('and none is left out', () => {
    expect([...new Set(CHECKS.map(([name]) => name))].sort()).toEqual(Object.keys(CALCULATIONS).sort());
  });
});
