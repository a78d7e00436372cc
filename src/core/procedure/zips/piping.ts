import { mm } from '../../units';
import { cannot } from '../../seam';
import { allowance } from '../engine/asks';
import { BLADE } from '../engine/pieces';
import { drawnThick, type ScenePoint, type Scene } from '../engine/scene';
import type { Given, Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** Joins at both ends: laid over each other, and cord taken back, mm (common practice). */
const OVERLAP_MM = 40;

/** The covered cord between two layers in section. */
function between({ cord, allowance: a, near, line }: Numbers, { thicknessMm }: Given): Scene {
  const t = drawnThick(thicknessMm);
  const r = Math.max(3, cord / 2);
  const middle = 1.8 * t;
  const circle = (radius: number, from: number, turn: number): ScenePoint[] =>
    Array.from({ length: 25 }, (_, i) => {
      const angle = from + (turn * i) / 24;
      return [radius * Math.cos(angle) - r, radius * Math.sin(angle) + middle];
    });
  // The strip comes along the top of the allowance, goes round the cord and back below.
  const round = circle(r + t / 2, -Math.PI / 4, -1.5 * Math.PI);
  return {
    label: 'In section: the covered cord between both layers',
    view: 'section',
    cloths: [
      { points: circle(r, 0, 2 * Math.PI), side: 'wrong' },
      {
        points: [
          [a, 0],
          [0, 0],
          [-26, -1.4 * r],
        ],
        side: 'wrong',
        thickMm: t,
      },
      { points: [[a, 1.2 * t], ...round, [a, 2.4 * t]], side: 'right', thickMm: 0.8 * t },
      {
        points: [
          [a, 3.6 * t],
          [0, 3.6 * t],
          [-26, 3.6 * t + 1.4 * r],
        ],
        side: 'right',
        thickMm: t,
      },
    ],
    lines: [
      {
        id: 'cover',
        points: [
          [near, 0.6 * t],
          [near, 3 * t],
        ],
        role: 'baste',
      },
      {
        id: 'seam',
        points: [
          [line, -1.2 * t],
          [line, 4.8 * t],
        ],
        role: 'stitch',
      },
    ],
    dims: [{ from: [0, 4.8 * t + 8], to: [a, 4.8 * t + 8], mm: a }],
  };
}

/** A covered cord in a seam. */
export const PIPING = procedure('piping', {
  ...SEWN_SO,
  name: 'Cord and piping in a seam',
  group: 'zip',
  kind: 'piping',
  asks: [
    { key: 'seam', label: 'All round, or along', unit: 'mm', usual: 1600, least: 50, most: 20000 },
    { key: 'cord', label: 'Cord across', unit: 'mm', usual: 4, least: 1.5, most: 15 },
    allowance(15),
    { key: 'corners', label: 'Corners it goes round', unit: 'count', usual: 4, least: 0, most: 40 },
  ],
  work: ({ seam, cord, allowance: a, corners }, { thicknessMm }) => {
    const round = Math.PI * (cord + thicknessMm);
    if (a < 5) {
      const text = `An allowance of ${mm(a)} is too narrow for the foot beside the cord: cut it at least {5 mm} wide.`;
      return cannot('seam.piping-narrow', text, 5, a);
    }
    return {
      seam,
      cord,
      allowance: a,
      corners: Math.round(corners),
      cut: round + 2 * a,
      strip: seam + OVERLAP_MM + 60,
      cordLong: seam + OVERLAP_MM,
      near: 1.2,
      line: 0.4,
      overlap: OVERLAP_MM,
      stitch: 3.5,
    };
  },
  views: { section: between },
  ready: [
    'bias strips {cut} wide, {strip} altogether',
    'cord, washed first: {cordLong}',
    'zip foot, its bar away from the cord',
  ],
  steps: [
    {
      do: 'Cut bias strips {cut} wide: once round the cord plus {allowance} twice. Join them to {strip}.',
      check: 'The joins are on the slant and open.',
      caution: BLADE,
      with: 'blade',
      view: 'section',
    },
    {
      do: 'Wrap the strip round the cord, raw edges level. Stitches of {stitch}, close to the cord but not against it.',
      check: 'The cord is snug and can still turn.',
      view: 'section',
      now: ['cover'],
      sews: 'seam',
      atMm: 'stitch',
      machine: { foot: 'zip', footSide: 'left', needleAsideMm: 2 },
    },
    {
      do: 'Lay it on the right side of one piece, raw edges level, and sew on the same line, starting {overlap} from its end.',
      check: 'It is neither stretched nor eased, except for a little ease at corners.',
      view: 'section',
      now: ['cover'],
      sews: 'seam',
      machine: { foot: 'zip', footSide: 'left', needleAsideMm: 2 },
    },
    {
      do: 'At {corners:n} corners: three snips into the strip’s allowance, one at the point; needle down, turn.',
      check: 'The cord bends round, and no snip reaches the stitching.',
      caution: BLADE,
      with: 'blade',
      view: 'section',
      when: 'corners',
    },
    {
      do: 'Where the ends meet: open the strip, cut the cords so that they meet end to end, fold one end of the strip under {10 mm} and wrap it round the other.',
      check: 'No lump, no gap.',
      caution: BLADE,
      with: 'blade',
      view: 'section',
    },
    {
      do: 'Second piece on top, right sides together: sew from the side where the first row shows, slightly closer to the cord.',
      check: 'From the right side, no stitch of the first row shows.',
      caution: 'Turn the handwheel once: the needle must clear the foot and the cord.',
      view: 'section',
      now: ['seam'],
      sews: 'seam',
      machine: { foot: 'zip', footSide: 'left', needleAsideMm: 2 },
    },
  ],
  faults: ['wandering', 'uneven-layers', 'pucker-line', 'skipped'],
});
