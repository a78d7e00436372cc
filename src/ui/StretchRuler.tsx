'use client';

import { type PointerEvent, useId, useRef } from 'react';
import { formatLength, formatNumber, type UnitSystem } from '@/core/units';
import { ClothFill, type Look } from './ClothFill';
import { Dimension, HaloText } from './Dimension';

const WIDTH = 760;
const LEFT = 34;
const SPAN = WIDTH - 2 * LEFT;

type MarkName = 'stretched' | 'relaxed';

interface Props {
  look: Look;
  restMm: number;
  stretchedMm: number | null;
  relaxedMm: number | null;
  units: UnitSystem;
  /** A mark was dragged along the ruler, mm. */
  onDrag: (mark: MarkName, mm: number) => void;
}

/** A folded edge on a ruler: at rest, pulled, let go. The two outer marks can be dragged. */
export function StretchRuler({ look, restMm, stretchedMm, relaxedMm, units, onDrag }: Props) {
  const id = useId();
  const drawing = useRef<SVGSVGElement>(null);
  const topMm = Math.max(restMm * 2.2, (stretchedMm ?? 0) * 1.15);
  const at = (mm: number) => LEFT + (SPAN * mm) / topMm;
  const drag = (mark: MarkName) => (event: PointerEvent<SVGElement>) => {
    const box = drawing.current?.getBoundingClientRect();
    if (event.buttons === 0 || !box) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    const x = ((event.clientX - box.left) / box.width) * WIDTH;
    onDrag(mark, Math.max(restMm, Math.round(((x - LEFT) / SPAN) * topMm)));
  };
  const stretched = stretchedMm ?? restMm * 1.5;
  return (
    <svg
      ref={drawing}
      viewBox={`0 0 ${WIDTH} 218`}
      className="draft"
      role="img"
      aria-label="A folded edge of the cloth on a ruler"
      style={{ display: 'block', width: '100%', height: 'auto', touchAction: 'none' }}
    >
      <defs>
        <ClothFill id={`${id}a`} look={look} />
        <ClothFill id={`${id}b`} look={look} stretch={(stretched - restMm) / restMm} />
      </defs>
      <Edge fill={`${id}a`} y={34} height={44} toX={at(restMm)} text="at rest" />
      <Edge fill={`${id}b`} y={92} height={38} toX={at(stretched)} text="pulled" guessed={stretchedMm === null} />
      <Scale topMm={topMm} at={at} units={units} />
      <Dimension x1={LEFT} y1={20} x2={at(restMm)} y2={20} label={formatLength(restMm, units)} />
      <Mark
        x={at(stretched)}
        y={92}
        name={stretchedMm === null ? 'drag to where it reaches' : `pulled to ${formatLength(stretched, units)}`}
        colour="var(--red)"
        onMove={drag('stretched')}
      />
      {relaxedMm !== null && (
        <Mark
          x={at(relaxedMm)}
          y={40}
          name={`let go ${formatLength(relaxedMm, units)}`}
          colour="var(--green)"
          onMove={drag('relaxed')}
        />
      )}
    </svg>
  );
}

interface EdgeProps {
  fill: string;
  y: number;
  height: number;
  toX: number;
  text: string;
  guessed?: boolean;
}

function Edge({ fill, y, height, toX, text, guessed }: EdgeProps) {
  return (
    <>
      <rect
        x={LEFT}
        y={y}
        width={toX - LEFT}
        height={height}
        fill={`url(#${fill})`}
        stroke="var(--ink)"
        strokeWidth="1.3"
        strokeDasharray={guessed ? '6 5' : undefined}
      />
      <HaloText x={LEFT + 8} y={y + 26} size={14}>
        {text}
      </HaloText>
    </>
  );
}

function Mark({
  x,
  y,
  name,
  colour,
  onMove,
}: {
  x: number;
  y: number;
  name: string;
  colour: string;
  onMove: (event: PointerEvent<SVGElement>) => void;
}) {
  return (
    <g onPointerDown={onMove} onPointerMove={onMove} style={{ cursor: 'ew-resize' }}>
      <rect x={x - 22} y={y - 12} width="44" height={170 - y} fill="transparent" />
      <path d={`M${x} ${y - 8} V150`} stroke={colour} strokeWidth="3.4" />
      <circle cx={x} cy={y - 8} r="8" fill="var(--sheet)" stroke={colour} strokeWidth="3" />
      <HaloText x={x > WIDTH * 0.55 ? x - 13 : x + 13} anchor={x > WIDTH * 0.55 ? 'end' : 'start'} y={y - 2} size={14}>
        {name}
      </HaloText>
    </g>
  );
}

function Scale({ topMm, at, units }: { topMm: number; at: (mm: number) => number; units: UnitSystem }) {
  const unit = units === 'inch' ? 25.4 : 10;
  const parts = units === 'inch' ? 8 : 10;
  const count = Math.floor((topMm / unit) * parts);
  const every = topMm / unit > 40 ? 5 : 1;
  return (
    <g>
      <rect
        x={LEFT - 12}
        y={150}
        width={SPAN + 24}
        height={48}
        fill="var(--tape)"
        stroke="var(--tape-edge)"
        strokeWidth="1.3"
      />
      {Array.from({ length: count + 1 }, (_, i) => {
        const x = at((i * unit) / parts);
        const whole = i % parts === 0;
        return (
          <g key={i}>
            <path
              d={`M${x} 150 v${whole ? 20 : i % (parts / 2) === 0 ? 14 : 8}`}
              stroke="var(--tape-print)"
              strokeWidth={whole ? 1.6 : 0.8}
            />
            {whole && (i / parts) % every === 0 && (
              <text x={x} y={188} textAnchor="middle" fontSize="14" fontWeight="650" fill="var(--tape-print)">
                {formatNumber(i / parts)}
              </text>
            )}
          </g>
        );
      })}
      <text x={WIDTH - LEFT + 4} y={212} textAnchor="end" fontSize="13" fill="var(--ink-2)">
        {units === 'inch' ? 'inches' : 'cm'}
      </text>
    </g>
  );
}
