import { box, drawnThick, line, type Scene } from '../engine/scene';
import type { Ask, Given, Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';
import { turnOfClothMm } from '../../seam';
import { allowance } from '../engine/asks';
import { BLADE, together } from '../engine/pieces';
import { rowScene } from '../engine/rowScene';

const WAIST: Ask = {
  key: 'waist',
  label: 'Round the garment’s waist edge',
  unit: 'mm',
  usual: 720,
  least: 100,
  most: 3000,
};
const OVERLAP: Ask = {
  key: 'overlap',
  label: 'Overlap for the closure',
  unit: 'mm',
  usual: 30,
  least: 0,
  most: 150,
  help: '0 if the band closes with a zip, edge to edge',
};
const bandWidth = (usual: number): Ask => ({
  key: 'width',
  label: 'Finished band',
  unit: 'mm',
  usual,
  least: 12,
  most: 150,
});

/** Two rows beside each other on the lap, so that it neither gapes nor rolls, mm from the band's edge (common practice). */
const ROWS_MM = { first: 2, between: 6, past: 4 };

/** A single band of foam or hide, its edge laid over the garment's. */
export const WAISTBAND_SINGLE = procedure('waistband-single', {
  ...SEWN_SO,
  name: 'Single waistband, raw-edged',
  group: 'band',
  kind: 'join',
  main: { name: 'The rows', layers: 2 },
  asks: [WAIST, bandWidth(40), OVERLAP],
  work: ({ waist, width, overlap }) => {
    const second = ROWS_MM.first + ROWS_MM.between;
    return {
      waist,
      width,
      overlap,
      long: waist + overlap,
      first: ROWS_MM.first,
      second,
      lap: second + ROWS_MM.past,
    };
  },
  views: {
    above: ({ first, second, lap }) =>
      rowScene({
        label: 'From above: the band’s edge lies over the garment’s',
        edge: 'raw',
        side: 'right',
        rows: [
          { id: 'first', mm: first, name: 'first row' },
          { id: 'second', mm: second, name: 'second row' },
          { mm: lap, role: 'mark' },
        ],
        text: 'dotted: the garment’s edge below',
      }),
  },
  ready: ['[pins]', 'sharp blade and ruler', 'glide-soled foot, if the sole sticks'],
  steps: [
    {
      do: 'Cut the waist allowance off the garment’s pattern. Cut one band, {long} long and {width} wide, without allowance.',
      check: 'Straight edges without steps from the blade.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
    },
    {
      do: 'Lap the band over the garment’s raw edge by {lap}, right sides up, with its end {overlap} past the opening. [hold]',
      check: 'The overlap is {lap} wide all round.',
      view: 'above',
    },
    {
      do: 'Sew {waist} along the band’s lower edge, {first} from it.',
      check: 'The row catches the band and the garment underneath everywhere.',
      view: 'above',
      now: ['first'],
      sews: 'waist',
    },
    {
      do: 'Sew a second row, {second} from the edge, starting from the other end.',
      check: 'The band lies flat without ripples.',
      view: 'above',
      now: ['second'],
      sews: 'waist',
    },
    {
      do: 'Inside, trim the rest of the garment’s edge close to the second row.',
      check: 'No stitch is cut.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
    },
  ],
  adds: [[['waist', 'overlap'], 'long']],
  faults: ['wavy', 'no-feed', 'perforated', 'uneven-layers'],
});

/** The folded band in section, over the garment's allowance. */
function folded({ width, allowance: a, catchMm }: Numbers, { thicknessMm }: Given): Scene {
  const t = drawnThick(thicknessMm);
  return {
    label: 'In section: the band folded over, its inner edge past the seam',
    view: 'section',
    cloths: [
      {
        points: [
          [a, 0],
          [0, 0],
          [-width, 0],
          [-width, 3.6 * t],
          [catchMm, 3.6 * t],
          [catchMm, 2.4 * t],
          [catchMm - a, 2.4 * t],
        ],
        side: 'right',
        thickMm: t,
      },
      {
        points: [
          [a + 34, 1.2 * t],
          [-a, 1.2 * t],
        ],
        side: 'right',
        thickMm: t,
      },
    ],
    lines: [
      line('stitch', [0, -t], [0, 1.9 * t], 'seam'),
      line('stitch', [catchMm / 2, -t], [catchMm / 2, 4.8 * t], 'top'),
    ],
    dims: [{ from: [-width, 4.8 * t + 5], to: [0, 4.8 * t + 5], mm: width, name: 'band' }],
  };
}

/** The band cut out and laid flat: the half with interfacing, the fold, the edge that is turned in. */
function flat({ cutWide, cutLong, allowance: a, width }: Numbers): Scene {
  const long = Math.min(cutLong, 3 * cutWide);
  return {
    label: 'The band, wrong side up, one end of it',
    view: 'above',
    cloths: [{ points: box(0, 0, long, cutWide), side: 'wrong' }],
    lines: [
      { points: [...box(a, a, long - a, width), [a, a]], role: 'tape', id: 'interfacing' },
      line('mark', [0, a + width], [long, a + width]),
      line('fold', [0, cutWide - a], [long, cutWide - a], 'turned'),
      line('stitch', [a, a], [a, a + width], 'ends'),
    ],
    dims: [
      { from: [long + 7, 0], to: [long + 7, cutWide], mm: cutWide, name: 'cut' },
      { from: [-7, cutWide - a], to: [-7, cutWide], mm: a, name: 'turned in' },
    ],
    texts: [{ at: [a + 0.3 * long, a + width - 3], text: 'interfacing here' }],
  };
}

/** The band on the garment's waist, right sides together. */
const joined = ({ allowance: a }: Numbers): Scene =>
  together(a, 'wrong', 'seam', 'From above: the band on the waist edge');

/** The usual waistband: interfaced, folded over, caught from the right side. */
export const WAISTBAND_FOLDED = procedure('waistband-folded', {
  ...SEWN_SO,
  name: 'Waistband, folded over',
  group: 'band',
  kind: 'join',
  rows: { top: { kind: 'topstitch', name: 'The row from the right side', layers: 4 } },
  asks: [WAIST, bandWidth(30), OVERLAP, allowance(15)],
  work: ({ waist, width, overlap, allowance: a }, { thicknessMm }) => {
    // The inner half reaches past the seam, round the turn of the cloth, so that the row from above catches it.
    const turn = turnOfClothMm(thicknessMm, 4);
    const catchMm = 3;
    return {
      waist,
      width,
      overlap,
      allowance: a,
      catchMm,
      cutWide: 2 * width + 2 * a + catchMm + turn,
      cutLong: waist + overlap + 2 * a,
      grade: Math.max(4, a / 2),
      ends: 2 * width,
    };
  },
  views: { flat, joined, section: folded },
  ready: ['interfacing for half of the band', '[pins]', '[iron]', 'hook, or button, for the overlap'],
  steps: [
    {
      do: 'Cut the band {cutLong} long and {cutWide} wide. Lay interfacing on the half that will show, and [fasten].',
      check: 'No corner lifts, and the band does not stretch.',
      with: 'iron',
      view: 'flat',
      now: ['interfacing'],
    },
    {
      do: 'Turn in the long edge without interfacing by {allowance} and [press] it. Mark the quarters of band and waist.',
      check: 'The fold is straight.',
      with: 'iron',
      view: 'flat',
      now: ['turned'],
    },
    {
      do: 'Right sides together, lay the interfaced edge along the waist, {allowance} past it at each end and {overlap} more where it closes. [hold] Sew {waist} at {allowance}.',
      check: 'The quarters meet, and the waist does not stretch.',
      view: 'joined',
      now: ['seam'],
      sews: 'waist',
    },
    {
      do: 'Grade the allowances: trim the garment’s to {grade}, so that the widest is outside. [Press] them and the band up.',
      check: 'No ridge shows on the right side.',
      caution: BLADE,
      with: 'iron',
      view: 'section',
    },
    {
      do: 'Fold the ends right sides together and sew across each, {width} long. Trim the corners and turn them out.',
      check: 'Both ends are square and the same height.',
      view: 'flat',
      now: ['ends'],
      sews: 'ends',
    },
    {
      do: 'Fold the band over: its inner edge should reach {catchMm} past the seam. [hold]',
      check: 'It covers the seam everywhere and does not twist.',
      view: 'section',
    },
    {
      do: 'Right side up, sew {waist} close to the seam, on the band, through all layers.',
      check: 'The inner edge is caught everywhere.',
      view: 'section',
      now: ['top'],
      sews: 'waist',
      row: 'top',
    },
  ],
  faults: ['uneven-layers', 'wavy', 'hump-stall', 'wandering'],
});
