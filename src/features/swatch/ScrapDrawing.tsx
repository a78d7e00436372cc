'use client';

import { useId } from 'react';
import { growthText, lineFacts } from '@/core/card';
import { isPlanned, LINE_MM, type TestLine } from '@/core/swatch';
import { formatNumber } from '@/core/units';
import { useUnits } from '@/parts/workspace';
import { ClothFill, HaloText, StitchPath } from '@/ui';
import styles from './Swatch.module.css';
import type { Scrap } from './useScrap';
import { SCRAP_DRAWING_TEXT } from './text';

const WIDTH = 620;
const ROW = 112;
/** Drawing units for a mm of scrap along the line. */
const PER_MM = 3.3;
const LEFT = 74;
/** Stitch widths are drawn this much wider than they are, so that they can be compared at arm's length. */
const WIDER = 2.4;

interface Props {
  scrap: Scrap;
  current: string | null;
  onPick: (id: string) => void;
}

/** The scrap as it should be marked and sewn: the marks, and a run in and out on either side. */
export function ScrapDrawing({ scrap, current, onPick }: Props) {
  const id = useId();
  const { length } = useUnits();
  const { cloth, lines } = scrap;
  const rows = Math.max(3, lines.length + 1);
  const height = rows * ROW + 44;
  const torn = `M22 12 L${WIDTH - 16} 5 L${WIDTH - 8} ${height - 12} L${WIDTH / 2} ${height - 5} L26 ${height - 12} Z`;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      className="draft"
      role="group"
      aria-label={SCRAP_DRAWING_TEXT.theScrapAndIts}
      style={{ display: 'block', width: '100%', height: 'auto' }}
    >
      <defs>
        <ClothFill id={id} look={{ ...cloth.cloth, colour: cloth.colour }} scale={1.2} />
      </defs>
      <path d={torn} fill={`url(#${id})`} stroke="var(--ink-2)" strokeWidth="1.6" />
      <HaloText x={LEFT + 60 * PER_MM} y={36} anchor="middle" weight={450}>
        {SCRAP_DRAWING_TEXT.betweenTheMarks(length(lines[0]?.measures.markedMm ?? LINE_MM.marked))}
      </HaloText>
      {lines.map((line, i) => (
        <Row
          key={line.id}
          line={line}
          y={44 + i * ROW + ROW / 2}
          here={line.id === current}
          onPick={() => onPick(line.id)}
        />
      ))}
      <g>
        <path
          d={`M${LEFT} ${44 + lines.length * ROW + ROW / 2} h${120 * PER_MM}`}
          stroke="#fffcf6"
          strokeWidth="6"
          strokeOpacity="0.7"
        />
        <path
          d={`M${LEFT} ${44 + lines.length * ROW + ROW / 2} h${120 * PER_MM}`}
          stroke="#231f2c"
          strokeWidth="2"
          strokeDasharray="2 7"
        />
        <HaloText x={LEFT} y={44 + lines.length * ROW + ROW / 2 - 12} weight={450}>
          {SCRAP_DRAWING_TEXT.roomForTheNext}
        </HaloText>
      </g>
    </svg>
  );
}

function Row({ line, y, here, onPick }: { line: TestLine; y: number; here: boolean; onPick: () => void }) {
  const { setup } = line;
  const [title, note] = outcome(line);
  const planned = isPlanned(line);
  const colour = here ? '#b4233c' : '#4c4556';
  const mark = (mm: number) => (
    <path d={`M${LEFT + mm * PER_MM} ${y - 26} v52`} stroke="#231f2c" strokeWidth="2" strokeDasharray="5 4" />
  );
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={here}
      aria-label={SCRAP_DRAWING_TEXT.line(line.number, title)}
      onClick={onPick}
      onKeyDown={(e) => (e.key === 'Enter' || e.key === ' ') && (e.preventDefault(), onPick())}
      style={{ cursor: 'pointer' }}
    >
      <RowGround y={y} here={here} />
      <circle
        cx="48"
        cy={y}
        r="16"
        fill="#fffcf6"
        stroke="#231f2c"
        strokeWidth="2"
        strokeDasharray={planned ? '3 3' : undefined}
      />
      <text x="48" y={y + 5.5} textAnchor="middle" fontSize="16" fontWeight="700" fill="#231f2c">
        {line.number}
      </text>
      <g transform={`translate(${LEFT} ${y})`} opacity={planned ? 0.45 : 1}>
        <StitchPath
          stitch={setup.stitch}
          lengthMm={setup.lengthMm}
          widthMm={setup.widthMm}
          gapMm={setup.needle.gapMm}
          scale={PER_MM}
          wide={WIDER}
          seamMm={120}
          colour={colour}
          dots={1.9}
        />
      </g>
      {mark(10)}
      {mark(110)}
      <Outcome y={y} here={here} title={title} note={note} />
    </g>
  );
}

/** The ground of a row, which is what is pressed; the current one has a frame. */
function RowGround({ y, here }: { y: number; here: boolean }) {
  const frame = { x: 24, y: y - ROW / 2 + 4, width: WIDTH - 40, height: ROW - 8 };
  return here ? (
    <rect {...frame} fill="#fffcf6" fillOpacity="0.6" stroke="#b4233c" strokeWidth="2" />
  ) : (
    <rect {...frame} fill="transparent" />
  );
}

function Outcome({ y, here, title, note }: { y: number; here: boolean; title: string; note: string }) {
  return (
    <g className={styles.outcome}>
      <HaloText x={LEFT + 120 * PER_MM + 14} y={y - 3} colour={here ? '#b4233c' : '#231f2c'} size={14}>
        {title}
      </HaloText>
      <HaloText x={LEFT + 120 * PER_MM + 14} y={y + 17} size={13} weight={450}>
        {note}
      </HaloText>
    </g>
  );
}

function stateOf(line: TestLine, grew: string): string {
  return line.status === 'passed'
    ? SCRAP_DRAWING_TEXT.passed
    : line.status === 'failed'
      ? SCRAP_DRAWING_TEXT.failed
      : grew;
}

function outcome(line: TestLine): [string, string] {
  const { give, growthPercent } = lineFacts(line.measures);
  const size = SCRAP_DRAWING_TEXT.mm(
    formatNumber(line.setup.lengthMm, 2),
    line.setup.widthMm > 0 ? ` × ${formatNumber(line.setup.widthMm, 2)}` : '',
  );
  const grew = growthPercent === undefined ? size : growthText(growthPercent);
  if (isPlanned(line)) return [SCRAP_DRAWING_TEXT.toCome, SCRAP_DRAWING_TEXT.theCloth(line.direction)];
  if (line.simulated) return [SCRAP_DRAWING_TEXT.simulated(line.simulated.seed), stateOf(line, grew)];
  if (line.status === 'passed') return [SCRAP_DRAWING_TEXT.passed, grew];
  if (line.status === 'abandoned') return [SCRAP_DRAWING_TEXT.givenUp, grew];
  if (give?.popped) return [SCRAP_DRAWING_TEXT.poppedAt(formatNumber(give.percent, 0)), grew];
  if (line.status === 'failed') return [SCRAP_DRAWING_TEXT.failed, grew];
  return [SCRAP_DRAWING_TEXT.sewingNow, size];
}
