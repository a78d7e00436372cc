/** A dimension line as on a pattern draft, slashed at both ends. Coordinates in the drawing's own units. */
export function Dimension({
  x1,
  y1,
  x2,
  y2,
  label,
  place = 'end',
  on = 'cloth',
}: {
  x1: number;
  y1: number;
  x2: number;
  y2: number;
  label: string;
  place?: 'end' | 'start' | 'above';
  /** What it is drawn on: cloth may be any colour and wants a halo, paper does not. */
  on?: 'cloth' | 'paper';
}) {
  const slash = (x: number, y: number) => `M${x - 5} ${y + 5} L${x + 5} ${y - 5}`;
  const across = y1 === y2;
  const tick = (x: number, y: number) => (across ? `M${x} ${y - 8} V${y + 8}` : `M${x - 8} ${y} H${x + 8}`);
  const at = {
    end: { x: x2 + 12, y: y2 + 5, anchor: 'start' },
    start: { x: x1 - 12, y: y1 + 5, anchor: 'end' },
    above: { x: (x1 + x2) / 2, y: y1 - 12, anchor: 'middle' },
  }[place];
  return (
    <g stroke={on === 'paper' ? 'var(--ink)' : 'var(--draft, #231f2c)'} strokeWidth="1.3" fill="none">
      <path
        d={`M${x1} ${y1} L${x2} ${y2} ${slash(x1, y1)} ${slash(x2, y2)} ${tick(x1, y1)} ${tick(x2, y2)}`}
        stroke="#fffcf6"
        strokeWidth="5"
        strokeOpacity={on === 'paper' ? 0 : 0.75}
      />
      <path d={`M${x1} ${y1} L${x2} ${y2} ${slash(x1, y1)} ${slash(x2, y2)} ${tick(x1, y1)} ${tick(x2, y2)}`} />
      <HaloText x={at.x} y={at.y} anchor={at.anchor as 'start'} on={on}>
        {label}
      </HaloText>
    </g>
  );
}

const HALO = { cloth: '#fffcf6', paper: 'none', drawing: 'var(--sheet)' };

/** Text on drawn cloth, on a halo of sheet colour, since cloth may be any colour. */
export function HaloText({
  x,
  y,
  anchor = 'start',
  size = 15,
  weight = 650,
  on = 'cloth',
  colour = on === 'cloth' ? '#231f2c' : 'var(--ink)',
  children,
}: {
  x: number;
  y: number;
  anchor?: 'start' | 'middle' | 'end';
  size?: number;
  weight?: number;
  colour?: string;
  /** What it is written over: real cloth may be any colour, a drawing follows the theme, paper needs no halo. */
  on?: 'cloth' | 'paper' | 'drawing';
  children: string;
}) {
  return (
    <text
      x={x}
      y={y}
      textAnchor={anchor}
      fontSize={size}
      fontWeight={weight}
      fill={colour}
      stroke={HALO[on]}
      strokeWidth="6"
      strokeLinejoin="round"
      paintOrder="stroke"
      fontFamily="var(--text)"
    >
      {children}
    </text>
  );
}
