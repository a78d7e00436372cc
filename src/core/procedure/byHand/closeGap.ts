import { HAND_NEEDLE, HAND_TAIL_MM } from './handSewing';
import { BLADE } from '../engine/pieces';
import { box, type ScenePoint, type Scene } from '../engine/scene';
import type { Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** Two folds that meet, the thread going straight across from one to the other. */
function ladder({ gap, stitches }: Numbers): Scene {
  const [long, shown] = [Math.min(120, gap), Math.min(24, stitches)];
  const step = long / shown;
  const thread = Array.from({ length: shown }, (_, i): ScenePoint[] => {
    const y = i % 2 === 0 ? 30 : 34;
    return [
      [i * step, y],
      [(i + 1) * step, y],
    ];
  });
  return {
    label: 'From above: straight across from fold to fold, the thread inside the folds',
    view: 'above',
    cloths: [
      { points: box(0, 0, long, 30), side: 'right' },
      { points: box(0, 34, long, 30), side: 'right' },
    ],
    lines: [
      {
        points: [
          [0, 30],
          [long, 30],
        ],
        role: 'fold',
      },
      {
        points: [
          [0, 34],
          [long, 34],
        ],
        role: 'fold',
      },
      { id: 'ladder', points: thread.flat(), role: 'stitch' },
    ],
    dims: [{ from: [0, 74], to: [long, 74], mm: gap, name: 'gap' }],
  };
}

/** A turning gap closed so that no stitch shows. */
export const CLOSE_GAP = procedure('close-gap', {
  ...SEWN_SO,
  name: 'Closing a gap with a ladder stitch',
  group: 'by hand',
  kind: 'baste',
  asks: [
    { key: 'gap', label: 'The gap', unit: 'mm', usual: 100, least: 10, most: 1000 },
    { key: 'stitch', label: 'One stitch', unit: 'mm', usual: 3, least: 1.5, most: 6 },
  ],
  work: ({ gap, stitch }) => {
    const stitches = Math.max(2, Math.round(gap / stitch));
    return { gap, stitches, stitch: gap / stitches, thread: 2 * gap + 2 * HAND_TAIL_MM };
  },
  views: { above: ladder },
  ready: ['thread that matches both fabrics; silk thread on silk', 'a fine needle'],
  steps: [
    {
      do: 'Both allowances are turned in, and the folds meet. Thread {thread}, with a knot at the end.',
      check: 'The folds are in one straight line with the seam.',
      caution: HAND_NEEDLE,
      view: 'above',
      handThread: 'thread',
    },
    {
      do: 'Bring the needle out through one fold from inside. Go straight across into the other, {stitch} along inside it, then straight back: {stitches:n} times.',
      check: 'The thread crosses at right angles, like rungs.',
      view: 'above',
      now: ['ladder'],
    },
    {
      do: 'Every few stitches, pull it closed gently.',
      check: 'The rungs disappear; the edge does not pucker.',
      view: 'above',
      now: ['ladder'],
    },
    {
      do: 'Knot in the fold, run the needle in and out {25 mm} away, and snip at the fabric.',
      check: 'Pull the seam: it stays closed. Count needles.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['ladder'],
    },
  ],
  faults: ['pucker-line', 'slippage'],
});
