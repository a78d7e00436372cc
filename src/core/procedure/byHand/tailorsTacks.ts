import { HAND_NEEDLE, HAND_TAIL_MM } from './handSewing';
import { BLADE } from '../engine/pieces';
import { box, type ScenePoint, type Scene } from '../engine/scene';
import type { Ask, Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** Thread for one mark, mm (common practice). */
const TACK_MM = 90;

/** So many are drawn; of more the number is said. */
const MOST_DRAWN = 13;
const [TOP, POINT] = [20, 88];

/** Marks along the legs of a dart, side by side from its wide end; an odd one is the point. */
function legs(count: number): ScenePoint[] {
  const rows = Math.ceil(count / 2);
  return Array.from({ length: count }, (_, i): ScenePoint => {
    const share = count === 1 ? 1 : Math.floor(i / 2) / Math.max(1, count % 2 === 1 ? rows - 1 : rows);
    const out = 20 * (1 - share);
    return [40 + (i % 2 === 0 ? -out : out), TOP + share * (POINT - TOP)];
  });
}

/** A loop at every mark, through both layers. */
function tacks({ loop, count }: Numbers): Scene {
  const shown = Math.min(MOST_DRAWN, count);
  return {
    label: 'From above: a loop at every mark, through both layers',
    view: 'above',
    cloths: [{ points: box(0, 0, 80, 104), side: 'wrong' }],
    lines: [
      {
        points: [
          [20, TOP],
          [40, POINT],
          [60, TOP],
        ],
        role: 'mark',
      },
      ...legs(shown).map(([x, y]) => ({
        id: 'tacks',
        points: [
          [x - 4, y + 4],
          [x + 4, y - 4],
          [x - 4, y - 4],
          [x + 4, y + 4],
        ] as const,
        role: 'stitch' as const,
      })),
    ],
    dims: [{ from: [88, 16], to: [88, 16 + loop], mm: loop, name: 'loop' }],
    ...(count > shown && { texts: [{ at: [4, 101] as const, text: `and ${count - shown} more` }] }),
  };
}

const marks: Ask = { key: 'count', label: 'How many marks', unit: 'count', usual: 6, least: 1, most: 200 };

/** Marks for cloth that keeps every other mark for ever. */
export const TAILORS_TACKS = procedure('tailors-tacks', {
  ...SEWN_SO,
  name: 'Tailor’s tacks',
  group: 'by hand',
  kind: 'baste',
  asks: [marks],
  work: ({ count }) => ({
    count: Math.round(count),
    loop: 20,
    apart: 8,
    thread: 2 * TACK_MM * Math.round(count) + HAND_TAIL_MM,
  }),
  views: { above: tacks },
  ready: ['soft contrasting thread: {thread} altogether', 'a fine needle', 'small scissors'],
  steps: [
    {
      do: 'Thread a fine needle double, no knot: {thread} for all {count:n} marks.',
      check: 'The colour shows on both sides of the fabric and does not run when damp.',
      caution: HAND_NEEDLE,
      view: 'above',
      handThread: 'thread',
    },
    {
      do: 'At each mark, sew one small stitch through pattern and both layers, then a second one over it, leaving a loop of {loop}.',
      check: 'Nothing is pulled tight: the loop stands up.',
      view: 'above',
      now: ['tacks'],
    },
    {
      do: 'Snip between the marks and lift the pattern off over the loops.',
      check: 'Every mark has kept its thread.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['tacks'],
    },
    {
      do: 'Ease the layers {apart} apart and snip the threads between them.',
      check: 'Both pieces have tufts in the same places.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['tacks'],
    },
  ],
  faults: ['marks', 'holes'],
});
