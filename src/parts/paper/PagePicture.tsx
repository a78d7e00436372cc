import { useId } from 'react';
import type { Mark, PaperPage } from './marks';
import styles from './Print.module.css';

/** A page as it will lie on paper, at any size. */
export function PagePicture({ page, label }: { page: PaperPage; label: string }) {
  const { widthMm, heightMm, marks } = page;
  const id = useId();
  const frames = [...new Set(marks.flatMap(({ within }) => within ?? []))];
  return (
    <svg viewBox={`0 0 ${widthMm} ${heightMm}`} role="img" aria-label={label} width="100%">
      <defs>
        {frames.map((d, i) => (
          <clipPath key={i} id={`${id}${i}`}>
            <path d={d} />
          </clipPath>
        ))}
      </defs>
      <rect width={widthMm} height={heightMm} className={styles.white} />
      {marks.map((mark, i) => (
        <g key={i} clipPath={mark.within ? `url(#${id}${frames.indexOf(mark.within)})` : undefined}>
          <Drawn mark={mark} />
        </g>
      ))}
    </svg>
  );
}

function Drawn({ mark }: { mark: Mark }) {
  if (mark.is === 'path')
    return (
      <path
        d={mark.d}
        fill={mark.fill ?? 'none'}
        stroke={mark.stroke ?? undefined}
        strokeWidth={mark.widthMm}
        strokeDasharray={mark.dashMm.join(' ') || undefined}
        strokeLinecap={mark.round ? 'round' : 'butt'}
        strokeLinejoin="round"
        opacity={mark.opacity}
      />
    );
  const { xMm, yMm, angle, halo } = mark;
  return (
    <text
      x={xMm}
      y={yMm}
      transform={angle ? `rotate(${(angle * 180) / Math.PI} ${xMm} ${yMm})` : undefined}
      fontSize={mark.sizeMm}
      fontWeight={mark.bold ? 700 : 400}
      fill={mark.colour}
      stroke={halo?.colour}
      strokeWidth={halo?.widthMm}
      paintOrder="stroke"
    >
      {mark.text}
    </text>
  );
}
