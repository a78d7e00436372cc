import { clamp } from '@/core/numbers';
import { formatNumber } from '@/core/units';
import { DIAL_DRAWING_TEXT } from './text';

const INK = 'var(--ink)';

interface DialProps {
  min: number;
  max: number;
  normal: number;
  step: number;
  /** Where it stands. */
  value: number;
  label: string;
}

/** A round dial as it stands on the machine: its numbers, its normal, and where it points. */
export function RoundDial({ min, max, normal, step, value, label }: DialProps) {
  const [from, to] = [-140, 140];
  const angle = (v: number) => ((from + ((v - min) / (max - min)) * (to - from) - 90) * Math.PI) / 180;
  const at = (v: number, r: number) => `${80 + r * Math.cos(angle(v))} ${84 + r * Math.sin(angle(v))}`;
  const count = Math.min(60, Math.round((max - min) / step));
  const every = max - min > 12 ? Math.ceil((max - min) / 9) : 1;
  const shown = clamp(value, min, max);
  return (
    <svg
      viewBox="0 0 160 160"
      role="img"
      aria-label={DIAL_DRAWING_TEXT.pointsTo(label, formatNumber(value, 2))}
      className="draft"
    >
      <circle cx="80" cy="84" r="50" fill="var(--sheet)" stroke={INK} strokeWidth="2" />
      {Array.from({ length: count + 1 }, (_, i) => {
        const v = min + ((max - min) * i) / count;
        return <path key={i} d={`M${at(v, 51)} L${at(v, 56)}`} stroke={INK} strokeWidth="1" />;
      })}
      {Array.from({ length: Math.floor(max - min) + 1 }, (_, i) => min + i)
        .filter((v) => (v - min) % every === 0)
        .map((v) => (
          <text
            key={v}
            x={80 + 66 * Math.cos(angle(v))}
            y={89 + 66 * Math.sin(angle(v))}
            textAnchor="middle"
            fontSize="14"
            fontWeight={v === normal ? 800 : 500}
            fill={v === normal ? 'var(--green)' : INK}
          >
            {formatNumber(v, 1)}
          </text>
        ))}
      <path d={`M${at(normal, 43)} L${at(normal, 50)}`} stroke="var(--green)" strokeWidth="5" />
      <path d={`M${at(shown, -14)} L${at(shown, 40)}`} stroke="var(--red)" strokeWidth="5" strokeLinecap="round" />
      <circle cx="80" cy="84" r="7" fill={INK} />
    </svg>
  );
}

interface SlideProps {
  /** What is printed along the slide, in order. */
  marks: readonly string[];
  /** Which mark it stands at; may lie between two. */
  at: number;
  /** Which mark is the machine's normal, if one is. */
  normal?: number;
  label: string;
  says: string;
}

/** A slide or lever as it stands on the machine: its marks in order, and where its knob is. */
export function SlideDial({ marks, at, normal, label, says }: SlideProps) {
  const [left, right] = [22, 238];
  const x = (i: number) => left + ((right - left) * i) / Math.max(1, marks.length - 1);
  const every = Math.ceil(marks.length / 9);
  return (
    <svg viewBox="0 0 260 92" role="img" aria-label={`${label}: ${says}`} className="draft">
      <rect
        x={left - 10}
        y="32"
        width={right - left + 20}
        height="12"
        rx="6"
        fill="var(--sheet)"
        stroke={INK}
        strokeWidth="1.8"
      />
      {marks.map((mark, i) => (
        <g key={`${mark}${i}`}>
          <path d={`M${x(i)} 48 V${i % every === 0 ? 58 : 54}`} stroke={INK} strokeWidth="1.2" />
          {i % every === 0 && (
            <text
              x={x(i)}
              y="76"
              textAnchor="middle"
              fontSize="14"
              fontWeight={i === normal ? 800 : 500}
              fill={i === normal ? 'var(--green)' : INK}
            >
              {mark}
            </text>
          )}
        </g>
      ))}
      {normal !== undefined && (
        <path d={`M${x(normal)} 18 v10 m-5 -6 l5 6 l5 -6`} stroke="var(--green)" strokeWidth="2" fill="none" />
      )}
      <rect
        x={x(Math.min(marks.length - 1, Math.max(0, at))) - 7}
        y="24"
        width="14"
        height="28"
        rx="3"
        fill="var(--red)"
        stroke={INK}
        strokeWidth="1.4"
      />
    </svg>
  );
}
