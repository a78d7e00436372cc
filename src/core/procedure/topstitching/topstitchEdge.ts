import { TOPSTITCH_ROWS } from '../engine/asks';
import { topstitchRows } from '../../seam';
import { LONG } from '../engine/pieces';
import { box, type Scene } from '../engine/scene';
import type { Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** A finished edge with one or two rows, its corners turned on a stitch. */
function drawn({ edge, from, gap, rows }: Numbers): Scene {
  const long = Math.min(edge, LONG);
  const row = (d: number) =>
    [
      [d, long * 0.7],
      [d, d],
      [long - d, d],
      [long - d, long * 0.7],
    ] as const;
  return {
    label: 'From above: rows and corners',
    view: 'above',
    cloths: [{ points: box(0, 0, long, long * 0.7), side: 'right' }],
    lines: [
      {
        points: [
          [0, long * 0.7],
          [0, 0],
          [long, 0],
          [long, long * 0.7],
        ],
        role: 'fold',
      },
      { id: 'rows', points: row(from), role: 'stitch' },
      ...(rows > 1 ? [{ id: 'second', points: row(from + gap), role: 'stitch' as const }] : []),
    ],
    dims: [
      { from: [long + 6, 0], to: [long + 6, from], mm: from },
      ...(rows > 1 ? [{ from: [-6, from] as const, to: [-6, from + gap] as const, mm: gap }] : []),
      { from: [from, -6], to: [long - from, -6], mm: edge - 2 * from, name: 'row' },
    ],
  };
}

/** Rows along a finished edge: pocket, flap, belt, felled look. */
export const TOPSTITCH_EDGE = procedure('topstitch-edge', {
  ...SEWN_SO,
  name: 'Topstitching along an edge',
  group: 'topstitch',
  kind: 'topstitch',
  asks: [
    { key: 'edge', label: 'Edge from corner to corner', unit: 'mm', usual: 160, least: 10, most: 5000 },
    { key: 'edges', label: 'How many such edges', unit: 'count', usual: 3, least: 1, most: 12 },
    ...TOPSTITCH_ROWS,
  ],
  work: ({ edge, edges, from, rows, gap }, { lengthMm }) => {
    const count = Math.round(rows);
    const found = topstitchRows({
      edges: [{ mm: edge, startAngleDeg: 90, endAngleDeg: 90 }],
      lengthMm,
      fromEdgeMm: from,
      rows: count,
      gapMm: gap,
    });
    if ('blocked' in found) return found;
    const [first, second] = found.rows.map((row) => row.edges[0]);
    const times = Math.round(edges);
    return {
      edge,
      edges: times,
      from,
      gap,
      rows: count,
      more: count - 1,
      stitches: first.stitches,
      stitch: first.lengthMm,
      run: first.rowMm * times,
      innerStitches: second?.stitches ?? 0,
      innerStitch: second?.lengthMm ?? first.lengthMm,
      inner: (second?.rowMm ?? 0) * times,
    };
  },
  views: { above: drawn },
  ready: ['topstitching thread, or three threads together', 'tape on the plate as a guide', '[needle]'],
  steps: [
    {
      do: 'Stick a guide on the plate so that the edge runs {from} from the needle.',
      check: 'Sew on a scrap of the same layers: the row stays an even distance from the edge.',
      caution: 'Switch the machine off to change needle and thread.',
      view: 'above',
    },
    {
      do: 'First row, {from} from the edge: {stitches:n} stitches of {stitch} on each edge, turned at every corner with the needle down.',
      check: 'There is a stitch exactly at each corner.',
      view: 'above',
      now: ['rows'],
      sews: 'run',
      atMm: 'stitch',
    },
    {
      do: 'Second row {gap} inside the first: {innerStitches:n} stitches of {innerStitch} on each edge.',
      check: 'The rows are parallel.',
      view: 'above',
      now: ['second'],
      sews: 'inner',
      when: 'more',
      atMm: 'innerStitch',
    },
    {
      do: '[ends]',
      check: 'None of the ends show on the right side.',
      view: 'above',
      now: ['rows'],
    },
  ],
  faults: ['wandering', 'loops-below', 'skipped', 'shreds'],
});
