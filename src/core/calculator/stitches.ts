import { seamGive, stripBow } from '../physics';
import { cannot, humpOver, SOLE_MM, SQUASH, topstitchRows } from '../seam';
import { spiFromLength } from '../units';
import {
  length,
  number,
  SEWN_THICKNESS,
  STITCH_ASK,
  STITCH_CHOICE,
  STITCH_LENGTH,
  STITCH_WIDTH,
  stitchMm,
  yesNo,
} from './asks';
import type { Calculation } from './types';

const CLEARS = {
  normal: 'yes, with the normal foot lift',
  extra: 'only with the extra lift',
  no: 'no: hammer it flat, grade it, or sew it by hand',
} as const;

/** Stitches, strips and thick places. */
export const STITCHES_WORKED: readonly Calculation[] = [
  {
    id: 'stitch-length',
    rests: 'standard',
    name: 'Stitch length',
    group: 'Stitches',
    about: 'From stitches you counted.',
    asks: [number('stitches', 'Stitches counted', 'count', 40, 1, 10_000), length('overMm', 'Over', 100, 5, 10_000)],
    work: ({ stitches, overMm }) => {
      const lengthMm = overMm! / stitches!;
      return {
        results: [
          { label: 'Stitch length', value: lengthMm, unit: 'stitch-mm', digits: 2, main: true },
          { label: 'Stitches', value: spiFromLength(lengthMm), unit: 'per-inch' },
        ],
      };
    },
  },
  {
    id: 'give',
    rests: 'model',
    name: 'How far a seam stretches',
    group: 'Stitches',
    about: 'Before the thread takes the load. The fabric may stop earlier.',
    asks: [
      STITCH_ASK,
      STITCH_LENGTH,
      STITCH_WIDTH,
      SEWN_THICKNESS,
      number('extension', 'The thread itself stretches', 'percent', 10, 0, 100),
    ],
    work: ({ stitch, lengthMm, widthMm, thicknessMm, extension }) => {
      const { low, high } = seamGive({
        stitch: STITCH_CHOICE[stitch!],
        lengthMm: lengthMm!,
        widthMm: widthMm!,
        thicknessMm: thicknessMm!,
        threadExtension: extension! / 100,
      });
      return {
        results: [
          { label: 'It stretches at least', value: low, unit: 'percent', digits: 0, main: true },
          { label: 'and at most', value: high, unit: 'percent', digits: 0 },
        ],
        notes: ['An estimate: stretch a test seam until the thread pops to measure it.'],
      };
    },
  },
  {
    id: 'topstitch',
    rests: 'common-practice',
    name: 'Topstitching to a corner',
    group: 'Stitches',
    about: 'How many stitches fit an edge so that there is one at both corners.',
    asks: [
      length('edgeMm', 'Edge from corner to corner', 160, 10, 5000),
      length('fromEdgeMm', 'Row from the edge', 6, 1, 30),
      stitchMm('lengthMm', 'Stitch length', 3, 1, 6),
      number('startAngleDeg', 'Angle of the first corner', 'degrees', 90, 20, 180),
      number('endAngleDeg', 'Angle of the other', 'degrees', 90, 20, 180),
    ],
    work: ({ edgeMm, fromEdgeMm, lengthMm, startAngleDeg, endAngleDeg }) => {
      const found = topstitchRows({
        edges: [{ mm: edgeMm!, startAngleDeg: startAngleDeg!, endAngleDeg: endAngleDeg! }],
        lengthMm: lengthMm!,
        fromEdgeMm: fromEdgeMm!,
        rows: 1,
        gapMm: 6,
      });
      if ('blocked' in found) return found;
      const [row] = found.rows[0].edges;
      return {
        results: [
          { label: 'Stitches', value: row.stitches, unit: 'count', main: true },
          { label: 'Set the stitch to', value: row.lengthMm, unit: 'stitch-mm', digits: 2 },
          { label: 'The row is', value: row.rowMm, unit: 'mm' },
        ],
      };
    },
    sewn: [{ procedure: 'topstitch-edge', takes: { edgeMm: 'edge', fromEdgeMm: 'from' } }],
  },
  {
    id: 'hump',
    rests: 'model',
    name: 'Over a bulky seam',
    group: 'Stitches',
    about: 'How far the foot tips, and what to put behind it.',
    asks: [
      length('layerMm', 'Thickness of one layer', 0.8, 0.05, 10),
      number('lowLayers', 'Layers before it', 'count', 3, 1, 40),
      number('highLayers', 'Layers on top of it', 'count', 9, 1, 60),
      length('liftMm', 'The foot lifts', 5, 1, 20),
      length('extraLiftMm', 'and with the extra lift, more', 2, 0, 20),
    ],
    work: ({ layerMm, lowLayers, highLayers, liftMm, extraLiftMm }) => {
      if (highLayers! < lowLayers!)
        return cannot(
          'calculator.layers',
          'There are at least as many layers on top as before it.',
          lowLayers!,
          highLayers!,
        );
      const found = humpOver({
        layerMm: layerMm!,
        lowLayers: lowLayers!,
        highLayers: highLayers!,
        soleMm: SOLE_MM,
        squash: SQUASH,
        liftMm: liftMm!,
        extraLiftMm: extraLiftMm!,
      });
      return {
        results: [
          {
            label: 'Fold the same fabric',
            value: `${found.folds} ${found.folds === 1 ? 'time' : 'times'}`,
            main: true,
          },
          { label: 'and put it behind the foot: height', value: found.shimMm, unit: 'mm' },
          { label: 'The foot tips by', value: found.tiltDeg, unit: 'degrees', digits: 0 },
          { label: 'Does it go under the foot', value: CLEARS[found.clears] },
        ],
      };
    },
  },
  {
    id: 'bow',
    rests: 'model',
    name: 'Bow of a set of strips',
    group: 'Stitches',
    about: 'How far sewn strips bend when one layer feeds more than the other.',
    asks: [
      number('strainPercent', 'The top strip ends longer by', 'percent', 1, 0, 20),
      length('stripMm', 'Finished width of one strip', 63.5, 8, 400),
      length('spanMm', 'Length of the strips', 1000, 100, 5000),
      number('seams', 'Seams', 'count', 4, 1, 60),
      yesNo('alternate', 'You start from alternate ends', 1),
    ],
    work: ({ strainPercent, stripMm, spanMm, seams, alternate }) => {
      const found = stripBow({
        strainPercent: strainPercent!,
        stripMm: stripMm!,
        spanMm: spanMm!,
        seams: seams!,
        alternate: alternate === 1,
      });
      return {
        results: [
          { label: 'At most', value: found.rangeMm[1], unit: 'mm', main: true },
          { label: 'At least', value: found.rangeMm[0], unit: 'mm' },
        ],
        notes: ['An estimate: measure how far your top layer ends behind in Workroom, Feed.'],
      };
    },
    sewn: [{ procedure: 'strip-set', takes: { stripMm: 'width', spanMm: 'long' } }],
  },
];
