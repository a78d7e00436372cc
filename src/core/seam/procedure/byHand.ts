import { BLADE } from './pieces';
import { rowScene } from './rowScene';
import { box, drawnThick, type Point, type Scene } from './scene';
import type { Ask, Numbers, Procedure } from './types';

const NEEDLE = 'Never hold pins or needles in your mouth; put the needle into its case when you lay the work down.';
/** Thread for one place, and what is left over at its end, mm (common practice). */
const TACK_MM = 90;
const TAIL_MM = 150;

/** Marks along a dart, each a loop through both layers. */
function tacks({ loop }: Numbers): Scene {
  const marks: Point[] = [
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
export const TAILORS_TACKS: Procedure = {
  id: 'tailors-tacks',
  name: 'Tailor’s tacks',
  group: 'by hand',
  kind: 'baste',
  asks: [marks],
  work: ({ count }) => ({
    count: Math.round(count),
    loop: 20,
    apart: 8,
    thread: 2 * TACK_MM * Math.round(count) + TAIL_MM,
  }),
  views: { above: tacks },
  ready: ['soft contrasting thread: {thread} in all', 'a fine needle', 'small scissors'],
  steps: [
    {
      do: 'Thread a fine needle double, no knot: {thread} for all {count:n} marks.',
      check: 'The colour shows on both sides of the cloth and does not bleed when damp.',
      caution: NEEDLE,
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
};

/** Two layers in section, the tails of the line hanging on one side. */
function tails(_: Numbers, { thicknessMm }: { thicknessMm: number }): Scene {
  const t = drawnThick(thicknessMm);
  return {
    label: 'In section: both tails on the wrong side, knotted at the cloth',
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
export const KNOT_TAILS: Procedure = {
  id: 'knot-tails',
  name: 'Knotting the tails',
  group: 'by hand',
  kind: 'baste',
  asks: [{ key: 'count', label: 'How many ends', unit: 'count', usual: 2, least: 1, most: 100 }],
  work: ({ count }) => ({ count: Math.round(count), tail: 100, bury: 25 }),
  views: { section: tails },
  ready: ['tails of {tail} left at every end', 'a hand needle with a wide eye', 'small scissors'],
  steps: [
    {
      do: 'Pull the lower tail: the upper one comes through as a loop. Draw it to the wrong side. So at all {count:n} ends.',
      check: 'Both tails are on the wrong side, nothing is gathered.',
      caution: NEEDLE,
      view: 'section',
    },
    {
      do: 'Make a loop with both tails, pass them through it and slide the knot down to the cloth with a pin.',
      check: 'It sits on the cloth, not above it; pull: it holds.',
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
      do: 'Snip them off at the cloth.',
      check: 'The knot itself is whole.',
      caution: BLADE,
      with: 'blade',
      view: 'section',
      now: ['bury'],
    },
  ],
  faults: ['nest', 'thread-broke'],
};

/** Two folds that meet, the thread going straight across from one to the other. */
function ladder({ gap, stitches }: Numbers): Scene {
  const [long, shown] = [Math.min(120, gap), Math.min(24, stitches)];
  const step = long / shown;
  const thread = Array.from({ length: shown }, (_, i): Point[] => {
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
export const CLOSE_GAP: Procedure = {
  id: 'close-gap',
  name: 'Closing a gap with a ladder stitch',
  group: 'by hand',
  kind: 'baste',
  asks: [
    { key: 'gap', label: 'The gap', unit: 'mm', usual: 100, least: 10, most: 1000 },
    { key: 'stitch', label: 'One stitch', unit: 'mm', usual: 3, least: 1.5, most: 6 },
  ],
  work: ({ gap, stitch }) => {
    const stitches = Math.max(2, Math.round(gap / stitch));
    return { gap, stitches, stitch: gap / stitches, thread: 2 * gap + 2 * TAIL_MM };
  },
  views: { above: ladder },
  ready: ['thread between the two cloths in colour; silk thread on silk', 'a fine needle'],
  steps: [
    {
      do: 'Both allowances lie pressed in, the folds meet. Thread {thread}, a knot at its end.',
      check: 'The folds are one straight line with the seam.',
      caution: NEEDLE,
      view: 'above',
      handThread: 'thread',
    },
    {
      do: 'Come out in one fold from inside. Straight across into the other, {stitch} along inside it, straight back: {stitches:n} times.',
      check: 'The thread crosses at right angles, like rungs.',
      view: 'above',
      now: ['ladder'],
    },
    {
      do: 'Every few stitches draw it closed, gently.',
      check: 'The rungs vanish; the edge does not pucker.',
      view: 'above',
      now: ['ladder'],
    },
    {
      do: 'A knot in the fold, the needle in and out 25 mm away, snip at the cloth.',
      check: 'Pull the seam: it stays closed. Count pins and needles.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['ladder'],
    },
  ],
  faults: ['pucker-line', 'slippage'],
};

/** Basting by hand where a foot would creep: velvet, silk, stripes. */
export const HAND_BASTE: Procedure = {
  id: 'hand-baste',
  name: 'Basting by hand',
  group: 'by hand',
  kind: 'baste',
  asks: [
    { key: 'seam', label: 'How long is the seam', unit: 'mm', usual: 600, least: 10, most: 10000 },
    { key: 'allowance', label: 'Seam allowance', unit: 'mm', usual: 15, least: 3, most: 60 },
    { key: 'stitch', label: 'One stitch', unit: 'mm', usual: 8, least: 3, most: 20 },
  ],
  work: ({ seam, allowance: a, stitch }) => ({ seam, row: a - 1, allowance: a, stitch, thread: 1.1 * seam + TAIL_MM }),
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
  ready: ['basting thread, silk on silk', 'a long fine needle'],
  steps: [
    {
      do: 'Lay both layers flat on the table. Thread {thread}, no knot: one back-stitch at the beginning.',
      check: 'The layers lie as they fell, none is pulled.',
      caution: NEEDLE,
      view: 'above',
      handThread: 'thread',
    },
    {
      do: 'Running stitches of {stitch}, {row} from the edge, all {seam}; on velvet go back a stitch at every third.',
      check: 'Both layers are caught and none has crept.',
      view: 'above',
      now: ['row'],
    },
    {
      do: 'After the seam: snip every few stitches and draw the thread out.',
      check: 'No thread of the seam is cut.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['row'],
    },
  ],
  faults: ['uneven-layers', 'marks'],
};
