import { DENSE_ZIGZAG, rowSize } from '../engine/rowSize';
import { TOPSTITCH_ROWS } from '../engine/asks';
import { topstitchRows } from '../../seam';

import { box, type ScenePoint, type Scene } from '../engine/scene';
import type { Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** A pocket with its rows down, across and up, and a bar at each upper corner. */
function pocket({ wide, high, from, gap, rows }: Numbers): Scene {
  const path = (d: number): ScenePoint[] => [
    [d, 0],
    [d, high - d],
    [wide - d, high - d],
    [wide - d, 0],
  ];
  return {
    label: 'From above: down, across, up; a bar at each upper corner',
    view: 'above',
    cloths: [
      { points: box(-30, -24, wide + 60, high + 54), side: 'right' },
      { points: box(0, 0, wide, high), side: 'right' },
    ],
    lines: [
      { points: box(0, 0, wide, high).concat([[0, 0]]), role: 'fold' },
      { id: 'rows', points: path(from), role: 'stitch' },
      ...(rows > 1 ? [{ id: 'second', points: path(from + gap), role: 'stitch' as const }] : []),
      ...[from, wide - from].map((x) => ({
        id: 'bars',
        points: [
          [x - 4, 1],
          [x + 4, 1],
          [x - 4, 2],
          [x + 4, 2],
        ] as const,
        role: 'stitch' as const,
      })),
    ],
    dims: [
      { from: [0, high + 38], to: [wide, high + 38], mm: wide },
      { from: [wide + 38, 0], to: [wide + 38, high], mm: high },
    ],
  };
}

/** A patch pocket sewn on with rows that turn on a stitch. */
export const PATCH_POCKET = procedure('patch-pocket', {
  ...SEWN_SO,
  name: 'Patch pocket, topstitched on',
  group: 'topstitch',
  kind: 'topstitch',
  main: { name: 'The rows' },
  rows: { bars: { kind: 'bar-tack', name: 'The bars' } },
  asks: [
    { key: 'wide', label: 'Pocket width', unit: 'mm', usual: 150, least: 30, most: 500 },
    { key: 'high', label: 'Pocket height', unit: 'mm', usual: 170, least: 30, most: 500 },
    ...TOPSTITCH_ROWS,
  ],
  work: ({ wide, high, from, rows, gap }, given) => {
    const { lengthMm } = given;
    const bars = rowSize(given, 'bars', DENSE_ZIGZAG);
    // At its open upper edge a row runs out straight: nothing is taken off there.
    const side = { mm: high, startAngleDeg: 180, endAngleDeg: 90 };
    const edges = [side, { mm: wide, startAngleDeg: 90, endAngleDeg: 90 }, side];
    const count = Math.round(rows);
    const found = topstitchRows({ edges, lengthMm, fromEdgeMm: from, rows: count, gapMm: gap });
    if ('blocked' in found) return found;
    const all = (row: (typeof found.rows)[number]) => row.edges.reduce((sum, { rowMm }) => sum + rowMm, 0);
    const [first, second] = found.rows;
    return {
      wide,
      high,
      from,
      gap,
      rows: count,
      more: count - 1,
      down: first.edges[0].stitches,
      downStitch: first.edges[0].lengthMm,
      over: first.edges[1].stitches,
      overStitch: first.edges[1].lengthMm,
      run: all(first),
      inner: second ? all(second) : 0,
      innerDown: second?.edges[0].stitches ?? 0,
      innerOver: second?.edges[1].stitches ?? 0,
      bar: 8,
      bars: given.holesStay > 0 ? 0 : 2 * 8 * 2,
      dense: bars.lengthMm,
      swing: bars.widthMm,
    };
  },
  views: { above: pocket },
  ready: ['the pocket, its upper hem sewn', '[needle]', '[pins]', '[iron]', 'tape on the plate as a guide'],
  steps: [
    {
      do: '[Press] the pocket’s allowances in and lay it on, with a little ease in the upper edge. [hold]',
      check: 'A hand goes in without pulling.',
      with: 'iron',
      view: 'above',
    },
    {
      do: 'First row, {from} from the edge: {down:n} stitches of {downStitch} down, {over:n} of {overStitch} across, {down:n} up.',
      check: 'Both corners are turned on a stitch, needle down.',
      view: 'above',
      now: ['rows'],
      sews: 'run',
      atMm: 'downStitch',
    },
    {
      do: 'Second row {gap} inside the first: {innerDown:n} stitches down, {innerOver:n} across, {innerDown:n} up.',
      check: 'The rows are parallel, and the corners are on one diagonal.',
      view: 'above',
      now: ['second'],
      sews: 'inner',
      when: 'more',
    },
    {
      do: 'A bar of {bar} at each upper corner: {swing} wide, stitches of {dense}.',
      check: 'Pull the pocket down: the corner holds.',
      view: 'above',
      now: ['bars'],
      sews: 'bars',
      atMm: 'dense',
      row: 'bars',
      machine: { widthMm: 'swing' },
      when: 'bars',
    },
    {
      do: 'Knot the tails of both rows on the wrong side at each upper corner. Do not sew a bar there: dense stitches tear this fabric.',
      check: 'Pull the pocket down: the corner holds.',
      view: 'above',
      now: ['rows'],
      when: '!bars',
    },
  ],
  faults: ['wandering', 'uneven-layers', 'loops-below', 'hump-stall'],
});
