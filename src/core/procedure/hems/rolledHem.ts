import { mm } from '../../units';
import { HEM_LENGTH } from '../engine/asks';
import { cannot } from '../../seam';
import { procedure, SEWN_SO } from '../engine/procedure';
import { BLADE } from '../engine/pieces';
import { rowScene } from '../engine/rowScene';

/** The rolled hem of silk, sewn twice. */
export const HEM_ROLLED = procedure('hem-rolled', {
  ...SEWN_SO,
  name: 'Rolled hem, sewn twice',
  group: 'hem',
  kind: 'rolled-hem',
  asks: [
    HEM_LENGTH,
    { key: 'allowance', label: 'Hem allowance', unit: 'mm', usual: 12, least: 8, most: 25 },
    { key: 'roll', label: 'Finished width', unit: 'mm', usual: 4, least: 2.5, most: 8 },
  ],
  work: ({ allowance: a, roll, round }, { thicknessMm }) => {
    const first = a - roll;
    if (first < roll + 1 + 2 * thicknessMm) {
      const needs = 2 * roll + 1 + Math.ceil(2 * thicknessMm);
      return cannot(
        'seam.rolled-narrow',
        `A roll of ${mm(roll)} needs an allowance of at least ${mm(needs)} in this cloth: cut it wider, or roll it narrower.`,
        needs,
        a,
      );
    }
    return { round, allowance: a, trim: 1, first, roll };
  },
  views: {
    first: ({ first }) =>
      rowScene({
        label: 'From above: folded once, the first row at the fold',
        edge: 'fold',
        side: 'wrong',
        rows: [
          { id: 'first', mm: 1 },
          { mm: first, role: 'raw', name: 'raw edge' },
        ],
      }),
    second: ({ roll }) =>
      rowScene({
        label: 'From above: rolled again, the second row on the first',
        edge: 'fold',
        side: 'wrong',
        rows: [{ id: 'second', mm: roll - 1 }],
      }),
  },
  ready: ['embroidery scissors', '[iron]'],
  steps: [
    {
      do: 'Fold the edge {first} to the wrong side and [press] it.',
      check: 'No tuck anywhere.',
      with: 'iron',
      view: 'first',
    },
    {
      do: 'Sew {1 mm} from the fold.',
      check: 'The line rides on the fold.',
      view: 'first',
      now: ['first'],
      sews: 'round',
    },
    {
      do: 'Trim the raw edge {trim} from the stitching.',
      check: 'No thread of the stitching is cut.',
      caution: BLADE,
      with: 'blade',
      view: 'first',
      now: ['first'],
    },
    {
      do: 'Roll it over once more, {roll} wide, and sew on the first line.',
      check: 'One line on the right side, two on the wrong.',
      view: 'second',
      now: ['second'],
      sews: 'round',
    },
    {
      do: '[Press] it from the wrong side.',
      check: 'Flat, without a ripple.',
      with: 'iron',
      view: 'second',
      now: ['second'],
    },
  ],
  faults: ['chewed', 'pucker-line', 'wandering', 'skipped'],
});
