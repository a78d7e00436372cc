import { BLADE } from '../engine/pieces';
import { procedure, SEWN_SO } from '../engine/procedure';
import { box, line, type Scene } from '../engine/scene';
import type { Given, Numbers } from '../engine/types';

/** The grain line of a piece is as far from the selvedge at both ends, to within this, mm (common practice). */
const GRAIN_MM = 2;
/** From one pin to the next round a piece, mm (common practice). */
const PINS_MM = { fine: 40, usual: 90 };
/** How the fabric is laid. */
const LAID = { folded: 0, single: 1, tissue: 2 };

const usualLay = ({ slides, holesStay, thicknessMm }: Given): number =>
  slides > 0 ? LAID.tissue : holesStay > 0 || thicknessMm > 1.5 ? LAID.single : LAID.folded;

/** Two pieces on the cloth, their grain lines measured to the selvedge; laid singly the second is turned over. */
function lay({ fromSelvedge, single, oneWay }: Numbers): Scene {
  const piece = (x: number, up: boolean) => {
    const [wide, tall, waist] = [70, 120, 54];
    const inset = (wide - waist) / 2;
    return up
      ? ([
          [x + inset, 20],
          [x + inset + waist, 20],
          [x + wide, 20 + tall],
          [x, 20 + tall],
        ] as const)
      : ([
          [x, 20],
          [x + wide, 20],
          [x + inset + waist, 20 + tall],
          [x + inset, 20 + tall],
        ] as const);
  };
  const first = piece(fromSelvedge - 35, true);
  const second = piece(fromSelvedge + 55, oneWay > 0 || single > 0);
  const closed = (points: readonly (readonly [number, number])[]) => [...points, points[0]];
  return {
    label: 'From above: the selvedge along the table’s edge, every grain line measured at both ends',
    view: 'above',
    cloths: [{ points: box(0, 0, fromSelvedge + 160, 162), side: single > 0 ? 'right' : 'wrong' }],
    lines: [
      line('fold', [0, 0], [0, 162]),
      { points: closed(first), role: 'cut', id: 'cut' },
      { points: closed(second), role: 'cut', id: 'cut' },
      line('mark', [fromSelvedge, 34], [fromSelvedge, 128], 'grain'),
      line('mark', [fromSelvedge + 90, 34], [fromSelvedge + 90, 128], 'grain'),
    ],
    dims: [
      { from: [0, 40], to: [fromSelvedge, 40], mm: fromSelvedge },
      { from: [0, 122], to: [fromSelvedge, 122], mm: fromSelvedge },
    ],
    texts: [{ at: [4, 158], text: 'selvedge' }],
  };
}

