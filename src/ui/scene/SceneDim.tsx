import type { SceneDim as Dim } from '@/core/procedure';
import type { Fit } from './fitScene';

/** A dimension shorter than this has its text beside it. */
const LEAST_ROOM = 70;

/** A dimension line with slashed ends as on a draft; its text never lies over the drawing. */
export function SceneDim({ dim, fit: { to, middle }, text }: { dim: Dim; fit: Fit; text: string }) {
  const [[x1, y1], [x2, y2]] = [to(dim.from), to(dim.to)];
  const upright = Math.abs(x2 - x1) < Math.abs(y2 - y1);
  const tick = (x: number, y: number) => (upright ? `M${x - 8} ${y} h16` : `M${x} ${y - 8} v16`);
  const slash = (x: number, y: number) => `M${x - 5} ${y + 5} l10 -10`;
  const aside = upright || Math.abs(x2 - x1) < LEAST_ROOM;
  const left = aside && (x1 + x2) / 2 < middle - 1;
  const x = !aside ? (x1 + x2) / 2 : left ? Math.min(x1, x2) - 12 : Math.max(x1, x2) + 12;
  const y = aside ? (y1 + y2) / 2 + 6 : y1 + (y1 < 60 ? -10 : 24);
  return (
    <g>
      <path
        d={`M${x1} ${y1} L${x2} ${y2} ${tick(x1, y1)} ${tick(x2, y2)} ${slash(x1, y1)} ${slash(x2, y2)}`}
        stroke="var(--ink)"
        strokeWidth="1.3"
        fill="none"
      />
      <text
        x={x}
        y={y}
        textAnchor={!aside ? 'middle' : left ? 'end' : 'start'}
        fontSize="17"
        fontWeight="700"
        fill="var(--ink)"
        stroke="var(--paper)"
        strokeWidth="5"
        paintOrder="stroke"
        fontFamily="var(--display)"
      >
        {text}
      </text>
    </g>
  );
}
