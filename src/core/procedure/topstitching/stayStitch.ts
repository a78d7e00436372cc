import { SEAM_LENGTH } from '../engine/asks';

import { rowScene } from '../engine/rowScene';
import { procedure, SEWN_SO } from '../engine/procedure';

/** A row that keeps an edge from stretching before it is clipped or handled. */
export const STAY_STITCH = procedure('stay-stitch', {
  ...SEWN_SO,
  name: 'Stay-stitching',
  group: 'topstitch',
  kind: 'stay',
  asks: [SEAM_LENGTH, { key: 'allowance', label: 'Seam allowance later', unit: 'mm', usual: 15, least: 4, most: 40 }],
  work: ({ seam, allowance: a }) => ({ seam, allowance: a, row: a - 2, half: seam / 2 }),
  views: {
    above: ({ row, allowance: a }) =>
      rowScene({
        label: 'From above: just inside the seam line',
        edge: 'raw',
        side: 'right',
        rows: [
          { id: 'row', mm: row },
          { mm: a, role: 'mark', name: 'seam line' },
        ],
      }),
  },
  ready: ['the single piece, just cut'],
  steps: [
    { do: 'Lay the piece flat, one layer, without lifting it.', check: 'It still fits its pattern.', view: 'above' },
    {
      do: 'Sew {row} from the edge, from the shoulder to the middle: {half}.',
      check: 'The edge does not stretch.',
      view: 'above',
      now: ['row'],
      sews: 'half',
    },
    {
      do: 'Sew the other half, again from the outside to the middle.',
      check: 'Laid on its pattern it is the same length.',
      view: 'above',
      now: ['row'],
      sews: 'half',
    },
  ],
  faults: ['wavy', 'pucker-line', 'wandering'],
});
