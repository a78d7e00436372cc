import { clamp } from '@/core/numbers';
import { useId } from 'react';
import { ClothFill, type Look } from '../ClothFill';
import { Dimension, HaloText } from '../Dimension';
import { DRAWINGS_TEXT } from '../text';

const W = 640;
const INK = 'var(--ink)';
const frame = {
  className: 'draft',
  role: 'img',
  style: { display: 'block', width: '100%', height: 'auto', maxHeight: 205 },
} as const;

/** A cut piece and the scale it lies on. */
export function WeightDrawing({
  look,
  width,
  length,
  grams,
}: {
  look: Look;
  width: string;
  length: string;
  grams: string;
}) {
  const id = useId();
  return (
    <svg viewBox={`0 0 ${W} 190`} {...frame} aria-label={DRAWINGS_TEXT.aCutPieceOf}>
      <defs>
        <ClothFill id={id} look={look} />
      </defs>
      <rect x="70" y="30" width="200" height="120" fill={`url(#${id})`} stroke={INK} strokeWidth="1.4" />
      <Dimension on="paper" x1={70} y1={170} x2={270} y2={170} label={width || 'width'} />
      <Dimension on="paper" x1={46} y1={30} x2={46} y2={150} label={length || 'length'} />
      <path d="M380 96 H560 L548 108 H392 Z" fill="var(--sheet)" stroke={INK} strokeWidth="1.6" />
      <path d="M404 108 L392 168 H548 L536 108" fill="var(--sheet)" stroke={INK} strokeWidth="1.6" />
      <path d="M410 96 q14 -34 50 -26 q50 -18 66 26 Z" fill={`url(#${id})`} stroke={INK} strokeWidth="1.2" />
      <rect x="424" y="122" width="92" height="32" rx="3" fill="var(--ink)" />
      <text x="470" y="145" textAnchor="middle" fontSize="20" fontWeight="650" fill="var(--paper)">
        {grams ? `${grams} g` : '– g'}
      </text>
    </svg>
  );
}

/** A stack of layers under a light hand, with its height. */
export function StackDrawing({ look, layers, height }: { look: Look; layers: number; height: string }) {
  const id = useId();
  const shown = clamp(layers, 1, 12);
  const each = 96 / Math.max(6, shown);
  const top = 150 - shown * each;
  return (
    <svg viewBox={`0 0 ${W} 176`} {...frame} aria-label={DRAWINGS_TEXT.aStackOfLayers(layers)}>
      <defs>
        <ClothFill id={id} look={look} scale={0.7} />
      </defs>
      {Array.from({ length: shown }, (_, i) => (
        <path
          key={i}
          d={`M150 ${150 - i * each} h250 q${each / 2} ${-each / 2} 0 ${-each} h-250 q${-each / 2} ${each / 2} 0 ${each} Z`}
          fill={`url(#${id})`}
          stroke={INK}
          strokeWidth="1.2"
        />
      ))}
      <path d={`M120 ${top - 5} H430`} stroke={INK} strokeWidth="7" strokeLinecap="round" />
      <path d="M90 153 H470" stroke={INK} strokeWidth="2" />
      <Dimension on="paper" x1={440} y1={top} x2={440} y2={150} label={height || 'height'} />
      <HaloText on="paper" x={150} y={top - 18} size={14}>
        {DRAWINGS_TEXT.layersUnderALight(layers)}
      </HaloText>
    </svg>
  );
}

