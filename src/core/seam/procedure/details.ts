import { cannot } from '../cannot';
import { BLADE, IRON, PIN } from './pieces';
import { rowScene } from './rowScene';
import { box, type Scene } from './scene';
import type { Numbers, Procedure } from './types';

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
export const DART: Procedure = {
  id: 'dart',
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
      const text = `A dart ${intake} mm wide and ${long} mm long points too bluntly to be pressed flat: make it at least ${Math.ceil(intake / 1.2)} mm long, or two of it.`;
      return cannot('seam.dart-blunt', text, long * 1.2, intake);
    }
    return { intake, long, half, seam: Math.hypot(half, long) };
  },
  views: { above: dartScene },
  ready: ['marks of both legs and the point', 'iron and ham'],
  steps: [
    {
      do: 'Fold the dart right sides together, legs on each other. Pin across.',
      check: 'The pins come out on both marks.',
      view: 'above',
    },
    {
      do: 'Sew from the wide end, {half} from the fold, to the point.',
      check: 'The last three stitches lie on the very fold.',
      caution: PIN,
      view: 'above',
      now: ['seam'],
      sews: 'seam',
    },
    {
      do: 'Run off the fold, and knot the tails by hand. No back-stitch at the point.',
      check: 'No dimple at the point.',
      view: 'above',
      now: ['seam'],
    },
    {
      do: 'Press it flat, then to the middle or down, over a ham.',
      check: 'The cloth is round, not broken, at the point.',
      caution: IRON,
      view: 'above',
      now: ['seam'],
    },
  ],
  faults: ['pucker-line', 'wandering', 'slippage'],
};

/** A short dense zigzag where something is pulled. */
export const BAR_TACK: Procedure = {
  id: 'bar-tack',
  name: 'Bar tack',
  group: 'topstitch',
  kind: 'bar-tack',
  asks: [
    { key: 'bar', label: 'Length of the bar', unit: 'mm', usual: 8, least: 3, most: 25 },
    { key: 'count', label: 'How many', unit: 'count', usual: 4, least: 1, most: 60 },
  ],
  work: ({ bar, count }) => ({
    bar,
    count: Math.round(count),
    stitch: 0.5,
    width: 2,
    sewn: 2 * bar * Math.round(count),
    inset: 3,
  }),
  views: {
    above: ({ bar, inset }) => ({
      label: 'From above: across the end of the seam',
      view: 'above',
      cloths: [{ points: box(0, 0, 70, 50), side: 'right' }],
      lines: [
        {
          points: [
            [0, 20],
            [70, 20],
          ],
          role: 'fold',
        },
        {
          id: 'bar',
          points: Array.from({ length: 17 }, (_, i) => [30 + (i % 2) * 2, inset + 8 + (i * bar) / 16] as const),
          role: 'stitch',
        },
      ],
      dims: [{ from: [78, inset + 8], to: [78, inset + 8 + bar], mm: bar }],
    }),
  },
  ready: ['zigzag about 2 mm wide and half a millimetre long', 'fine strong thread'],
  steps: [
    {
      do: 'Sew {bar} straight along the place of the bar, and back.',
      check: 'It lies across the pull.',
      caution: PIN,
      view: 'above',
      now: ['bar'],
    },
    {
      do: 'Zigzag over it, {width} wide, {stitch} long: {count:n} in all.',
      check: 'Dense, but it does not build up under the foot.',
      view: 'above',
      now: ['bar'],
      sews: 'sewn',
      atMm: 'stitch',
    },
    { do: 'Pull the tails to the back and knot them.', check: 'Pull hard: it holds.', view: 'above', now: ['bar'] },
  ],
  faults: ['nest', 'needle-broke', 'no-feed', 'perforated'],
};

/** Long loose stitches that hold until the seam is sewn. */
export const BASTE: Procedure = {
  id: 'baste',
  name: 'Basting',
  group: 'seam',
  kind: 'baste',
  asks: [
    { key: 'seam', label: 'How long is the seam', unit: 'mm', usual: 600, least: 10, most: 20000 },
    { key: 'allowance', label: 'Seam allowance', unit: 'mm', usual: 15, least: 3, most: 60 },
  ],
  work: ({ seam, allowance: a }) => ({ seam, allowance: a, row: a - 1, stitch: 5 }),
  views: {
    above: ({ row, allowance: a }) =>
      rowScene({
        label: 'From above: a hair inside the allowance',
        edge: 'raw',
        side: 'wrong',
        rows: [
          { id: 'row', mm: row, role: 'baste' },
          { mm: a, role: 'mark', name: 'seam line' },
        ],
      }),
  },
  ready: ['thread of another colour', 'seam ripper'],
  steps: [
    {
      do: 'Stitch length as long as it goes, needle tension two steps down. Sew {row} from the edge, no back-stitch.',
      check: 'The bobbin thread can be pulled out.',
      caution: PIN,
      view: 'above',
      now: ['row'],
      sews: 'seam',
      atMm: 'stitch',
    },
    { do: 'Set length and tension back at once.', check: 'The strip says so.', view: 'above' },
    {
      do: 'After the real seam: cut every tenth stitch and draw it out.',
      check: 'No thread of the seam is cut.',
      caution: BLADE,
      view: 'above',
      now: ['row'],
    },
  ],
  faults: ['loops-below', 'uneven-layers'],
};
