'use client';

import { type PointerEvent, useRef } from 'react';
import type { Point } from '@/core/geometry';
import styles from './Gauge.module.css';
import { TRACE_BOARD_TEXT } from '../text';

interface Props {
  pxPerMm: number;
  widthMm: number;
  heightMm: number;
  corners: readonly Point[];
  onCorner: (corner: Point) => void;
  /** True when the outline crosses itself: it is drawn in red then. */
  wrong: boolean;
}

/** A board true to scale: lay the scrap on the screen and tap round its corners. */
export function TraceBoard({ pxPerMm, widthMm, heightMm, corners, onCorner, wrong }: Props) {
  const board = useRef<SVGSVGElement>(null);
  const tap = (event: PointerEvent) => {
    const box = board.current?.getBoundingClientRect();
    if (!box) return;
    const toMm = (px: number) => Math.round((px / pxPerMm) * 2) / 2;
    onCorner({ x: toMm(event.clientX - box.left), y: toMm(event.clientY - box.top) });
  };
  const lines = Array.from({ length: Math.floor(widthMm / 10) + 1 }, (_, i) => `M${i * 10} 0 V${heightMm}`);
  const rows = Array.from({ length: Math.floor(heightMm / 10) + 1 }, (_, i) => `M0 ${i * 10} H${widthMm}`);
  const path = corners.map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x} ${p.y}`).join(' ');
  return (
    <svg
      ref={board}
      width={widthMm * pxPerMm}
      height={heightMm * pxPerMm}
      viewBox={`0 0 ${widthMm} ${heightMm}`}
      className={styles.board}
      role="img"
      aria-label={TRACE_BOARD_TEXT.boardToTapOn(corners.length)}
      onPointerDown={tap}
    >
      <path d={[...lines, ...rows].join(' ')} stroke="var(--rule)" strokeWidth="0.25" />
      {corners.length > 1 && (
        <path
          d={`${path}${corners.length > 2 ? ' Z' : ''}`}
          fill={wrong ? 'var(--red-pale)' : 'var(--green-pale)'}
          fillOpacity="0.7"
          stroke={wrong ? 'var(--red)' : 'var(--green)'}
          strokeWidth="0.6"
          strokeDasharray={wrong ? '2 1.4' : undefined}
        />
      )}
      {corners.map((p, i) => (
        <g key={i}>
          <circle cx={p.x} cy={p.y} r="1.3" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="0.5" />
          <text x={p.x + 2} y={p.y - 1.5} fontSize="4" fill="var(--ink)">
            {String(i + 1)}
          </text>
        </g>
      ))}
    </svg>
  );
}
