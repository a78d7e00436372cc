import { SEAM_LENGTH } from './asks';
import { IRON, PIN } from './pieces';
import { rowScene } from './rowScene';
import type { Procedure } from './types';

/** A row sunk into a seam. */
export const DITCH: Procedure = {
  id: 'ditch',
  name: 'Stitch in the ditch',
  group: 'topstitch',
  kind: 'ditch',
  asks: [SEAM_LENGTH],
  work: (values) => values,
  views: {
    above: () =>
      rowScene({
        label: 'From above: on the low side of the pressed seam',
        edge: 'fold',
        side: 'right',
        rows: [{ id: 'row', mm: 0.6, name: 'low side' }],
      }),
  },
  ready: ['ditch foot, its blade in the seam', 'thread as the cloth'],
  steps: [
    {
      do: 'Press the seam to one side. The other side is the low one.',
      check: 'You feel the step with a nail.',
      caution: IRON,
      with: 'iron',
      view: 'above',
    },
    {
      do: 'Spread the cloth a little and sew all {seam} on the low side, against the step.',
      check: 'Let go: the stitches sink in.',
      caution: PIN,
      view: 'above',
      now: ['row'],
      sews: 'seam',
    },
    { do: 'Look at the back.', check: 'What lies underneath is caught all along.', view: 'above', now: ['row'] },
  ],
  faults: ['wandering', 'uneven-layers', 'bowed'],
};
