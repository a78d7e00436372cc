import { SEAM_LENGTH } from '../engine/asks';

import { rowScene, stackScene } from '../engine/rowScene';
import { procedure, SEWN_SO } from '../engine/procedure';

/** A facing sewn to its own allowances, so that it stays inside. */
export const UNDERSTITCH = procedure('understitch', {
  ...SEWN_SO,
  name: 'Understitching a facing',
  group: 'topstitch',
  kind: 'understitch',
  asks: [SEAM_LENGTH, { key: 'row', label: 'From the seam', unit: 'mm', usual: 2, least: 1, most: 6 }],
  work: (values) => values,
  views: {
    above: ({ row }) =>
      rowScene({
        label: 'From above: on the facing, the seam is the upper edge',
        edge: 'fold',
        side: 'right',
        rows: [{ id: 'row', mm: row }],
        text: 'both allowances are under the facing',
      }),
    section: ({ row }, { thicknessMm }) =>
      stackScene({
        label: 'In section: through the facing and both allowances, the garment free beside them',
        layers: [{ side: 'right' }, { side: 'wrong', toMm: row + 8 }, { side: 'right', toMm: row + 5 }],
        thicknessMm,
        rows: [{ id: 'row', mm: row }],
      }),
  },
  ready: ['the seam trimmed, graded and snipped', '[iron]'],
  steps: [
    {
      do: '[Press] the facing and both allowances away from the garment.',
      check: 'No fold of fabric in the seam.',
      with: 'iron',
      view: 'section',
    },
    {
      do: 'Facing on top, sew {row} from the seam through facing and allowances, but not through the garment.',
      check: 'The allowances are caught; the garment is free.',
      view: 'above',
      now: ['row'],
      sews: 'seam',
    },
    {
      do: 'Turn the facing in and [press] it.',
      check: 'The seam rolls slightly to the inside.',
      with: 'iron',
      view: 'above',
      now: ['row'],
    },
  ],
  faults: ['wandering', 'pucker-line', 'uneven-layers'],
});
