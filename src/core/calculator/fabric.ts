import { massFrom, rigidityFrom, shrinkFrom, stretchFromMarks } from '../cloth';
import { cannot } from '../seam';
import { length, number, optional } from './asks';
import type { Calculation, Result } from './types';

const percent = (label: string, value: number | null, main = false): Result => ({
  label,
  value,
  unit: 'percent',
  digits: 1,
  main,
});

/** What is measured of a fabric at the kitchen table. */
export const FABRIC: readonly Calculation[] = [
  {
    id: 'stretch',
    rests: 'standard',
    name: 'Stretch and recovery',
    group: 'Fabric',
    about: 'How far the fabric stretches, and how well it recovers.',
    asks: [
      length('rest', 'Marked length', 100, 10, 2000),
      length('stretched', 'Stretched to', 150, 10, 10_000),
      optional(length('relaxed', 'After a minute', 104, 10, 10_000)),
    ],
    work: ({ rest, stretched, relaxed }) => {
      if (stretched! < rest!)
        return cannot(
          'calculator.stretched',
          'Stretched, it cannot be shorter than the marked length.',
          rest!,
          stretched!,
        );
      if (relaxed !== undefined && relaxed > stretched!)
        return cannot('calculator.relaxed', 'Relaxed, it cannot be longer than when stretched.', stretched!, relaxed);
      const found = stretchFromMarks({ rest: rest!, stretched: stretched!, ...(relaxed !== undefined && { relaxed }) });
      return {
        results: [
          percent('Stretch', found.stretchPercent, true),
          ...(relaxed === undefined
            ? []
            : [percent('Recovery', found.recoveryPercent ?? null), percent('Growth', found.growthPercent ?? 0)]),
        ],
      };
    },
  },
  {
    id: 'mass',
    rests: 'standard',
    name: 'Weight of a fabric',
    group: 'Fabric',
    about: 'From a piece on the kitchen scale.',
    asks: [
      number('grams', 'Weight of the piece', 'grams', 1.6, 0.05, 5000),
      length('widthMm', 'Width of the piece', 100, 5, 5000),
      length('lengthMm', 'Length of the piece', 100, 5, 20_000),
    ],
    work: ({ grams, widthMm, lengthMm }) => {
      const { gsm, ozPerSqYd, momme } = massFrom({ grams: grams!, widthMm: widthMm!, lengthMm: lengthMm! });
      return {
        results: [
          { label: 'Per square metre', value: `${Math.round(gsm)} g`, main: true },
          { label: 'Per square yard', value: `${ozPerSqYd.toFixed(1)} oz` },
          { label: 'As silk is sold', value: `${momme.toFixed(1)} momme` },
        ],
      };
    },
  },
  {
    id: 'shrink',
    rests: 'standard',
    name: 'Shrinkage',
    group: 'Fabric',
    about: 'How much it shrinks, and how much to buy.',
    asks: [
      length('before', 'Before the wash', 500, 10, 5000),
      length('after', 'After the wash', 475, 10, 5000),
      optional(length('neededMm', 'Length you need', 2000, 10, 100_000)),
    ],
    work: ({ before, after, neededMm }) => {
      if (after! > before! * 1.5)
        return cannot(
          'calculator.grew',
          'It cannot grow by more than half in the wash: measure again.',
          before!,
          after!,
        );
      const found = shrinkFrom({ before: before!, after: after!, ...(neededMm !== undefined && { neededMm }) });
      return {
        results: [
          percent(found.shrinkPercent < 0 ? 'It grew by' : 'It shrank by', Math.abs(found.shrinkPercent), true),
          ...(found.buyMm === undefined ? [] : [{ label: 'Buy', value: found.buyMm, unit: 'metres' as const }]),
        ],
      };
    },
  },
  {
    id: 'rigidity',
    rests: 'standard',
    name: 'Stiffness',
    group: 'Fabric',
    about: 'From a strip slid over the edge of a table until its tip falls to a slope of 41.5°.',
    asks: [
      number('massGsm', 'Weight of the fabric', 'gsm', 160, 5, 3000),
      length('overhangMm', 'Overhang', 60, 5, 400),
    ],
    work: ({ massGsm, overhangMm }) => {
      const found = rigidityFrom({ massGsm: massGsm!, overhangMm: overhangMm! });
      return {
        results: [
          { label: 'Stiffness', value: `${Math.round(found.rigidityMgCm)} mg·cm`, main: true },
          { label: 'Bending length', value: found.bendingLengthMm, unit: 'mm' },
        ],
      };
    },
  },
];
