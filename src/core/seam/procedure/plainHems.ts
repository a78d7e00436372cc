import { cannot } from '../cannot';
import type { Given, Numbers, Procedure } from './types';
import { BLADE, IRON, PIN } from './pieces';
import { rowScene } from './rowScene';

const ROUND = { key: 'round', label: 'Along the hem', unit: 'mm', usual: 1000, least: 20, most: 20000 } as const;

/** One fold, one row: the two plain hems of knits. */
function oneRow(more: Pick<Procedure, 'id' | 'name' | 'faults'> & { stitch: string; look: string }): Procedure {
  return {
    id: more.id,
    name: more.name,
    group: 'hem',
    kind: 'hem',
    asks: [ROUND, { key: 'hem', label: 'Hem allowance', unit: 'mm', usual: 20, least: 6, most: 60 }],
    work: ({ round, hem }) => ({ round, hem, row: hem - 3, overlap: 15, sewn: round + 15 }),
    views: {
      above: ({ row, hem }) =>
        rowScene({
          label: 'From above, right side up: the fold is the upper edge',
          edge: 'fold',
          side: 'right',
          rows: [
            { id: 'row', mm: row },
            { mm: hem, role: 'mark', name: 'raw edge' },
          ],
        }),
    },
    ready: ['iron', 'tape on the plate as a fence'],
    steps: [
      { do: 'Fold {hem} to the wrong side and press.', check: 'The fold is even.', caution: IRON, view: 'above' },
      {
        do: `Right side up, sew {row} from the fold with ${more.stitch}, and {overlap} over the beginning.`,
        check: more.look,
        caution: PIN,
        view: 'above',
        now: ['row'],
        sews: 'sewn',
      },
      {
        do: 'Trim the edge close to the row.',
        check: 'Stretch it as far as it is worn: nothing pops.',
        caution: BLADE,
        view: 'above',
        now: ['row'],
      },
      {
        do: 'Hold the iron 25 mm above and steam it back.',
        check: 'It hangs without a wave.',
        caution: IRON,
        view: 'above',
        now: ['row'],
      },
    ],
    faults: more.faults,
  };
}

export const HEM_ZIGZAG = oneRow({
  id: 'hem-zigzag',
  name: 'Single-fold hem, narrow zigzag',
  stitch: 'a narrow zigzag, 3 mm long and half a millimetre wide',
  look: 'From afar it looks like a straight line. It gives little: only where the hem need not stretch.',
  faults: ['wavy', 'popped', 'skipped'],
});
export const HEM_TRIPLE = oneRow({
  id: 'hem-triple',
  name: 'Single-fold hem, triple straight stitch',
  stitch: 'triple straight stitch',
  look: 'A bold line: the thread matches. Only on a knit that is stable.',
  faults: ['wavy', 'uneven-length', 'skipped'],
});

/** What is turned in twice, a few millimetres each time. */
const rolled = ({ first, roll }: Numbers, { thicknessMm }: Given): Numbers => ({ first, roll, turn: thicknessMm });

/** The rolled hem of silk, sewn twice. */
export const HEM_ROLLED: Procedure = {
  id: 'hem-rolled',
  name: 'Rolled hem, sewn twice',
  group: 'hem',
  kind: 'rolled-hem',
  asks: [
    ROUND,
    { key: 'allowance', label: 'Hem allowance', unit: 'mm', usual: 12, least: 8, most: 25 },
    { key: 'roll', label: 'Finished width', unit: 'mm', usual: 4, least: 2.5, most: 8 },
  ],
  work: (values, given) => {
    const { allowance: a, roll, round } = values;
    const first = a - roll;
    if (first < roll + 1 + 2 * given.thicknessMm) {
      const needs = 2 * roll + 1 + Math.ceil(2 * given.thicknessMm);
      return cannot(
        'seam.rolled-narrow',
        `A roll of ${roll} mm needs an allowance of at least ${needs} mm in this cloth: cut it wider, or roll it narrower.`,
        needs,
        a,
      );
    }
    return { round, allowance: a, trim: 1, ...rolled({ first, roll }, given) };
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
  ready: ['finest needle, silk or fine polyester thread', 'embroidery scissors', 'a leader scrap'],
  steps: [
    {
      do: 'Fold the edge {first} to the wrong side and press.',
      check: 'No tuck anywhere.',
      caution: IRON,
      view: 'first',
    },
    {
      do: 'Sew 1 mm from the fold, begun on a leader scrap.',
      check: 'The line rides on the fold.',
      caution: PIN,
      view: 'first',
      now: ['first'],
      sews: 'round',
    },
    {
      do: 'Trim the raw edge {trim} from the stitching.',
      check: 'No thread of the stitching is cut.',
      caution: BLADE,
      view: 'first',
      now: ['first'],
    },
    {
      do: 'Roll it over once more, {roll} wide, and sew on the first line.',
      check: 'One line on the right side, two on the wrong.',
      caution: PIN,
      view: 'second',
      now: ['second'],
      sews: 'round',
    },
    {
      do: 'Press from the wrong side through a cloth.',
      check: 'Flat, without a ripple.',
      caution: IRON,
      view: 'second',
      now: ['second'],
    },
  ],
  faults: ['chewed', 'pucker-line', 'wandering', 'skipped'],
};
