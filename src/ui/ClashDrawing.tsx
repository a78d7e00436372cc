import type { Clash } from '@/core/interlock';
import { formatNumber } from '@/core/units';
import { CLASH_DRAWING_TEXT } from './text';

const WIDTH = 440;
const HEIGHT = 168;
const NAMES = {
  plate: CLASH_DRAWING_TEXT.theSmallHoleOf,
  foot: CLASH_DRAWING_TEXT.theOpeningOfThe,
  slot: CLASH_DRAWING_TEXT.theSlotOfThe,
};

/** Seen from the front: where the needle would go, where it may, and where it would hit metal. */
export function ClashDrawing({ clash }: { clash: Clash }) {
  if (clash.kind === 'words') return null;
  return clash.kind === 'limit' ? <Limit {...clash} /> : <Strike {...clash} />;
}

function Strike({ part, open, needle }: Extract<Clash, { kind: 'strike' }>) {
  const most = Math.max(...[...open, ...needle].map(Math.abs)) + 1.5;
  const at = (mm: number) => WIDTH / 2 + (mm * (WIDTH / 2 - 10)) / most;
  const top = 108;
  const hits = [needle[0] < open[0] ? [needle[0], open[0]] : null, needle[1] > open[1] ? [open[1], needle[1]] : null];
  const widthMm = formatNumber(open[1] - open[0]);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="draft"
      role="img"
      aria-label={CLASH_DRAWING_TEXT.theNeedleReachesFrom(
        formatNumber(needle[0]),
        formatNumber(needle[1]),
        NAMES[part],
        formatNumber(open[0]),
        formatNumber(open[1]),
      )}
    >
      <Metal x1={0} x2={at(open[0])} y={top} />
      <Metal x1={at(open[1])} x2={WIDTH} y={top} />
      {needle.map((mm, i) => (
        <path key={i} d={`M${at(mm)} 40 V${top + 8}`} stroke="var(--ink)" strokeWidth="2.4" fill="none" />
      ))}
      {hits.map(
        (hit, i) =>
          hit && (
            <g key={i}>
              <rect x={at(hit[0]) - 2} y={top - 10} width={at(hit[1]) - at(hit[0]) + 4} height={12} fill="var(--red)" />
              <text
                x={(at(hit[0]) + at(hit[1])) / 2}
                y={top - 16}
                textAnchor="middle"
                fill="var(--red)"
                fontWeight={700}
                fontSize={14}
              >
                {CLASH_DRAWING_TEXT.strikes}
              </text>
            </g>
          ),
      )}
      <path
        d={`M${at(needle[0])} 34 H${at(needle[1])} ${needle.map((mm) => `M${at(mm)} 26 v16 M${at(mm) - 5} 39 l10 -10`).join(' ')}`}
        stroke="var(--ink)"
        strokeWidth="1.3"
      />
      <text x={WIDTH / 2} y={16} textAnchor="middle" fill="var(--ink)" fontSize={14} fontWeight={650}>
        {CLASH_DRAWING_TEXT.needleMm(formatNumber(needle[1] - needle[0]))}
      </text>
      <text x={at((open[0] + open[1]) / 2)} y={HEIGHT - 6} textAnchor="middle" fill="var(--ink)" fontSize={14}>
        {CLASH_DRAWING_TEXT.mm(NAMES[part], widthMm)}
      </text>
    </svg>
  );
}

function Metal({ x1, x2, y }: { x1: number; x2: number; y: number }) {
  if (x2 <= x1) return null;
  const marks = Array.from({ length: Math.ceil((x2 - x1) / 9) }, (_, i) => `M${x1 + i * 9} ${y + 30} l9 -9`).join('');
  return (
    <>
      <rect x={x1} y={y} width={x2 - x1} height={30} fill="var(--sheet)" stroke="var(--ink)" strokeWidth="2.4" />
      <path d={marks} stroke="var(--ink-2)" strokeWidth="1.3" />
    </>
  );
}

function Limit({ limit, actual, unit }: Extract<Clash, { kind: 'limit' }>) {
  const most = Math.max(Math.abs(limit), Math.abs(actual), 0.001) * 1.15;
  const at = (value: number) => 20 + (Math.max(0, value) * (WIDTH - 40)) / most;
  const say = (value: number) => `${formatNumber(value, 2)}${unit && ` ${unit}`}`;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 92`}
      className="draft"
      role="img"
      aria-label={CLASH_DRAWING_TEXT.theLimitIsWanted(say(limit), say(actual))}
    >
      <path d={`M20 50 H${at(limit)}`} stroke="var(--green)" strokeWidth="6" />
      <path d={`M${at(limit)} 50 H${at(actual)}`} stroke="var(--red)" strokeWidth="6" strokeDasharray="5 4" />
      <path d={`M${at(limit)} 34 V66`} stroke="var(--ink)" strokeWidth="2.4" />
      <text x={at(limit)} y={84} textAnchor="middle" fill="var(--ink)" fontSize={14}>
        {CLASH_DRAWING_TEXT.asFarAsIt(say(limit))}
      </text>
      <text x={at(actual)} y={26} textAnchor="middle" fill="var(--red)" fontWeight={700} fontSize={14}>
        {CLASH_DRAWING_TEXT.wanted(say(actual))}
      </text>
    </svg>
  );
}
