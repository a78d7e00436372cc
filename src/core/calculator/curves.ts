import { clipsFor, cornerAnswer, curveAnswer, NOTCH_BASE_MM, SLIT_OPENS_MM, TOE_MM } from '../seam';
import { formatNumber } from '../units';
import { choice, length, number, STITCH_LENGTH } from './asks';
import type { Calculation } from './types';

const WEIGHTS = ['light', 'medium', 'heavy'] as const;

/** Lines that bend. */
export const CURVES: readonly Calculation[] = [
  {
    id: 'curve',
    rests: 'model',
    name: 'Stitch length on a curve',
    group: 'Curves and corners',
    about: 'A stitch length that follows a curve and that your hands can steer.',
    asks: [
      length('radiusMm', 'Radius of the curve', 60, 3, 3000, 'try cups and plates on it until one fits'),
      STITCH_LENGTH,
      length('toleranceMm', 'The row may be off by', 0.5, 0.05, 5),
      number('speedSpm', 'Top speed of the machine', 'speed', 750, 10, 5000),
    ],
    work: ({ radiusMm, lengthMm, toleranceMm, speedSpm }) => {
      const input = { radiusMm: radiusMm!, toleranceMm: toleranceMm!, speedSpm: speedSpm!, toeMm: TOE_MM };
      const found = curveAnswer({ ...input, lengthMm: lengthMm! });
      const sewn = curveAnswer({ ...input, lengthMm: found.sewLengthMm });
      return {
        results: [
          { label: 'Set the stitch to', value: found.sewLengthMm, unit: 'stitch-mm', digits: 1, main: true },
          { label: 'Sew at most', value: Math.floor(sewn.maxSpeedSpm / 10) * 10, unit: 'speed' },
          {
            label: 'Stop with the needle down and turn',
            value:
              sewn.pivotEvery === null
                ? 'not needed'
                : `every ${sewn.pivotEvery === 1 ? 'stitch' : `${sewn.pivotEvery} stitches`}`,
          },
          { label: 'Longest stitch that stays on the line', value: found.maxLengthMm, unit: 'stitch-mm', digits: 2 },
          { label: 'Longest stitch you can steer', value: found.steerLengthMm, unit: 'stitch-mm', digits: 2 },
          {
            label: `Each stitch of ${formatNumber(lengthMm!, 2)} mm turns`,
            value: found.turnPerStitchDeg,
            unit: 'degrees',
            digits: 1,
          },
          { label: 'and moves off the curve by', value: found.chordErrorMm, unit: 'stitch-mm', digits: 2 },
        ],
      };
    },
    sewn: [{ procedure: 'curved-seam', takes: { radiusMm: 'radius' } }],
  },
  {
    id: 'clips',
    rests: 'common-practice',
    name: 'Snips and wedges on a curve',
    group: 'Curves and corners',
    about: 'How many snips or wedges let a curved allowance lie flat.',
    asks: [
      length('radiusMm', 'Radius of the curve', 60, 3, 3000, 'try cups and plates on it until one fits'),
      number('turnDeg', 'How far it turns', 'degrees', 90, 5, 360),
      choice('side', 'The curve is', ['round, like a collar or a cushion', 'hollow, like a neckline or an armhole'], 1),
      length('allowanceMm', 'Allowance, after trimming', 10, 3, 60),
    ],
    work: ({ radiusMm, turnDeg, side, allowanceMm }) => {
      const found = clipsFor({
        radiusMm: radiusMm!,
        turnDeg: turnDeg!,
        allowanceMm: allowanceMm!,
        side: side === 1 ? 'concave' : 'convex',
        maxGapMm: SLIT_OPENS_MM,
        notchBaseMm: NOTCH_BASE_MM,
      });
      if ('blocked' in found) return found;
      const slits = found.kind === 'clip';
      return {
        results: [
          {
            label: slits ? 'Snips' : 'Cut out wedges',
            value: found.count === 0 ? 'none needed' : found.count,
            unit: 'count',
            main: true,
          },
          ...(found.spacingMm === null ? [] : [{ label: 'One every', value: found.spacingMm, unit: 'mm' as const }]),
          {
            label: slits ? 'The edge has to spread by' : 'The edge is too long by',
            value: found.differenceMm,
            unit: 'mm',
          },
          ...(found.trimToMm === undefined
            ? []
            : [{ label: 'Trim the allowance first, to', value: found.trimToMm, unit: 'mm' as const }]),
        ],
      };
    },
    sewn: [
      {
        procedure: 'curved-seam',
        takes: { radiusMm: 'radius', turnDeg: 'turn', side: 'inside', allowanceMm: 'allowance' },
      },
    ],
  },
  {
    id: 'corner',
    rests: 'common-practice',
    name: 'Landing on a corner',
    group: 'Curves and corners',
    about: 'How many stitches to the point, and how many across it.',
    asks: [
      length('distanceMm', 'From the start to the corner', 200, 1, 5000),
      STITCH_LENGTH,
      number('angleDeg', 'Angle of the corner', 'degrees', 90, 20, 175),
      choice('weight', 'The fabric is', WEIGHTS, 1),
    ],
    work: ({ distanceMm, lengthMm, angleDeg, weight }) => {
      const found = cornerAnswer({
        distanceMm: distanceMm!,
        lengthMm: lengthMm!,
        angleDeg: angleDeg!,
        weight: WEIGHTS[weight!],
      });
      return {
        results: [
          { label: 'Stitches to the point', value: found.stitches, unit: 'count', main: true },
          { label: 'Set the stitch to', value: found.lengthMm, unit: 'stitch-mm', digits: 2 },
          { label: 'Short stitches across the point', value: found.across, unit: 'count' },
        ],
      };
    },
    sewn: [{ procedure: 'corner', takes: { distanceMm: 'distance', angleDeg: 'angle' } }],
  },
];
