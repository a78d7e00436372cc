import { clamp } from '@/core/numbers';
import { useId } from 'react';
import { formatNumber } from '@/core/units';
import { ClothFill, type Look } from './ClothFill';
import { Dimension, HaloText } from './Dimension';
import { type SewnLine, StitchPath } from './StitchPath';
import { STITCH_DRAWING_TEXT } from './text';

const WIDTH = 620;
const HEIGHT = 172;

interface Props {
  line: SewnLine;
  look: Look;
  /** Share by which the cloth is pulled along the seam. */
  stretch: number;
  popped: boolean;
  /** Distance from the line to the raw edges, in the person's units; none when the line is not in a seam. */
  edge: { mm: number; text: string } | null;
  label: string;
}

interface MeasuresProps {
  line: Props['line'];
  /** Where the line runs, how long a stitch and how tall half of it is drawn, drawing units. */
  middle: number;
  step: number;
  half: number;
  pulled: boolean;
}

const tallestMm = (line: Props['line']) => Math.max(line.widthMm, line.gapMm ?? 0);

/** The chosen stitch on the cloth, drawn to scale and dimensioned. */
export function StitchDrawing({ line, look, stretch, popped, edge, label }: Props) {
  const id = useId();
  const clip = useId();
  const tallMm = tallestMm(line);
  const scale = clamp(74 / Math.max(tallMm, 0.1), 12, 26);
  const middle = edge ? 78 : 92;
  const near = edge !== null && middle + (edge.mm * scale) / (1 + stretch) < HEIGHT - 30;
  const edgeY = edge ? Math.min(HEIGHT - 33, middle + (edge.mm * scale) / (1 + stretch)) : 0;
  const seamMm = WIDTH / scale;
  const step = line.lengthMm * scale * (1 + stretch);
  const half = (tallMm * scale) / 2 / (1 + stretch);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="draft"
      role="img"
      aria-label={label}
      style={{ display: 'block', width: '100%', height: 'auto' }}
    >
      <defs>
        <ClothFill id={id} look={look} scale={1.2} stretch={stretch} />
        <clipPath id={clip}>
          <rect width={WIDTH} height={HEIGHT} />
        </clipPath>
      </defs>
      <rect
        x="0.65"
        y="0.65"
        width={WIDTH - 1.3}
        height={HEIGHT - 1.3}
        fill={`url(#${id})`}
        stroke="var(--ink-2)"
        strokeWidth="1.3"
      />
      <g clipPath={`url(#${clip})`}>
        <g transform={`translate(${-step * 0.5} ${middle})`}>
          <StitchPath {...line} scale={scale} seamMm={seamMm + 2 * line.lengthMm} stretch={stretch} popped={popped} />
        </g>
        {edge && (
          <RawEdge
            y={edgeY}
            text={STITCH_DRAWING_TEXT.rawEdgesFromThe(edge.text, near ? '' : STITCH_DRAWING_TEXT.drawnNearer)}
          />
        )}
      </g>
      <Measures line={line} middle={middle} step={step} half={half} pulled={stretch > 0} />
    </svg>
  );
}

/** Length and width beside the stitch. */
function Measures({ line, middle, step, half, pulled }: MeasuresProps) {
  return (
    <>
      <Dimension
        x1={120 - step / 2}
        y1={24}
        x2={120 + step / 2}
        y2={24}
        label={STITCH_DRAWING_TEXT.mm(formatNumber(line.lengthMm, 2), pulled ? STITCH_DRAWING_TEXT.atRest : '')}
      />
      {tallestMm(line) > 0.4 && (
        <Dimension
          x1={WIDTH - 30}
          y1={middle - half}
          x2={WIDTH - 30}
          y2={middle + half}
          place="start"
          label={
            line.gapMm
              ? STITCH_DRAWING_TEXT.mmApart(formatNumber(line.gapMm, 1))
              : STITCH_DRAWING_TEXT.mmWide(formatNumber(line.widthMm, 2))
          }
        />
      )}
    </>
  );
}

function RawEdge({ y, text }: { y: number; text: string }) {
  return (
    <>
      <path d={`M0 ${y} H${WIDTH}`} stroke="#fffcf6" strokeWidth="6" strokeOpacity="0.8" />
      <path d={`M0 ${y} H${WIDTH}`} stroke="#231f2c" strokeWidth="2.4" />
      <HaloText x={12} y={HEIGHT - 11} weight={450}>
        {text}
      </HaloText>
    </>
  );
}
