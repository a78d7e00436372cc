import { stitchHoles, type StitchId } from '@/core/stitch';

/** A sewn line in mm, to be drawn. */
export interface SewnLine {
  stitch: StitchId;
  lengthMm: number;
  widthMm: number;
  /** Distance between two needles, when there are two. */
  gapMm?: number;
}

interface Props extends SewnLine {
  /** Drawing units for each mm. */
  scale: number;
  /** Length of seam drawn, mm, before it is stretched. */
  seamMm: number;
  /** How far the cloth is stretched along the seam, as a share. */
  stretch?: number;
  /** Thread gave way: draw the ends apart. */
  popped?: boolean;
  colour?: string;
  /** Draws swings this much wider than they are. */
  wide?: number;
  /** Radius of the drawn holes. */
  dots?: number;
}

/** The stitches of a line as its needle made them, each hole dotted, with a halo so that any cloth shows them. */
export function StitchPath({
  stitch,
  lengthMm,
  widthMm,
  gapMm,
  scale,
  seamMm,
  stretch = 0,
  popped = false,
  colour = '#b4233c',
  dots = 3.2,
  wide = 1,
}: Props) {
  const holes = stitchHoles(stitch, lengthMm, widthMm, seamMm).map(({ x, y }) => ({
    x: x * scale * (1 + stretch),
    y: (y * scale * wide) / (1 + stretch),
  }));
  const rows = gapMm === undefined ? [0] : [-gapMm / 2, gapMm / 2];
  const middle = holes.length > 6 ? holes[Math.floor(holes.length / 2)].x : Infinity;
  const draw = (offset: number) =>
    holes
      .map(({ x, y }, i) => {
        const gone = popped && i > 0 && Math.abs(holes[i - 1].x - middle) < 1;
        return `${i === 0 || gone ? 'M' : 'L'}${x.toFixed(1)} ${(y + offset * scale * wide).toFixed(1)}`;
      })
      .join(' ');
  return (
    <g strokeLinecap="round" strokeLinejoin="round" fill="none">
      {rows.map((offset) => (
        <g key={offset}>
          <path d={draw(offset)} stroke="#fffcf6" strokeWidth={dots + 3.8} strokeOpacity="0.85" />
          <path d={draw(offset)} stroke={colour} strokeWidth={dots > 3 ? 3 : 2.4} />
          {holes.map(({ x, y }, i) => (
            <circle
              key={i}
              cx={x}
              cy={y + offset * scale * wide}
              r={dots}
              fill="#231f2c"
              stroke="#fffcf6"
              strokeWidth="1"
            />
          ))}
        </g>
      ))}
    </g>
  );
}
