import { BLADE } from '../engine/pieces';
import { box, type Scene } from '../engine/scene';
import type { Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** An inner corner with a patch behind it and short stitches on both sides of its point. */
function corner({ reach, patch, allowance: a }: Numbers): Scene {
  const big = Math.max(60, reach + 30);
  return {
    label: 'From above, wrong side up: short stitches round the point',
    view: 'above',
    cloths: [
      {
        points: [
          [0, 0],
          [big, 0],
          [big, big],
          [big * 0.55, big],
          [big * 0.55, big * 0.45],
          [0, big * 0.45],
        ],
        side: 'wrong',
      },
    ],
    lines: [
      {
        id: 'patch',
        points: [
          ...box(big * 0.55 + a - patch / 2, big * 0.45 - a - patch / 2, patch, patch),
          [big * 0.55 + a - patch / 2, big * 0.45 - a - patch / 2],
        ],
        role: 'tape',
      },
      {
        id: 'row',
        points: [
          [big * 0.55 + a - reach, big * 0.45 - a],
          [big * 0.55 + a, big * 0.45 - a],
          [big * 0.55 + a, big * 0.45 - a + reach],
        ],
        role: 'stitch',
      },
      {
        id: 'clip',
        points: [
          [big * 0.55, big * 0.45],
          [big * 0.55 + a - 1.2, big * 0.45 - a + 1.2],
        ],
        role: 'cut',
      },
    ],
    dims: [{ from: [big * 0.55 + a - reach, -7], to: [big * 0.55 + a, -7], mm: reach }],
  };
}

/** Short stitches and a patch where a seam will be clipped to its point, or pulled. */
export const REINFORCE = procedure('reinforce', {
  ...SEWN_SO,
  name: 'Reinforcing a corner or point',
  group: 'topstitch',
  kind: 'reinforce',
  asks: [
    { key: 'reach', label: 'To each side of the point', unit: 'mm', usual: 25, least: 8, most: 80 },
    { key: 'allowance', label: 'Seam allowance', unit: 'mm', usual: 10, least: 4, most: 30 },
    {
      key: 'stitch',
      label: 'Stitch length there',
      unit: 'mm',
      usual: 1,
      least: 0.5,
      most: 2,
      help: '0.5 holds best; in foam, leather or thin fabric such short stitches tear along the holes',
    },
    { key: 'count', label: 'How many', unit: 'count', usual: 2, least: 1, most: 60 },
  ],
  work: ({ reach, allowance: a, stitch, count }) => ({
    reach,
    allowance: a,
    stitch,
    count: Math.round(count),
    patch: 30,
    from: 1.5,
    each: 2 * reach,
    sewn: 2 * reach * Math.round(count),
  }),
  views: { above: corner },
  ready: ['a square of fine [fixable] fabric, {patch} wide, for each', '[needle]'],
  steps: [
    {
      do: 'Lay a square of {patch} over the point on the wrong side, and [fix].',
      check: 'The point is in its middle.',
      with: 'iron',
      view: 'above',
      now: ['patch'],
    },
    {
      do: 'Stitches of {stitch}: {reach} to the point on the seam line, needle down, turn, {reach} away from it. {count:n} altogether.',
      check: 'The turn is a single hole, on the mark.',
      view: 'above',
      now: ['row'],
      sews: 'sewn',
      atMm: 'stitch',
    },
    {
      do: 'Snip straight into the point, up to {from} from it.',
      check: 'No stitch is cut. Spread it: it holds.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['clip'],
    },
  ],
  faults: ['perforated', 'nest', 'chewed', 'pucker-line'],
});
