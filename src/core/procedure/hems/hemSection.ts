import { drawnThick, line, type Scene, type SceneDim, type ScenePoint } from '../engine/scene';

/** Cloth shown past the hem, mm. */
const PAST_MM = 38;

interface HemSection {
  label: string;
  /** From the lower fold to the upper edge or fold of the hem, and what is turned in there; 0 for a single fold. */
  hem: number;
  turn: number;
  thicknessMm: number;
  /** Where a row goes through, from the lower fold. */
  row: { mm: number; id: string };
  turnName?: string;
}

/** A hem in section: the garment above, turned once or twice, with its row. */
export function hemSection({ label, hem, turn, thicknessMm, row, turnName = 'turned in' }: HemSection): Scene {
  const t = drawnThick(thicknessMm);
  const under: ScenePoint[] =
    turn > 0
      ? [
          [0, 2.4 * t],
          [hem, 2.4 * t],
          [hem, 1.2 * t],
          [hem - turn, 1.2 * t],
        ]
      : [
          [0, 1.2 * t],
          [hem, 1.2 * t],
        ];
  const bottom = turn > 0 ? 3.6 * t : 2.4 * t;
  const dims: SceneDim[] = [
    { from: [0, bottom + 5], to: [hem, bottom + 5], mm: hem, name: 'hem' },
    ...(turn > 0
      ? [{ from: [hem - turn, -t - 4] as const, to: [hem, -t - 4] as const, mm: turn, name: turnName }]
      : []),
  ];
  return {
    label,
    view: 'section',
    cloths: [{ points: [[hem + PAST_MM, 0], [0, 0], ...under], side: 'right', thickMm: t }],
    lines: [line('stitch', [row.mm, -t], [row.mm, bottom], row.id)],
    dims,
  };
}
