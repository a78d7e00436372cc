import { MAIN_ROW, type RowSize } from '../engine/types';
import { rowSize } from '../engine/rowSize';
import { mm } from '../../units';
import { clamp } from '../../numbers';
import { cannot } from '../../seam';
import { BLADE } from '../engine/pieces';
import { box, type Scene } from '../engine/scene';
import type { Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** So many are drawn; of more the number is said. */
const MOST_DRAWN = 12;

/** One on a scrap, before any is sewn on the garment. */
function onScrap({ hole }: Numbers): Scene {
  const [x, y, half] = [30, 20, 1.6];
  const ring = box(x - hole / 2, y - half, hole, 2 * half);
  return {
    label: 'From above: one on a scrap of the same layers',
    view: 'above',
    cloths: [{ points: box(0, 0, 60, 40), side: 'right' }],
    lines: [{ id: 'test', points: [...ring, ring[0]], role: 'stitch' }],
    dims: [{ from: [x - hole / 2, 48], to: [x + hole / 2, 48], mm: hole, name: 'long' }],
  };
}

/** A row of buttonholes on the front edge, each from its bar, their middles on the button line or across it. */
function row({ hole, count, spacing, edge, lying, past }: Numbers): Scene {
  const shown = Math.min(MOST_DRAWN, count);
  const tall = clamp(hole + 10, 24, 60);
  return {
    label: 'From above: on the front, first and last where you want them',
    view: 'above',
    cloths: [{ points: box(0, 0, edge + 50, shown * tall + 20), side: 'right' }],
    lines: [
      {
        points: [
          [0, 0],
          [0, shown * tall + 20],
        ],
        role: 'fold',
      },
      {
        points: [
          [edge, 0],
          [edge, shown * tall + 20],
        ],
        role: 'mark',
      },
      ...Array.from({ length: shown }, (_, i) => {
        const y = 20 + i * tall;
        const [from, to] =
          lying > 0
            ? ([
                [edge - past, y],
                [edge - past + hole, y],
              ] as const)
            : ([
                [edge, y - hole / 2],
                [edge, y + hole / 2],
              ] as const);
        const [dx, dy] = lying > 0 ? [0, 1.6] : [1.6, 0];
        return [
          {
            id: 'holes',
            points: [
              [from[0] - dx, from[1] - dy],
              [to[0] - dx, to[1] - dy],
              [to[0] + dx, to[1] + dy],
              [from[0] + dx, from[1] + dy],
              [from[0] - dx, from[1] - dy],
            ] as const,
            role: 'stitch' as const,
          },
          { id: 'slit', points: [from, to] as const, role: 'cut' as const },
        ];
      }).flat(),
    ],
    dims: [
      { from: [0, -8], to: [edge, -8], mm: edge, name: 'button line' },
      ...(shown > 1
        ? [{ from: [edge + 58, 20] as const, to: [edge + 58, 20 + tall] as const, mm: spacing, name: 'apart' }]
        : []),
    ],
    ...(count > shown && { texts: [{ at: [4, shown * tall + 14] as const, text: `and ${count - shown} more` }] }),
  };
}

/** While nothing is matched (common practice). */
const USUAL: RowSize = { stitch: 'buttonhole', lengthMm: 0.4, widthMm: 5 };

/** Buttonholes: proven on the real layers, marked, sewn, and cut last. */
export const BUTTONHOLES = procedure('buttonholes', {
  ...SEWN_SO,
  name: 'Buttonholes',
  group: 'topstitch',
  kind: 'buttonhole',
  main: { stitches: ['buttonhole'] },
  asks: [
    { key: 'button', label: 'Button across', unit: 'mm', usual: 15, least: 5, most: 60 },
    { key: 'thick', label: 'Thickness of the button', unit: 'mm', usual: 3, least: 0.5, most: 40 },
    { key: 'count', label: 'How many', unit: 'count', usual: 6, least: 1, most: 30 },
    { key: 'long', label: 'From the first to the last', unit: 'mm', usual: 450, least: 0, most: 2000 },
    { key: 'edge', label: 'Button line from the edge', unit: 'mm', usual: 18, least: 6, most: 100 },
    {
      key: 'lying',
      label: 'Direction',
      unit: 'count',
      usual: 0,
      least: 0,
      most: 1,
      options: [
        [0, 'upright, along the front edge'],
        [1, 'across, towards the edge'],
      ],
    },
  ],
  work: ({ button, thick, count, long, edge, lying }, given) => {
    const size = rowSize(given, MAIN_ROW, USUAL);
    const times = Math.round(count);
    const hole = button + thick;
    const spacing = times > 1 ? long / (times - 1) : 0;
    if (times > 1 && lying !== 1 && spacing < hole + 6) {
      const fits = Math.max(1, Math.floor(long / (hole + 6)) + 1);
      const text = `${times} buttonholes of ${mm(hole)} do not fit upright into ${mm(long)}: make ${fits}, or sew them across.`;
      return cannot('seam.buttonholes-crowd', text, fits, times, '');
    }
    if (edge < button / 2 + 3) {
      const least = button / 2 + 3;
      const text = `A button of ${mm(button)} hangs over an edge ${mm(edge)} from its middle: put the button line at least ${mm(least)} in.`;
      return cannot('seam.button-over-edge', text, least, edge);
    }
    return {
      button,
      hole,
      count: times,
      spacing,
      edge,
      lying,
      past: 3,
      many: times > 1 ? 1 : 0,
      stitch: size.lengthMm,
      swing: size.widthMm,
      test: 2 * hole,
      sewn: 2 * hole * times,
    };
  },
  views: { scrap: onScrap, above: row },
  ready: ['buttonhole foot', 'stabiliser under thin or soft fabric', 'a sharp seam ripper', '[pins]'],
  steps: [
    {
      do: 'On a scrap of the same layers, with interfacing and stabiliser: sew one {hole} long, which is the button plus its thickness.',
      check: 'The button goes through with slight resistance; both sides are equally dense.',
      caution: 'Switch the machine off to change the foot.',
      view: 'scrap',
      now: ['test'],
      sews: 'test',
      atMm: 'stitch',
      machine: { stitch: 'buttonhole', widthMm: 'swing', foot: 'buttonhole' },
    },
    {
      do: 'Mark the button line {edge} from the edge and {count:n} places on it, {spacing} apart.',
      check: 'One is at the fullest point, where the front would gape.',
      view: 'above',
      when: 'many',
    },
    {
      do: 'Mark the place on the button line, {edge} from the edge.',
      check: 'It is where the front would gape.',
      view: 'above',
      when: '!many',
    },
    {
      do: 'Sewn across, they start {past} beyond the button line, towards the edge.',
      check: 'The button will sit on its line.',
      view: 'above',
      when: 'lying',
    },
    {
      do: 'Sew all {count:n}, from the least visible to the most visible, each in the same direction.',
      check: 'All end level.',
      view: 'above',
      now: ['holes'],
      sews: 'sewn',
      atMm: 'stitch',
      machine: { stitch: 'buttonhole', widthMm: 'swing', foot: 'buttonhole' },
    },
    {
      do: '[Stop] across each end before its bar. Cut from both ends to the middle.',
      check: 'No bar is cut. Seal a fraying slit on a scrap first.',
      caution: `${BLADE} The seam ripper jumps when a thread gives way: what lies across stops it.`,
      with: 'blade',
      view: 'above',
      now: ['slit'],
    },
  ],
  faults: ['no-feed', 'nest', 'pucker-line', 'uneven-length'],
});
