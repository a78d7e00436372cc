import type { Paper, Tile } from '@/core/geometry';
import { type Numbers, type Scene, type SceneLine, SHEET, templateOf } from '@/core/procedure';
import { useUnits } from '@/parts/workspace';
import { CheckBar } from '@/ui';
import type { RunNow } from '../useRunNow';
import styles from './Print.module.css';
import { TEMPLATE_SHEETS_TEXT } from '../text';

/** The line with its allowance, cuts and corners at true scale, over as many sheets as it takes. */
export function TemplateSheets({ now, numbers, paper }: { now: RunNow; numbers: Numbers; paper: Paper }) {
  const { procedure, given, run } = now;
  const scene = Object.values(procedure.views)[0](numbers, given);
  const { tiles, columns, rows } = templateOf(scene, paper);
  return tiles.map((tile, i) => (
    <section key={i} className={styles.sheet} style={{ width: `${paper.widthMm}mm`, height: `${paper.heightMm}mm` }}>
      <div className={styles.head} style={{ height: `${SHEET.headMm}mm` }}>
        <p>
          <strong>{procedure.name}</strong>
          {TEMPLATE_SHEETS_TEXT.printAtThenMeasure(run.clothName)}
          {tiles.length > 1 &&
            TEMPLATE_SHEETS_TEXT.sheetOfRowOf(i + 1, tiles.length, tile.row + 1, rows, tile.column + 1, columns)}
        </p>
        <CheckBar />
      </div>
      <Window scene={scene} tile={tile} more={{ right: tile.column + 1 < columns, below: tile.row + 1 < rows }} />
    </section>
  ));
}

const PEN: Readonly<Record<SceneLine['role'], { width: number; dash?: string }>> = {
  stitch: { width: 0.45, dash: '2.4 1.2' },
  baste: { width: 0.3, dash: '4 2.5' },
  fold: { width: 0.4 },
  raw: { width: 0.5 },
  mark: { width: 0.25, dash: '0.4 1.4' },
  cut: { width: 0.35, dash: '1.2 0.8' },
  zip: { width: 1 },
  tape: { width: 0.3, dash: '1.4 1' },
  stop: { width: 0.8 },
  stripe: { width: 0.3 },
};

/** What one sheet shows, and the marks at which it is laid over its neighbours. */
function Window({ scene, tile, more }: { scene: Scene; tile: Tile; more: { right: boolean; below: boolean } }) {
  const { xMm, yMm, widthMm, heightMm, column, row } = tile;
  const { length } = useUnits();
  const lap = SHEET.overlapMm;
  const marks = [
    more.right && `M${xMm + widthMm - lap} ${yMm} v${heightMm}`,
    column > 0 && `M${xMm + lap} ${yMm} v${heightMm}`,
    more.below && `M${xMm} ${yMm + heightMm - lap} h${widthMm}`,
    row > 0 && `M${xMm} ${yMm + lap} h${widthMm}`,
  ].filter((d) => d !== false);
  return (
    <svg
      width={`${widthMm}mm`}
      height={`${heightMm}mm`}
      viewBox={`${xMm} ${yMm} ${widthMm} ${heightMm}`}
      fill="none"
      stroke="#000"
    >
      {marks.map((d) => (
        <path key={d} d={d} strokeWidth="0.2" strokeDasharray="0.3 1.5" />
      ))}
      {scene.lines.map((line, i) => (
        <path
          key={i}
          d={line.points.map(([x, y], k) => `${k === 0 ? 'M' : 'L'}${x.toFixed(3)} ${y.toFixed(3)}`).join(' ')}
          strokeWidth={PEN[line.role].width}
          strokeDasharray={PEN[line.role].dash}
        />
      ))}
      {scene.texts?.map(({ at: [x, y], text, mm }, i) => (
        <text key={i} x={x} y={y} fontSize="4" textAnchor="middle" fill="#000" stroke="none">
          {[text, mm === undefined ? '' : length(mm)].filter(Boolean).join(' ')}
        </text>
      ))}
    </svg>
  );
}