/** The marked square before the wash, dashed, and after it. Shares of the side that is left. */
export function ShrinkDrawing({ look, across, along }: { look: Look; across: number; along: number }) {
  const id = useId();
  const side = 150;
  // Shown four times as much as it is, or nobody would see it.
  const shown = (share: number) => side * clamp(1 - (1 - share) * 4, 0.4, 1.15);
  const [w, h] = [shown(across), shown(along)];
  return (
    <svg viewBox={`0 0 ${W} 190`} {...frame} aria-label={DRAWINGS_TEXT.aMarkedSquareBefore}>
      <defs>
        <ClothFill id={id} look={look} />
      </defs>
      <rect x="170" y={20 + side - h} width={w} height={h} fill={`url(#${id})`} stroke={INK} strokeWidth="1.4" />
      <rect
        x="170"
        y="20"
        width={side}
        height={side}
        fill="none"
        stroke="var(--red)"
        strokeWidth="1.6"
        strokeDasharray="7 5"
      />
      <Dimension on="paper" x1={170} y1={182} x2={170 + w} y2={182} label={DRAWINGS_TEXT.across(percentLeft(across))} />
      <Dimension on="paper" x1={150} y1={20 + side - h} x2={150} y2={20 + side} label="" />
      <HaloText on="paper" x={140} y={100} anchor="end" size={15}>
        {DRAWINGS_TEXT.along(percentLeft(along))}
      </HaloText>
      <path d="M420 150 V40 M412 54 L420 40 L428 54" stroke={INK} strokeWidth="1.6" fill="none" />
      <text x="434" y="100" fontSize="14" fill="var(--ink-2)">
        {DRAWINGS_TEXT.selvedgeThisWay}
      </text>
    </svg>
  );
}

const percentLeft = (share: number) => {
  const lost = Math.round((1 - share) * 1000) / 10;
  return lost === 0 ? DRAWINGS_TEXT.theSame : lost > 0 ? `−${lost}%` : `+${-lost}%`;
};

/** A strip over the edge of a table, and the line of 41.5° its tip must touch. */
export function OverhangDrawing({ look, length }: { look: Look; length: string }) {
  const id = useId();
  const [x, y] = [230, 40];
  const rad = (41.5 * Math.PI) / 180;
  const tip = { x: x + 200 * Math.cos(rad), y: y + 200 * Math.sin(rad) };
  return (
    <svg viewBox={`0 0 ${W} 210`} {...frame} aria-label={DRAWINGS_TEXT.aStripSlidingOver}>
      <defs>
        <ClothFill id={id} look={look} scale={0.7} />
      </defs>
      <path d={`M20 ${y + 4} H${x} V200`} fill="none" stroke={INK} strokeWidth="2.4" />
      <path d={`M20 ${y + 12} H${x - 8} V200`} fill="none" stroke="var(--rule)" strokeWidth="6" />
      <path
        d={`M${x} ${y + 4} L${x + 262 * Math.cos(rad)} ${y + 4 + 262 * Math.sin(rad)}`}
        stroke="var(--red)"
        strokeWidth="2"
        strokeDasharray="8 6"
      />
      <text x={x + 212} y={y + 164} fontSize="15" fill="var(--red)" fontWeight="650">
        41.5°
      </text>
      <path
        d={`M60 ${y - 6} H${x} C${x + 70} ${y - 6} ${tip.x - 46} ${tip.y - 84} ${tip.x} ${tip.y} L${tip.x - 9} ${tip.y + 5} C${tip.x - 58} ${tip.y - 74} ${x + 62} ${y + 4} ${x} ${y + 4} H60 Z`}
        fill={`url(#${id})`}
        stroke={INK}
        strokeWidth="1.3"
      />
      <path d={`M60 ${y - 16} H${x + 40}`} stroke={INK} strokeWidth="6" strokeLinecap="round" opacity="0.25" />
      <HaloText on="paper" x={x + 96} y={y - 2}>
        {DRAWINGS_TEXT.overhang(length)}
      </HaloText>
    </svg>
  );
}

