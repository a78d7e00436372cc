import { box, type Scene } from './scene';
import type { Given } from './types';

/** Cloth shown beside a seam, and length of seam shown, mm. */
const BESIDE = 34;
export const LONG = 110;

/** Two layers laid together from above: raw edges on top, the line at a distance, mm. */
export function together(
  distance: number,
  upper: 'right' | 'wrong',
  id: string,
  label: string,
  trimmed?: number,
): Scene {
  return {
    label,
    view: 'above',
    cloths: [{ points: box(0, 0, LONG, distance + BESIDE), side: upper }],
    lines: [
      {
        points: [
          [0, 0],
          [LONG, 0],
        ],
        role: 'raw',
      },
      {
        id,
        points: [
          [0, distance],
          [LONG, distance],
        ],
        role: 'stitch',
      },
      ...(trimmed === undefined
        ? []
        : [
            {
              id: 'trim',
              points: [
                [0, distance - trimmed],
                [LONG, distance - trimmed],
              ] as const,
              role: 'cut' as const,
            },
          ]),
    ],
    dims: [
      { from: [LONG + 6, 0], to: [LONG + 6, distance], mm: distance },
      ...(trimmed === undefined
        ? []
        : [{ from: [-7, distance - trimmed] as const, to: [-7, distance] as const, mm: trimmed }]),
    ],
    texts: [
      {
        at: [4, distance + BESIDE - 4],
        text: upper === 'wrong' ? 'wrong side up' : 'right side up',
      },
    ],
  };
}

/** Said where a blade is at hand; what is said of pins, clips, glue and the iron follows from the plan of the fabric. */
export const BLADE = 'Cut away from your fingers; close the blade when it is laid down.';

/** Stitches that can be drawn out again, or slid on their thread: as the setting has it, else 4 to 5 mm (common practice). */
const BASTE_MM = { least: 4, usual: 4.5 };
export const basteMm = ({ longestMm, rows }: Pick<Given, 'longestMm' | 'rows'>): number =>
  rows?.baste?.lengthMm ?? Math.min(longestMm, BASTE_MM.usual);
export const looseMm = ({ lengthMm, longestMm }: Pick<Given, 'lengthMm' | 'longestMm'>): number =>
  Math.min(longestMm, Math.max(BASTE_MM.least, lengthMm));
