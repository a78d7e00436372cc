import { type Cannot, cannot } from './cannot';

/** Less than this and the edge tears out of the stitch (common practice). */
const LEAST_BITE_MM = 1;

/**
 * How far a zigzag centred over two edges laid side by side bites into each.
 *
 * @param widthMm - whole swing, mm
 * @param gapMm - gap between the edges, mm, 0 when they touch
 * @returns mm on each side; blocked when the swing does not reach both by 1 mm
 * @example
 * abuttedBite(4, 0.5) // => { biteMm: 1.75 }
 * 'blocked' in abuttedBite(2, 0.5) // => true
 */
export function abuttedBite(widthMm: number, gapMm: number): { biteMm: number } | Cannot {
  const biteMm = (widthMm - gapMm) / 2;
  if (biteMm >= LEAST_BITE_MM) return { biteMm };
  const needs = LEAST_BITE_MM * 2 + gapMm;
  return cannot(
    'seam.abutted-bite',
    `Widen the zigzag to ${needs} mm or close the gap: it must catch both edges.`,
    needs,
    widthMm,
  );
}
