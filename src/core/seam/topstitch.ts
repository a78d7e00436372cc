import { mm } from '../units';
import * as z from 'zod';
import { above0, wholeWithin } from '../result';
import { type Cannot, cannot } from './cannot';

const angle = above0('an angle in degrees', 359).default(90);

/** Edges to be topstitched round their corners. Lengths in mm; angles are those between neighbouring edges. */
export const topstitchInputSchema = z.strictObject({
  edges: z
    .array(z.strictObject({ mm: above0('a length in mm', 20000), startAngleDeg: angle, endAngleDeg: angle }))
    .min(1, 'expected one edge or more')
    .max(200, 'expected at most 200 edges'),
  lengthMm: above0('a length in mm', 20),
  fromEdgeMm: above0('a distance in mm', 200),
  rows: wholeWithin(1, 8, 'a whole number of rows').default(1),
  gapMm: above0('a distance in mm', 100).default(6),
});

/** Rows of topstitching: for each edge the length of the row, its stitches and their length, mm. */
export interface TopstitchRows {
  rows: { edges: { rowMm: number; stitches: number; lengthMm: number }[] }[];
}

/** How much shorter a row at a distance inside an edge is at one corner: d·cot(half the corner's angle). */
const cutOff = (distanceMm: number, angleDeg: number) => distanceMm / Math.tan((angleDeg * Math.PI) / 360);

/**
 * Stitches along each edge so that every corner is turned on a stitch.
 *
 * @param input - edges and distances in mm, angles in degrees
 * @returns rows from the edge inwards; blocked when a row has no room on an edge
 * @example
 * topstitchRows({ edges: [{ mm: 60, startAngleDeg: 90, endAngleDeg: 90 }], lengthMm: 3, fromEdgeMm: 6, rows: 1, gapMm: 6 }) // => { rows: [{ edges: [{ rowMm: 48, stitches: 16, lengthMm: 3 }] }] }
 */
export function topstitchRows(input: z.infer<typeof topstitchInputSchema>): TopstitchRows | Cannot {
  const rows: TopstitchRows['rows'] = [];
  for (let row = 0; row < input.rows; row += 1) {
    const distance = input.fromEdgeMm + row * input.gapMm;
    const edges = input.edges.map(({ mm, startAngleDeg, endAngleDeg }) => {
      const rowMm = mm - cutOff(distance, startAngleDeg) - cutOff(distance, endAngleDeg);
      const stitches = Math.max(1, Math.round(rowMm / input.lengthMm));
      return { rowMm, stitches, lengthMm: rowMm / stitches };
    });
    const short = edges.findIndex(({ rowMm }) => rowMm <= 0);
    if (short >= 0) {
      const edge = input.edges[short];
      const text = `Row ${row + 1} does not fit on edge ${short + 1}: ${mm(distance)} in, the corners use up an edge of ${mm(edge.mm)}. Sew closer to the edge.`;
      return cannot('seam.topstitch-no-room', text, 0, edges[short].rowMm);
    }
    rows.push({ edges });
  }
  return { rows };
}
