import { mm } from '../../units';
import { cannot } from '../../seam';

import { box, type Scene } from '../engine/scene';
import type { Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** The folded dart from above: wide end at the edge, its point inside. */
function dartScene({ half, long }: Numbers): Scene {
  return {
    label: 'From above: folded, from the wide end to the point',
    view: 'above',
    cloths: [{ points: box(0, 0, half + 50, long + 24), side: 'wrong' }],
    lines: [
      {
        points: [
          [0, 0],
          [0, long + 24],
        ],
        role: 'fold',
      },
      {
        points: [
          [0, 0],
          [half + 50, 0],
        ],
        role: 'raw',
      },
      {
        id: 'seam',
        points: [
          [half, 0],
          [half * 0.5, long * 0.5],
          [0.6, long * 0.92],
          [0.3, long],
        ],
        role: 'stitch',
      },
    ],
    dims: [
      { from: [0, -6], to: [half, -6], mm: half },
      { from: [half + 58, 0], to: [half + 58, long], mm: long },
    ],
  };
}

/** A fold sewn to a point. */
export const DART = procedure('dart', {
  ...SEWN_SO,
  name: 'Dart',
  group: 'curve and corner',
  kind: 'dart',
  asks: [
    { key: 'intake', label: 'Taken in at the wide end', unit: 'mm', usual: 30, least: 4, most: 150 },
    { key: 'long', label: 'Length', unit: 'mm', usual: 110, least: 20, most: 500 },
  ],
  work: ({ intake, long }) => {
    const half = intake / 2;
    if (half > long * 0.6) {
      const text = `A dart ${mm(intake)} wide and ${mm(long)} long is too blunt to press flat: make it at least ${mm(Math.ceil(intake / 1.2))} long, or make two.`;
      return cannot('seam.dart-blunt', text, long * 1.2, intake);
    }
    return { intake, long, half, seam: Math.hypot(half, long) };
  },
  views: { above: dartScene },
  ready: ['marks of both legs and the point', '[pins]', '[iron]', 'a ham'],
  steps: [
    {
      do: 'Fold the dart right sides together, one leg on the other. [hold]',
      check: 'The legs match: check from both sides.',
      view: 'above',
    },
    {
      do: 'Sew from the wide end, {half} from the fold, to the point.',
      check: 'The last three stitches are right on the fold.',
      view: 'above',
      now: ['seam'],
      sews: 'seam',
    },
    {
      do: '[ends]',
      check: 'No dimple at the point.',
      view: 'above',
      now: ['seam'],
    },
    {
      do: '[Press] it flat, then to the middle or down, over a ham.',
      check: 'The fabric is round at the point, without a dent.',
      with: 'iron',
      view: 'above',
      now: ['seam'],
    },
  ],
  faults: ['pucker-line', 'wandering', 'slippage'],
});
