import { LONG } from './pieces';
import { box, type Scene, type SceneCloth, type SceneLine } from './scene';

/** One line along an edge: how far in it lies, and in which step it is made. */
export interface Row {
  id?: string;
  mm: number;
  role?: SceneLine['role'];
  name?: string;
}

interface Wanted {
  label: string;
  edge: 'raw' | 'fold';
  side: SceneCloth['side'];
  rows: readonly Row[];
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
export function rowScene({ label, edge, side, rows, text }: Wanted): Scene {
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
      ...rows.map(({ id, mm, role = 'stitch' }) => ({
        ...(id && { id }),
        points: [
          [0, mm],
          [LONG, mm],
        ] as const,
        role,
      })),
    ],
    // A third dimension would lie over the others: its row is told in the step.
    dims: rows.slice(0, 2).map(({ mm, name }, i) => {
      const x = i === 0 ? LONG + 7 : -7;
      return { from: [x, 0] as const, to: [x, mm] as const, mm, ...(name && { name }) };
    }),
    ...(text && { texts: [{ at: [4, deep - 5] as const, text }] }),
  };
}
