import { rowScene } from '../engine/rowScene';
import { box, line, type Scene } from '../engine/scene';
import type { Numbers } from '../engine/types';

/** A folded band sewn on, in section: its finished width and its allowance. */
export function sewnOn({ width, allowance: a }: Numbers): Scene {
  return {
    label: 'In section: the folded band on the opening',
    view: 'section',
    cloths: [
      {
        points: [
          [a, -2.4],
          [-width, -2.4],
          [-width, -1.2],
          [a, -1.2],
        ],
        side: 'right',
        thickMm: 0.9,
      },
      {
        points: [
          [a, 0],
          [0, 0],
          [40, 0.1],
        ],
        side: 'right',
        thickMm: 0.9,
      },
    ],
    lines: [
      {
        id: 'seam',
        points: [
          [0, -3.4],
          [0, 1],
        ],
        role: 'stitch',
      },
    ],
    dims: [{ from: [-width, -5.6], to: [0, -5.6], mm: width, name: 'finished' }],
  };
}

/** The two ends of a band right sides together, as its ring is closed. */
export const endsJoined = ({ join }: Numbers): Scene =>
  rowScene({
    label: 'From above: the two ends of the band, right sides together',
    edge: 'raw',
    side: 'wrong',
    rows: [{ id: 'ring', mm: join, name: 'at each end' }],
    text: 'both ends of the band',
  });

/** Two ends of elastic, one on the other, with a square and a cross through both. */
export function endsLapped({ elastic, overlap }: Numbers): Scene {
  const inset = Math.min(2, elastic / 5);
  const [left, right, top, bottom] = [inset, overlap - inset, inset, elastic - inset];
  const beside = 40;
  return {
    label: 'From above: one end of the elastic on the other, a square and a cross through both',
    view: 'above',
    cloths: [
      { points: box(-beside, 0, beside + overlap, elastic), side: 'wrong' },
      { points: box(0, 0, beside + overlap, elastic), side: 'right' },
    ],
    lines: [
      line('raw', [0, 0], [0, elastic]),
      line('raw', [overlap, 0], [overlap, elastic]),
      {
        points: [
          [left, top],
          [right, top],
          [right, bottom],
          [left, bottom],
          [left, top],
          [right, bottom],
        ],
        role: 'stitch',
        id: 'ring',
      },
      line('stitch', [left, bottom], [right, top], 'ring'),
    ],
    dims: [{ from: [0, elastic + 8], to: [overlap, elastic + 8], mm: overlap, name: 'overlap' }],
  };
}

/** Two edges laid out flat: how long each is and what it is called, mm; and how much the short one is pulled, percent. */
interface Laid {
  long: { mm: number; name: string; side: 'right' | 'wrong' };
  short: { mm: number; name: string; wideMm: number };
  pull: number;
}

/** Drawn smaller: no band would fit as it is. */
const LAID_MM = 180;

/** A short edge above the long one it is stretched onto, quarters marked on both, and the pull in each quarter. */
export function laidFlat({ long, short, pull }: Laid): Scene {
  const below = short.mm * (LAID_MM / long.mm);
  const wide = Math.min(18, short.wideMm);
  const marks = (length: number, y: number, tall: number) =>
    [0, 1, 2, 3, 4].map((i) => ({
      id: 'quarters',
      points: [
        [(length * i) / 4, y],
        [(length * i) / 4, y + tall],
      ] as const,
      role: 'mark' as const,
    }));
  return {
    label: `Laid flat, drawn smaller: quarters on ${short.name} and ${long.name}`,
    view: 'above',
    cloths: [
      { points: box(0, 34, LAID_MM, 30), side: long.side },
      { points: box(0, 0, below, wide), side: 'right' },
    ],
    lines: [...marks(LAID_MM, 34, 8), ...marks(below, 0, wide)],
    dims: [
      { from: [0, 70], to: [LAID_MM, 70], mm: long.mm, name: long.name },
      { from: [0, -6], to: [below, -6], mm: short.mm, name: short.name },
    ],
    // Both edges are quartered: the pull is the same in each.
    texts: [0, 1, 2, 3].map((i) => ({
      at: [(LAID_MM * (i + 0.28)) / 4, 56] as const,
      text: `+${Math.round(pull)}%`,
    })),
  };
}

/** A band and its opening. */
export const quarters = ({ opening, finished, width, pull }: Numbers): Scene =>
  laidFlat({
    long: { mm: opening, name: 'opening', side: 'right' },
    short: { mm: finished, name: 'band', wideMm: 0.8 * width },
    pull,
  });
