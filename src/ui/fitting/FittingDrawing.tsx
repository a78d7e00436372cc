import type { FittedFoot } from '@/core/kit';
import { FITTING_LOOK } from './drawings';

/** A foot as it is fitted: metal as plates, what has to be where in green. */
export function FittingDrawing({ foot }: { foot: FittedFoot }) {
  const { label, cloth, metal, ink, mind, needle, words } = FITTING_LOOK[foot];
  return (
    <svg
      viewBox="-40 0 420 222"
      className="draft"
      role="img"
      aria-label={label}
      style={{ display: 'block', width: '100%', maxWidth: 440, margin: '0 auto' }}
    >
      {cloth && <path d={cloth} fill="var(--tape)" fillOpacity="0.45" />}
      <path d={metal} fill="var(--sheet)" stroke="var(--ink)" strokeWidth="2.2" strokeLinejoin="round" />
      {ink && <path d={ink} fill="none" stroke="var(--ink)" strokeWidth="1.6" />}
      <path d={mind} fill="none" stroke="var(--green)" strokeWidth="5" strokeLinejoin="round" strokeLinecap="round" />
      {needle && <circle cx={needle[0]} cy={needle[1]} r="4.5" fill="var(--ink)" />}
      {words.map(([x, y, text, anchor = 'start']) => (
        <text key={text} x={x} y={y} textAnchor={anchor} fontSize="14" fill="var(--ink)">
          {text}
        </text>
      ))}
    </svg>
  );
}
