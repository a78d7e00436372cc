import { formatNumber } from '@/core/units';
import { LOCKSTITCH_SECTION_TEXT } from './text';

const WIDTH = 620;
const HEIGHT = 122;
const TOP = 26;
const CLOTH = 64;
const STITCHES = 7;

interface Props {
  /** Where the threads cross: 0 on top, 0.5 in the middle of the cloth, 1 underneath. */
  depth: number;
}

/** The cloth cut along the line: the needle thread from above, the bobbin thread from below, and where they lock. */
export function LockstitchSection({ depth }: Props) {
  const step = WIDTH / STITCHES;
  const cross = TOP + 4 + depth * (CLOTH - 8);
  const holes = Array.from({ length: STITCHES }, (_, i) => (i + 0.5) * step);
  const needle = `M0 ${TOP - 3}${holes.map((x) => ` H${x - 7} Q${x - 3} ${TOP - 2} ${x} ${cross + 3} Q${x + 3} ${TOP - 2} ${x + 7} ${TOP - 3}`).join('')} H${WIDTH}`;
  const under = TOP + CLOTH + 3;
  const bobbin = `M0 ${under}${holes.map((x) => ` H${x - 7} Q${x - 3} ${under - 1} ${x} ${cross - 3} Q${x + 3} ${under - 1} ${x + 7} ${under}`).join('')} H${WIDTH}`;
  const where =
    depth < 0.43
      ? LOCKSTITCH_SECTION_TEXT.highLoopsShowOn
      : depth > 0.57
        ? LOCKSTITCH_SECTION_TEXT.lowLoopsShowUnderneath
        : LOCKSTITCH_SECTION_TEXT.inTheMiddle;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="draft"
      role="img"
      aria-label={LOCKSTITCH_SECTION_TEXT.theThreadsCrossAt(where, formatNumber(100 * depth, 0))}
      style={{ display: 'block', width: '100%', maxWidth: WIDTH, height: 'auto' }}
    >
      <rect x="0" y={TOP} width={WIDTH} height={CLOTH} fill="var(--sheet)" stroke="var(--ink-2)" strokeWidth="1.3" />
      <path d={`M0 ${TOP + CLOTH / 2} H${WIDTH}`} stroke="var(--ink-2)" strokeWidth="1.3" strokeDasharray="2 4" />
      <path d={bobbin} fill="none" stroke="var(--ink)" strokeWidth="2.4" />
      <path d={needle} fill="none" stroke="var(--red)" strokeWidth="2.4" />
      {holes.map((x) => (
        <circle key={x} cx={x} cy={cross} r="4" fill="var(--ink)" />
      ))}
      <text x="0" y="15" fill="var(--red)" fontSize="14" fontFamily="var(--text)">
        {LOCKSTITCH_SECTION_TEXT.needleThread}
      </text>
      <text x="0" y={HEIGHT - 4} fill="var(--ink)" fontSize="14" fontFamily="var(--text)">
        {LOCKSTITCH_SECTION_TEXT.bobbinThread}
      </text>
      <text x={WIDTH} y="15" textAnchor="end" fill="var(--ink)" fontSize="14" fontWeight="650" fontFamily="var(--text)">
        {LOCKSTITCH_SECTION_TEXT.estimateTheyCross(where)}
      </text>
    </svg>
  );
}