/** Fabric laid straight, pieces laid on the grain, cut and counted. */
export const LAY_AND_CUT = procedure('lay-and-cut', {
  ...SEWN_SO,
  name: 'Laying and cutting',
  group: 'prepare',
  kind: 'baste',
  asks: [
    { key: 'pieces', label: 'Pattern pieces', unit: 'count', usual: 6, least: 1, most: 200 },
    { key: 'pairs', label: 'Cut twice', unit: 'count', usual: 4, least: 0, most: 200 },
    { key: 'around', label: 'Around one piece, about', unit: 'mm', usual: 1600, least: 60, most: 20000 },
    { key: 'fromSelvedge', label: 'Selvedge to the first grain line', unit: 'mm', usual: 120, least: 30, most: 1500 },
    {
      key: 'laid',
      label: 'How the fabric is laid',
      unit: 'count',
      usual: usualLay,
      least: 0,
      most: 2,
      options: [
        [0, 'folded along its length, right sides together'],
        [1, 'in a single layer, right side up'],
        [2, 'in a single layer between two sheets of tissue'],
      ],
    },
    {
      key: 'takenOff',
      label: 'Allowances to take off the pattern at each seam',
      unit: 'mm',
      usual: ({ thicknessMm }) => (thicknessMm > 1.5 ? 15 : 0),
      least: 0,
      most: 60,
      help: 'foam and leather are joined edge to edge: the pattern’s allowance there; 0 if you sew normal seams',
    },
  ],
  work: ({ pieces, pairs, around, fromSelvedge, laid, takenOff }, given) => {
    const twice = Math.min(Math.round(pairs), Math.round(pieces));
    const single = laid === LAID.folded ? 0 : 1;
    const pinned = given.holesStay > 0 ? 0 : 1;
    const apart = given.slides > 0 ? PINS_MM.fine : PINS_MM.usual;
    const all = Math.round(pieces) + twice;
    // Folded, both of a pair are cut at once.
    const outlines = single > 0 ? all : Math.round(pieces);
    return {
      pieces: Math.round(pieces),
      twice,
      all,
      around,
      fromSelvedge,
      single,
      tissue: laid === LAID.tissue ? 1 : 0,
      takenOff,
      oneWay: given.oneWay,
      rests: given.stretch >= 15 && given.holesStay === 0 ? 1 : 0,
      within: GRAIN_MM,
      pinned,
      apart,
      cutLength: outlines * around,
      pins: pinned > 0 ? outlines * Math.ceil(around / apart) : 0,
    };
  },
  views: { lay },
  ready: [
    'long table, the whole fabric on it',
    'shears, or a rotary cutter and mat',
    'tape measure and chalk',
    '[cutting hold]',
  ],
  steps: [
    {
      do: 'Lay the fabric out flat overnight, and hold its ends with weights.',
      check: 'It has relaxed to its own length.',
      view: 'lay',
      when: 'rests',
    },
    {
      do: 'Take {takenOff} off the pattern at every seam that is joined edge to edge, and take the hems off completely; a waistband is cut single.',
      check: 'On each edge, write what you took off.',
      view: 'lay',
      when: 'takenOff',
    },
    {
      do: 'Tape a sheet of tissue to the table. Lay the fabric on it, tape a second sheet over it, and cut through all three.',
      check: 'Nothing moves when the table is knocked.',
      view: 'lay',
      when: 'tissue',
    },
    {
      do: 'Find the right side and chalk the wrong one. Lay the selvedge along the edge of the table: the end cut by the shop is not straight.',
      check: 'No waves in the fabric, and none of it hangs off the table.',
      view: 'lay',
    },
    {
      do: 'Lay each piece with its grain line equally far from the selvedge at both ends: {fromSelvedge} for the first.',
      check: 'Both ends of every grain line agree to within {within}.',
      view: 'lay',
      now: ['grain'],
    },
    {
      do: 'All pieces point one way, tops up the fabric.',
      check: 'Stroke it: every piece feels the same way.',
      view: 'lay',
      when: 'oneWay',
    },
    {
      do: 'Cut each of the {twice:n} pairs once, then again with the pattern turned over.',
      check: 'A left and a right of each, not two the same.',
      view: 'lay',
      when: 'single',
    },
    {
      do: 'Hold the pieces down inside the allowance, along the cutting line, with [cutting pins]: one every {apart}, about {pins:n} altogether. Or use weights.',
      check: 'The fabric lies flat underneath.',
      view: 'lay',
      when: 'pinned',
    },
    {
      do: 'Hold the pieces down with weights: every hole stays.',
      check: 'Nothing moves when you touch it.',
      view: 'lay',
      when: '!pinned',
    },
    {
      do: 'Cut with long strokes and leave the fabric on the table. Mark every notch in the allowance.',
      check: 'The edges are smooth, without steps.',
      caution: BLADE,
      with: 'blade',
      view: 'lay',
      now: ['cut'],
    },
    {
      do: 'Chalk the wrong side of every piece before you take off the pattern. Count: {all:n} pieces, and everything that held them.',
      check: 'Nothing is left in the fabric or on the floor.',
      view: 'lay',
    },
  ],
  faults: ['wavy', 'uneven-layers'],
});
