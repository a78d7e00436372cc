import { box, type Scene } from './scene';
import type { Numbers } from './types';

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

/**
 * How much the short edge is stretched in each quarter of the long one.
 *
 * @param long - of the drawn edge, mm
 * @param y - where it is written
 * @param pull - percent; the same in every quarter, for both edges were quartered
 */
export const quarterTexts = (long: number, y: number, pull: number): NonNullable<Scene['texts']> =>
  [0, 1, 2, 3].map((i) => ({ at: [(long * (i + 0.28)) / 4, y] as const, text: `+${Math.round(pull)} %` }));

/** Band and opening laid out flat, quarters marked on both. */
export function quarters({ opening, finished, width, pull }: Numbers): Scene {
  const scale = 180 / opening;
  const [long, short] = [180, finished * scale];
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
    label: 'Laid flat, drawn smaller: quarters on both edges',
    view: 'above',
    cloths: [
      { points: box(0, 34, long, 30), side: 'right' },
      { points: box(0, 0, short, Math.min(18, width * 0.8)), side: 'right' },
    ],
    lines: [...marks(long, 34, 8), ...marks(short, 0, 18)],
    dims: [
      { from: [0, 70], to: [long, 70], mm: opening, name: 'opening' },
      { from: [0, -6], to: [short, -6], mm: finished, name: 'band' },
    ],
    texts: quarterTexts(long, 56, pull),
  };
}
