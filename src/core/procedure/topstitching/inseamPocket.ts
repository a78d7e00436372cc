import { BLADE } from '../engine/pieces';
import { procedure, SEWN_SO } from '../engine/procedure';
import { box, line, type Scene } from '../engine/scene';
import type { Numbers } from '../engine/types';
import { allowance } from '../engine/asks';

/** Round the bag of a pocket, from its opening (model: half an oval). */
const ROUND_SHARE = 1.25;
/** Understitching lies so far from the seam, mm (common practice). */
const UNDER_MM = 2;
/** The seam goes on above and below the opening for so much, mm. */
const BESIDE_MM = 100;

/** Front and back with their pocket pieces, the bag drawn whole. */
function bag({ opening, deep, allowance: a, attach }: Numbers): Scene {
  const tall = opening + 2 * a;
  const down = Math.round(deep * 0.55);
  return {
    label: 'From above, wrong side: the bag lies towards the front',
    view: 'above',
    cloths: [
      { points: box(-70, -40, 70, tall + 120), side: 'wrong' },
      {
        points: [
          [0, 0],
          [deep * 0.7, 0],
          [deep * 0.8, tall + down * 0.7],
          [deep * 0.4, tall + down],
          [0, tall],
        ],
        side: 'wrong',
      },
    ],
    lines: [
      line('stitch', [-attach, 0], [-attach, tall], 'attach'),
      {
        points: [
          [0, a],
          [deep * 0.7 - a, a],
          [deep * 0.8 - a, tall + down * 0.6],
          [deep * 0.4, tall + down - a],
          [0, tall - a],
        ],
        role: 'stitch',
        id: 'bag',
      },
      line('stitch', [UNDER_MM, a], [UNDER_MM, tall - a], 'under'),
      line('stitch', [0, -40], [0, a], 'above'),
      line('stitch', [0, tall - a], [0, tall + 80], 'below'),
      line('mark', [-10, a], [10, a]),
      line('mark', [-10, tall - a], [10, tall - a]),
    ],
    dims: [{ from: [-78, a], to: [-78, tall - a], mm: opening, name: 'opening' }],
  };
}

/** A pocket whose opening is a gap in the side seam. */
export const INSEAM_POCKET = procedure('inseam-pocket', {
  ...SEWN_SO,
  name: 'Pocket in a seam',
  group: 'topstitch',
  kind: 'join',
  main: { name: 'The seams' },
  rows: { under: { kind: 'understitch', name: 'The understitching' } },
  asks: [
    { key: 'opening', label: 'Opening of the pocket', unit: 'mm', usual: 160, least: 60, most: 400 },
    { key: 'deep', label: 'Depth of the bag', unit: 'mm', usual: 140, least: 50, most: 400 },
    allowance(15),
  ],
  work: ({ opening, deep, allowance: a }) => ({
    opening,
    deep,
    allowance: a,
    attach: Math.max(3, a - 5),
    pieceLong: opening + 2 * a,
    both: 2 * (opening + 2 * a),
    underMm: opening,
    bagMm: ROUND_SHARE * (opening + 2 * deep),
    seamMm: 2 * BESIDE_MM,
  }),
  views: { bag },
  ready: ['[pins]', '[iron]', 'bag pieces in a thin, close fabric', 'stay tape for the front edge'],
  steps: [
    {
      do: 'Mark the opening, {opening}, on front and back. Lay stay tape along the front’s edge there, and [fasten].',
      check: 'The edge does not stretch between the marks.',
      with: 'iron',
      view: 'bag',
    },
    {
      do: 'Right sides together, lay one bag piece on the front and one on the back, middle to middle. Sew each at {attach}, {pieceLong} long.',
      check: 'Both pieces are level.',
      view: 'bag',
      now: ['attach'],
      sews: 'both',
    },
    {
      do: '[Press] the pieces out over their allowances. On the front, sew on the bag beside the seam, {opening} between the marks.',
      check: 'The edge rolls to the inside.',
      with: 'iron',
      view: 'bag',
      now: ['under'],
      sews: 'underMm',
      row: 'under',
    },
    {
      do: 'Front and back right sides together, bag to bag. [hold] Sew the side seam at {allowance} down to the upper mark, needle down, turn, and carry on round the bag.',
      check: 'The corner at the mark is one stitch, without a pleat.',
      view: 'bag',
      now: ['above', 'bag'],
      sews: 'bagMm',
      goesOn: 'to-next',
    },
    {
      do: 'Turn again at the lower mark and sew the rest of the side seam.',
      check: 'The opening is {opening}, and both ends are secure.',
      view: 'bag',
      now: ['below'],
      sews: 'seamMm',
      goesOn: 'from-before',
    },
    {
      do: 'Snip the back’s allowance above and below the bag, to {2 mm} from the seam. [Press] the bag towards the front.',
      check: 'From outside it looks like a seam.',
      caution: BLADE,
      with: 'blade',
      view: 'bag',
    },
  ],
  faults: ['uneven-layers', 'pucker-line', 'wavy'],
});
