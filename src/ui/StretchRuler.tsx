'use client';

import { type KeyboardEvent, type PointerEvent, useId, useRef } from 'react';
import { formatLength, formatNumber, type UnitSystem } from '@/core/units';
import { ClothFill, type Look } from './ClothFill';
import { HaloText } from './Dimension';
import { STRETCH_RULER_TEXT } from './text';

const LEFT = 34;
const WIDTH = 760;

/** The three marks that are read off the ruler. */
export type MarkName = 'rest' | 'stretched' | 'relaxed';

interface Props {
  look: Look;
  restMm: number;
  stretchedMm: number | null;
  relaxedMm: number | null;
  units: UnitSystem;
  /** CSS pixels to the mm when the screen's true scale is known: then the ruler is a real one. */
  pxPerMm: number | null;
  /** A mark was dragged along the ruler, or moved with the arrow keys, mm. */
  onMark: (mark: MarkName, mm: number) => void;
}

const EDGE = STRETCH_RULER_TEXT.stretched;

/** A folded edge on a ruler: at rest, pulled, let go. Every mark can be dragged, or moved with the arrow keys. */
export function StretchRuler({ look, restMm, stretchedMm, relaxedMm, units, pxPerMm, onMark }: Props) {
  const id = useId();
  const drawing = useRef<SVGSVGElement>(null);
  const least = Math.max(restMm * (pxPerMm ? 1.25 : 2.2), (stretchedMm ?? 0) * 1.12);
  const scale = pxPerMm ?? (WIDTH - 2 * LEFT) / least;
  const topMm = Math.max(least, (WIDTH - 2 * LEFT) / scale);
  const width = 2 * LEFT + topMm * scale;
  const at = (mm: number) => LEFT + mm * scale;
  const toMm = (clientX: number) => {
    const box = drawing.current!.getBoundingClientRect();
    return Math.round((((clientX - box.left) / box.width) * width - LEFT) / scale);
  };
  const mark = (name: MarkName, mm: number, props: Pick<MarkProps, 'y' | 'colour' | 'text'>) => (
    <Mark key={name} name={name} x={at(mm)} mm={mm} flip={at(mm) > width - 190} {...{ toMm, onMark }} {...props} />
  );
  const stretched = stretchedMm ?? restMm * 1.5;
  const said = STRETCH_RULER_TEXT.pulledTo(formatLength(stretched, units));
  const reaches = stretchedMm === null ? STRETCH_RULER_TEXT.dragToWhereIt : said;
  return (
    <div style={{ overflowX: 'auto', maxWidth: '100%' }}>
      <svg
        ref={drawing}
        viewBox={`0 0 ${width} 218`}
        className="draft"
        role="group"
        aria-label={STRETCH_RULER_TEXT.aFoldedEdgeOf(pxPerMm ? STRETCH_RULER_TEXT.trueToScale : '')}
        style={
          pxPerMm
            ? { display: 'block', width, height: 218, touchAction: 'pan-x' }
            : { display: 'block', width: '100%', height: 'auto', touchAction: 'none' }
        }
      >
        <defs>
          <ClothFill id={`${id}a`} look={look} />
          <ClothFill id={`${id}b`} look={look} stretch={(stretched - restMm) / restMm} />
        </defs>
        <Edge fill={`${id}a`} y={34} height={44} toX={at(restMm)} text={STRETCH_RULER_TEXT.atRest} />
        <Edge fill={`${id}b`} y={92} height={38} toX={at(stretched)} text={EDGE} guessed={stretchedMm === null} />
        <Scale topMm={topMm} at={at} units={units} right={width - LEFT} />
        {mark('rest', restMm, { y: 24, colour: 'var(--draft, #231f2c)', text: formatLength(restMm, units) })}
        {relaxedMm !== null &&
          mark('relaxed', relaxedMm, {
            y: 56,
            colour: 'var(--green)',
            text: STRETCH_RULER_TEXT.letGo(formatLength(relaxedMm, units)),
          })}
        {mark('stretched', stretched, {
          y: 92,
          colour: 'var(--red)',
          text: reaches,
        })}
      </svg>
    </div>
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

interface MarkProps {
  name: MarkName;
  x: number;
  y: number;
  mm: number;
  colour: string;
  text: string;
  flip: boolean;
  toMm: (clientX: number) => number;
  onMark: (mark: MarkName, mm: number) => void;
}

const SAID: Record<MarkName, string> = {
  rest: STRETCH_RULER_TEXT.atRest2,
  stretched: STRETCH_RULER_TEXT.pulledTo2,
  relaxed: STRETCH_RULER_TEXT.letGo2,
};

function Mark({ name, x, y, mm, colour, text, flip, toMm, onMark }: MarkProps) {
  const drag = (event: PointerEvent<SVGElement>) => {
    if (event.buttons === 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    onMark(name, Math.max(1, toMm(event.clientX)));
  };
  const key = (event: KeyboardEvent) => {
    const step = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
    if (!step) return;
    event.preventDefault();
    onMark(name, Math.max(1, Math.round(mm + step * (event.shiftKey ? 5 : 1))));
  };
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={STRETCH_RULER_TEXT.onTheRuler(SAID[name])}
      aria-valuenow={Math.round(mm)}
      aria-valuemin={1}
      aria-valuemax={5000}
      aria-valuetext={text}
      onPointerDown={drag}
      onPointerMove={drag}
      onKeyDown={key}
      style={{ cursor: 'ew-resize', touchAction: 'none' }}
    >
      <rect x={x - 22} y={y - 18} width="44" height={168 - y} fill="transparent" />
      <path d={`M${x} ${y - 8} V150`} stroke={colour} strokeWidth="3.4" />
      <circle cx={x} cy={y - 8} r="8" fill="var(--sheet)" stroke={colour} strokeWidth="3" />
      <HaloText x={flip ? x - 13 : x + 13} anchor={flip ? 'end' : 'start'} y={y - 2} size={14}>
        {text}
      </HaloText>
    </g>
  );
}

interface ScaleProps {
  topMm: number;
  at: (mm: number) => number;
  units: UnitSystem;
  right: number;
}

function Scale({ topMm, at, units, right }: ScaleProps) {
  const unit = units === 'inch' ? 25.4 : 10;
  const parts = units === 'inch' ? 8 : 10;
  const count = Math.floor((topMm / unit) * parts);
  const every = topMm / unit > 40 ? 5 : 1;
  return (
    <g>
      <rect
        x={LEFT - 12}
        y={150}
        width={right - LEFT + 24}
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
      <text x={right + 4} y={212} textAnchor="end" fontSize="13" fill="var(--ink-2)">
        {STRETCH_RULER_TEXT.unit[units]}
      </text>
    </g>
  );
}
