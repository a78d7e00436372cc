import { READING_TEXT, READINGS, settingReadings } from '@/core/setup';
import { layoutScrap, type TestLine, LINE_MM, type Piece } from '@/core/swatch';
import { sayDate, useUnits } from '@/parts/workspace';
import { CheckBar } from '@/ui';
import styles from './Print.module.css';
import type { Scrap } from './useScrap';
import { PRINT_SHEET_TEXT } from './text';

/** The scrap at true scale, to lay the cloth on and mark it from, with a label for every line. */
export function PrintSheet({ scrap }: { scrap: Scrap }) {
  const { swatch, cloth, machine, seam, lines } = scrap;
  return (
    <section className={styles.sheet}>
      <h1>{swatch.name}</h1>
      <p>
        {cloth.cloth.name}
        {PRINT_SHEET_TEXT.sewnOn(seam.layers, machine.machine.name, sayDate(swatch.startedAt, 'whole'))}
      </p>
      <CheckBar />
      {layoutScrap(lines).map((piece) => (
        <div key={piece.direction} className={styles.piece}>
          <PieceDrawing piece={piece} />
        </div>
      ))}
      <ol className={styles.labels}>
        {lines.map((line) => (
          <Label key={line.id} scrap={scrap} line={line} />
        ))}
      </ol>
    </section>
  );
}

const WAY = {
  across: PRINT_SHEET_TEXT.cutWithTheLines,
  along: PRINT_SHEET_TEXT.cutWithTheLines2,
  bias: PRINT_SHEET_TEXT.cutWithTheLines3,
};

function PieceDrawing({ piece: { widthMm, heightMm, lines, direction } }: { piece: Piece<TestLine> }) {
  return (
    <svg width={`${widthMm}mm`} height={`${heightMm}mm`} viewBox={`0 0 ${widthMm} ${heightMm}`}>
      <rect x="0.2" y="0.2" width={widthMm - 0.4} height={heightMm - 0.4} fill="none" stroke="#000" strokeWidth="0.4" />
      <path
        d={`M6 8 H${widthMm - 6} M10 6 L6 8 L10 10 M${widthMm - 10} 6 L${widthMm - 6} 8 L${widthMm - 10} 10`}
        stroke="#000"
        strokeWidth="0.3"
        fill="none"
      />
      <text x={widthMm / 2} y="6.4" textAnchor="middle" fontSize="3.6">
        {WAY[direction]}
      </text>
      {lines.map(({ line, xMm, yMm }) => (
        <g key={line.id} stroke="#000" strokeWidth="0.35" fill="none">
          <path d={`M${xMm} ${yMm} h${line.measures.markedMm + 2 * LINE_MM.run}`} strokeDasharray="2 1.6" />
          <path
            d={`M${xMm + LINE_MM.run} ${yMm - 5} v10 M${xMm + LINE_MM.run + line.measures.markedMm} ${yMm - 5} v10`}
          />
          <text x={xMm - 3} y={yMm + 1.6} textAnchor="end" fontSize="5" fill="#000" stroke="none">
            {line.number}
          </text>
        </g>
      ))}
    </svg>
  );
}

function Label({ scrap, line }: { scrap: Scrap; line: TestLine }) {
  const { say } = useUnits();
  const shown = settingReadings(scrap.machine.machine, line.setup);
  return (
    <li>
      <span>{line.number}.</span>
      <span>
        {PRINT_SHEET_TEXT.theCloth(
          READINGS.map((reading) => `${READING_TEXT[reading].toLowerCase()} ${shown[reading]}`).join(', '),
          line.direction,
        )}
        {line.plan && ` ${say(line.plan.why)}`}
      </span>
    </li>
  );
}
