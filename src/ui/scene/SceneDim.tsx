import type { SceneDim as Dim } from '@/core/procedure';
import type { Fit } from './fitScene';
import { type Label, LETTERS } from './labels';

/** Lines of a label stand so far apart, and the first so far above its middle, in letters. */
const LINE_EM = 1.15;
const BASE_EM = 0.35;

/** A dimension line with slashed ends as on a draft; its text never lies over the drawing. */
export function SceneDim({ dim, fit: { to }, label }: { dim: Dim; fit: Fit; label: Label }) {
  const [[x1, y1], [x2, y2]] = [to(dim.from), to(dim.to)];
  const upright = Math.abs(x2 - x1) < Math.abs(y2 - y1);
  const tick = (x: number, y: number) => (upright ? `M${x - 8} ${y} h16` : `M${x} ${y - 8} v16`);
  const slash = (x: number, y: number) => `M${x - 5} ${y + 5} l10 -10`;
  const { lines, x, y, anchor } = label;
  return (
    <g>
      <path
        d={`M${x1} ${y1} L${x2} ${y2} ${tick(x1, y1)} ${tick(x2, y2)} ${slash(x1, y1)} ${slash(x2, y2)}`}
        stroke="var(--ink)"
        strokeWidth="1.3"
        fill="none"
      />
      <text
        y={y}
        textAnchor={anchor}
        fontSize={LETTERS.dim}
        fontWeight="700"
        fill="var(--ink)"
        stroke="var(--paper)"
        strokeWidth="5"
        paintOrder="stroke"
        fontFamily="var(--display)"
      >
        {lines.map((line, i) => (
          <tspan key={i} x={x} dy={`${i === 0 ? BASE_EM - ((lines.length - 1) * LINE_EM) / 2 : LINE_EM}em`}>
            {line}
          </tspan>
        ))}
      </text>
    </g>
  );
}
