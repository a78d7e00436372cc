import { LONG } from './pieces';
import { box, drawnThick, type ScenePoint, type Scene, type SceneCloth, type SceneLine } from './scene';
import { type LineStitch, stitchAlong } from './stitchAlong';
import { EDGE_ZIGZAG, rowSize } from './rowSize';
import type { Given, Numbers } from './types';

/** One line along an edge: how far in it lies, and in which step it is made. */
export interface SceneRow {
  id?: string;
  mm: number;
  role?: SceneLine['role'];
  name?: string;
  /** Where it lies is said by the drawing alone. */
  plain?: true;
  /** A stitch with a swing is drawn as the needle goes. */
  swing?: LineStitch;
}

interface RowsAlongEdge {
  label: string;
  edge: 'raw' | 'fold';
  side: SceneCloth['side'];
  rows: readonly SceneRow[];
  /** Said on the cloth, below the rows. */
  text?: string;
}

/** Cloth shown past the last row, mm. */
const PAST = 30;

/**
 * An edge from above with lines along it, each dimensioned from the edge: to the right the nearest, to the left the next.
 *
 * @param wanted - the edge and its rows, mm
 */
export function rowScene({ label, edge, side, rows, text }: RowsAlongEdge): Scene {
  const deep = Math.max(...rows.map((row) => row.mm)) + PAST;
  return {
    label,
    view: 'above',
    cloths: [{ points: box(0, 0, LONG, deep), side }],
    lines: [
      {
        points: [
          [0, 0],
          [LONG, 0],
        ],
        role: edge,
      },
      ...rows.map((row) => ({ ...(row.id && { id: row.id }), points: rowPoints(row), role: row.role ?? 'stitch' })),
    ],
    // A third dimension would cover the others: the step's text gives its row.
    dims: rows
      .filter(({ plain }) => !plain)
      .slice(0, 2)
      .map(({ mm, name }, i) => {
        const x = i === 0 ? LONG + 7 : -7;
        return { from: [x, 0] as const, to: [x, mm] as const, mm, ...(name && { name }) };
      }),
    ...(text && { texts: [{ at: [4, deep - 5] as const, text }] }),
  };
}

/** One layer with its raw edge finished, as the row is sewn. */
export function edgeFinished(_: Numbers, given: Given): Scene {
  const swing = rowSize(given, 'finish', EDGE_ZIGZAG);
  return rowScene({
    label: 'From above: one layer, its raw edge finished',
    edge: 'raw',
    side: 'right',
    rows: [{ id: 'finish', mm: swing.widthMm / 2, swing, plain: true }],
    text: 'one layer',
  });
}

/** A row of basting a hair inside the allowance, by machine or by hand. */
export const bastedRow = ({ row, allowance }: Numbers): Scene =>
  rowScene({
    label: 'From above: just inside the allowance',
    edge: 'raw',
    side: 'wrong',
    rows: [
      { id: 'row', mm: row, role: 'baste' },
      { mm: allowance, role: 'mark', name: 'seam line' },
    ],
  });

/** As the needle goes: two points for a line, the swing's own for the rest. */
function rowPoints({ mm, swing }: SceneRow): readonly ScenePoint[] {
  const line: ScenePoint[] = [
    [0, mm],
    [LONG, mm],
  ];
  return swing ? stitchAlong(line, swing) : line;
}

/** Dimensions of a section lie this share of its length off the layers. */
const AWAY_SHARE = 0.06;

interface Stacked {
  label: string;
  /** Layers from the top; each from its own raw edge, mm in from the left. */
  layers: readonly { side: SceneCloth['side']; fromMm?: number; toMm?: number }[];
  thicknessMm: number;
  /** Lines through all layers. */
  rows: readonly SceneRow[];
}

/**
 * Flat layers in section, drawn apart by their thickness, with the lines that go through them.
 *
 * @param wanted - layers and rows, mm
 */
export function stackScene({ label, layers, thicknessMm, rows }: Stacked): Scene {
  const thick = drawnThick(thicknessMm);
  const deep = Math.max(...rows.map((row) => row.mm)) + PAST;
  const bottom = layers.length * 1.2 * thick;
  const away = AWAY_SHARE * deep;
  return {
    label,
    view: 'section',
    cloths: layers.map(({ side, fromMm = 0, toMm = deep }, i) => ({
      points: [
        [fromMm, i * 1.2 * thick],
        [toMm, i * 1.2 * thick],
      ],
      side,
      thickMm: thick,
    })),
    lines: rows.map(({ id, mm, role = 'stitch' }) => ({
      ...(id && { id }),
      points: [
        [mm, -1.4 * thick],
        [mm, bottom],
      ],
      role,
    })),
    dims: rows.slice(0, 2).map(({ mm, name }, i) => {
      const y = i === 0 ? bottom + away : -1.4 * thick - away;
      return { from: [0, y] as const, to: [mm, y] as const, mm, ...(name && { name }) };
    }),
  };
}
