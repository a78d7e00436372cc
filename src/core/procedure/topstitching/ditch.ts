import { SEAM_LENGTH } from '../engine/asks';

import { rowScene } from '../engine/rowScene';
import { drawnThick } from '../engine/scene';
import { procedure, SEWN_SO } from '../engine/procedure';

/** A row sunk into a seam. */
export const DITCH = procedure('ditch', {
  ...SEWN_SO,
  name: 'Stitching in the ditch',
  group: 'topstitch',
  kind: 'ditch',
  asks: [SEAM_LENGTH],
  work: (values) => values,
  views: {
    above: () =>
      rowScene({
        label: 'From above: on the lower side of the pressed seam',
        edge: 'fold',
        side: 'right',
        rows: [{ id: 'row', mm: 0.6, name: 'lower side' }],
      }),
    section: (_, { thicknessMm }) => {
      const t = drawnThick(thicknessMm);
      return {
        label: 'In section: the row sinks in at the foot of the step',
        view: 'section',
        cloths: [
          {
            points: [
              [-40, -1.2 * t],
              [0, -1.2 * t],
              [0, 1.2 * t],
              [-12, 1.2 * t],
            ],
            side: 'right',
            thickMm: t,
          },
          {
            points: [
              [40, 0],
              [1.2 * t, 0],
              [0.6 * t, 0.1],
              [-12, 0.1],
            ],
            side: 'right',
            thickMm: t,
          },
          {
            points: [
              [-40, 2.4 * t],
              [40, 2.4 * t],
            ],
            side: 'wrong',
            thickMm: t,
          },
        ],
        lines: [
          {
            id: 'row',
            points: [
              [1.1 * t, -1.2 * t],
              [1.1 * t, 3.6 * t],
            ],
            role: 'stitch',
          },
        ],
        dims: [],
      };
    },
  },
  ready: ['ditch foot, its blade in the seam', 'thread to match'],
  steps: [
    {
      do: '[Press] the seam to one side. The other side is the lower one. [hold]',
      check: 'You can feel the step with a fingernail.',
      with: 'iron',
      view: 'section',
    },
    {
      do: 'Spread the fabric a little and sew all {seam} on the lower side, against the step.',
      check: 'When you let go, the stitches sink in.',
      view: 'above',
      now: ['row'],
      sews: 'seam',
    },
    { do: 'Look at the back.', check: 'Everything underneath is caught all along.', view: 'section', now: ['row'] },
  ],
  faults: ['wandering', 'uneven-layers', 'bowed'],
});