/** A cut edge with the yarn that came loose, mm. */
export function FrayDrawing({ look, looseMm, length }: { look: Look; looseMm: number; length: string }) {
  const id = useId();
  const px = Math.min(90, looseMm * 9);
  const threads = Array.from({ length: 44 }, (_, i) => {
    const x = 84 + i * 11;
    const reach = px * (0.65 + 0.35 * Math.sin(i * 7.3) ** 2);
    return `M${x} 100 q${i % 2 ? 4 : -3} ${reach / 2} ${i % 3 ? 1 : -4} ${reach}`;
  });
  return (
    <svg viewBox={`0 0 ${W} 200`} {...frame} aria-label={DRAWINGS_TEXT.aCutEdgeWith(length)}>
      <defs>
        <ClothFill id={id} look={look} />
      </defs>
      <rect x="80" y="16" width="486" height="84" fill={`url(#${id})`} />
      <path d="M80 16 V100 H566 V16" fill="none" stroke={INK} strokeWidth="1.3" />
      {looseMm > 0 && <path d={threads.join(' ')} stroke={INK} strokeWidth="1.5" fill="none" opacity="0.75" />}
      {looseMm > 0 && <Dimension on="paper" x1={578} y1={100} x2={578} y2={100 + px} label={length} />}
    </svg>
  );
}

/** Where a pin was: closed again, or a hole that stays. */
export function PinHoleDrawing({ look, stays }: { look: Look; stays: boolean }) {
  const id = useId();
  return (
    <svg viewBox="0 0 200 110" {...frame} aria-hidden>
      <defs>
        <ClothFill id={id} look={look} scale={1.6} />
      </defs>
      <rect x="1" y="1" width="198" height="108" fill={`url(#${id})`} stroke={INK} />
      {stays ? (
        <circle cx="100" cy="56" r="8" fill="var(--ink)" stroke="#fffcf6" strokeWidth="2" />
      ) : (
        <path d="M88 56 q12 -5 24 0 M92 60 q8 4 16 0" fill="none" stroke="var(--ink)" strokeWidth="1.6" />
      )}
    </svg>
  );
}

/** A white rag after rubbing. */
export function RagDrawing({ colour, amount }: { colour: string; amount: 0 | 1 | 2 }) {
  return (
    <svg viewBox="0 0 200 110" {...frame} aria-hidden>
      <path
        d="M14 26 Q60 8 104 20 T188 18 Q180 54 190 94 Q140 88 98 98 T10 96 Q22 60 14 26 Z"
        fill="#fffdf9"
        stroke={INK}
      />
      {amount > 0 && (
        <ellipse
          cx="102"
          cy="58"
          rx={amount === 2 ? 58 : 36}
          ry={amount === 2 ? 28 : 17}
          fill={colour}
          opacity={amount === 2 ? 0.85 : 0.3}
        />
      )}
      <path d="M24 40 Q60 28 100 34 M30 82 Q80 74 150 80" fill="none" stroke="var(--rule)" strokeWidth="1.2" />
    </svg>
  );
}

/** An iron on one step of the ladder: as many dots as its care label. */
export function IronDrawing({ dots, state }: { dots: 1 | 2 | 3; state: 'open' | 'good' | 'failed' | 'locked' }) {
  const colour = { open: INK, good: 'var(--green)', failed: 'var(--red)', locked: 'var(--rule)' }[state];
  return (
    <svg viewBox="0 0 120 76" aria-hidden style={{ width: 92, height: 58, flex: 'none' }}>
      <path
        d="M10 62 H112 L104 30 H52 Q22 32 10 62 Z M52 30 Q56 14 72 14 H100 Q106 14 106 22 L104 30"
        fill="var(--sheet)"
        stroke={colour}
        strokeWidth="3"
        strokeDasharray={state === 'locked' ? '5 5' : undefined}
        strokeLinejoin="round"
      />
      {Array.from({ length: dots }, (_, i) => (
        <circle key={i} cx={72 + (i - (dots - 1) / 2) * 15} cy="47" r="4.6" fill={colour} />
      ))}
      {state === 'good' && <path d="M20 14 l7 8 l14 -18" fill="none" stroke={colour} strokeWidth="4" />}
      {state === 'failed' && <path d="M18 4 l18 18 m0 -18 l-18 18" fill="none" stroke={colour} strokeWidth="4" />}
    </svg>
  );
}
