import { HAND_NEEDLE, HAND_TAIL_MM } from './handSewing';
import { BLADE } from '../engine/pieces';
import { box, type ScenePoint, type Scene } from '../engine/scene';
import type { Ask, Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** Thread for one mark, mm (common practice). */
const TACK_MM = 90;

/** Marks along a dart, each a loop through both layers. */
function tacks({ loop }: Numbers): Scene {
  const marks: ScenePoint[] = [
    [20, 20],
    [60, 20],
    [30, 55],
    [50, 55],
    [40, 88],
  ];
  return {
    label: 'From above: a loop at every mark, through both layers',
    view: 'above',
    cloths: [{ points: box(0, 0, 80, 104), side: 'wrong' }],
    lines: [
      { points: [marks[0], marks[2], marks[4], marks[3], marks[1]], role: 'mark' },
      ...marks.map(([x, y]) => ({
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
  ready: ['soft contrasting thread: {thread} in all', 'a fine needle', 'small scissors'],
  steps: [
    {
      do: 'Thread a fine needle double, no knot: {thread} for all {count:n} marks.',
      check: 'The colour shows on both sides of the cloth and does not bleed when damp.',
      caution: HAND_NEEDLE,
      view: 'above',
      handThread: 'thread',
    },
    {
      do: 'At each mark one small stitch through pattern and both layers; a second on it, leaving a loop of {loop}.',
      check: 'Nothing is pulled tight: the loop stands up.',
      view: 'above',
      now: ['tacks'],
    },
    {
      do: 'Snip between the marks and lift the pattern off over the loops.',
      check: 'Every mark kept its thread.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['tacks'],
    },
    {
      do: 'Part the layers by {apart} and snip the threads between them.',
      check: 'Both pieces have tufts at the same places.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['tacks'],
    },
  ],
  faults: ['marks', 'holes'],
});
