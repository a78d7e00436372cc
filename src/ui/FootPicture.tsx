import type { Foot } from '@/core/kit';
import { footPaths } from './scene/footShape';

/** A presser foot from above, the needle's hole in it. */
export function FootPicture({ foot, size = 60 }: { foot: Foot; size?: number }) {
  const { outline, marks } = footPaths({ foot });
  return (
    <svg width={size} height={size} viewBox="-26 -34 52 68" aria-hidden>
      <path d={outline} fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.8" strokeLinejoin="round" />
      {marks && <path d={marks} fill="none" stroke="var(--ink)" strokeWidth="1.8" />}
      <circle r="2.4" fill="var(--red)" />
    </svg>
  );
}
