import { HAND_NEEDLE } from './handSewing';
import { BLADE } from '../engine/pieces';
import { drawnThick, type Scene } from '../engine/scene';
import type { Given, Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** Two layers in section, the tails of the line hanging on one side. */
function tails(_: Numbers, { thicknessMm }: Given): Scene {
  const t = drawnThick(thicknessMm);
  return {
    label: 'In section: both tails on the wrong side, knotted at the fabric',
    view: 'section',
    cloths: [
      {
        points: [
          [0, 0],
          [80, 0],
        ],
        side: 'right',
        thickMm: t,
      },
      {
        points: [
          [0, 1.2 * t],
          [80, 1.2 * t],
        ],
        side: 'wrong',
        thickMm: t,
      },
    ],
    lines: [
      {
        points: [
          [4, -0.8 * t],
          [52, -0.8 * t],
        ],
        role: 'stitch',
      },
      {
        id: 'knot',
        points: [
          [52, -0.8 * t],
          [53, 2.2 * t],
          [56, 2.9 * t],
          [52, 3.1 * t],
          [54, 2.3 * t],
          [60, 6 * t],
        ],
        role: 'stitch',
      },
      {
        id: 'bury',
        points: [
          [53, 2.2 * t],
          [30, 0.7 * t],
          [12, 0.7 * t],
        ],
        role: 'baste',
      },
    ],
    dims: [],
  };
}

/** The end of a line in cloth that does not bear a back-stitch. */
export const KNOT_TAILS = procedure('knot-tails', {
  ...SEWN_SO,
  name: 'Knotting the tails',
  group: 'by hand',
  kind: 'baste',
  asks: [{ key: 'count', label: 'How many ends', unit: 'count', usual: 2, least: 1, most: 100 }],
  work: ({ count }) => ({ count: Math.round(count), tail: 100, bury: 25 }),
  views: { section: tails },
  ready: ['tails of {tail} left at every end', 'a hand needle with a wide eye', 'small scissors'],
  steps: [
    {
      do: 'Pull the lower tail: the upper one comes through as a loop. Pull it to the wrong side. Do the same at all {count:n} ends.',
      check: 'Both tails are on the wrong side, and nothing is gathered.',
      caution: HAND_NEEDLE,
      view: 'section',
    },
    {
      do: 'Make a loop with both tails, pass them through it and slide the knot down to the fabric with a needle.',
      check: 'It sits right on the fabric. Pull: it holds.',
      view: 'section',
      now: ['knot'],
    },
    {
      do: 'Thread both tails into a needle and run them between the layers for {bury}.',
      check: 'Nothing shows on the right side.',
      view: 'section',
      now: ['bury'],
    },
    {
      do: 'Snip them off at the fabric.',
      check: 'The knot itself is intact.',
      caution: BLADE,
      with: 'blade',
      view: 'section',
      now: ['bury'],
    },
  ],
  faults: ['nest', 'thread-broke'],
});
