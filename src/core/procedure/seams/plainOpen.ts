import { allowance, SEAM_LENGTH } from '../engine/asks';
import { together } from '../engine/pieces';
import { drawnThick, type Scene } from '../engine/scene';
import type { Given, Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** A plain seam in section, its allowances pressed open. */
function pressedOpen({ allowance: a }: Numbers, { thicknessMm }: Given): Scene {
  const t = drawnThick(thicknessMm);
  return {
    label: 'In section: the allowances lie open',
    view: 'section',
    cloths: [
      {
        points: [
          [-a - 22, 0],
          [-t / 2, 0],
          [-t / 2, -t],
          [-a, -t],
        ],
        side: 'right',
        thickMm: t,
      },
      {
        points: [
          [a + 22, 0],
          [t / 2, 0],
          [t / 2, -t],
          [a, -t],
        ],
        side: 'wrong',
        thickMm: t,
      },
    ],
    lines: [
      {
        id: 'seam',
        points: [
          [-t, -t / 2],
          [t, -t / 2],
        ],
        role: 'stitch',
      },
    ],
    dims: [{ from: [0, -t - 4], to: [a, -t - 4], mm: a }],
    texts: [{ at: [-a - 20, 7], text: 'right side below' }],
  };
}

/** Right sides together, one line, allowances open: the seam that every other one is measured by. */
export const PLAIN_OPEN = procedure('plain-open', {
  ...SEWN_SO,
  name: 'Plain seam, pressed open',
  group: 'seam',
  kind: 'join',
  asks: [SEAM_LENGTH, allowance(15)],
  work: (values) => values,
  views: {
    above: ({ allowance: a }) => together(a, 'wrong', 'seam', 'From above, before sewing'),
    section: pressedOpen,
  },
  ready: ['both pieces, edges finished if the fabric frays', '[pins]', '[iron]'],
  steps: [
    {
      do: 'Right sides together, raw edges level. [hold]',
      check: 'Both ends meet without pulling.',
      view: 'above',
    },
    {
      do: 'Sew {allowance} from the raw edge, all {seam}.',
      check: 'The row stays an even distance from the edge to the end.',
      view: 'above',
      now: ['seam'],
      sews: 'seam',
    },
    {
      do: '[flatten]',
      check: 'The stitches sink in, and nothing ripples beside them.',
      with: 'iron',
      view: 'above',
    },
    {
      do: '[Press] the allowances open, {allowance} to each side. Let it rest before you move it.',
      check: 'On the right side no fabric folds over the seam.',
      view: 'section',
      now: ['seam'],
    },
  ],
  faults: ['pucker-line', 'skipped', 'uneven-layers', 'wandering'],
});
