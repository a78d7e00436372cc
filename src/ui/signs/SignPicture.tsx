import { useId } from 'react';
import type { Sign } from '@/core/stitch';
import { PICTURES, type Side } from './pictures';

/** A fault as it looks on the cloth, the front above, the back below on hatched ground; `none` for a line with nothing wrong. */
export function SignPicture({ sign }: { sign: Sign | 'none' }) {
  const { front, back } = PICTURES[sign];
  const hatch = useId();
  return (
    <svg
      viewBox="0 0 88 88"
      width="88"
      height="88"
      aria-hidden
      data-sign={sign}
      style={{ display: 'block', width: '100%', height: 'auto', background: 'var(--sheet)' }}
    >
      <defs>
        <pattern id={hatch} width="7" height="7" patternUnits="userSpaceOnUse">
          <path d="M-1 8 L8 -1" stroke="var(--rule)" strokeWidth="1.2" />
        </pattern>
      </defs>
      <rect y="44" width="88" height="44" fill={`url(#${hatch})`} />
      <path d="M0 44 H88" stroke="var(--ink-2)" strokeWidth="1.3" />
      <rect x="0.6" y="0.6" width="86.8" height="86.8" fill="none" stroke="var(--ink-2)" strokeWidth="1.2" />
      <Strokes side={front} />
      <g transform="translate(0 45)">
        <Strokes side={back} />
      </g>
    </svg>
  );
}

function Strokes({ side: { cloth, fine, ink, wrong, ok } }: { side: Side }) {
  return (
    <g fill="none" strokeWidth="2.4" strokeLinecap="round" strokeLinejoin="round">
      {cloth && <path d={cloth} fill="var(--ink-2)" fillOpacity="0.22" stroke="var(--ink-2)" strokeWidth="1.3" />}
      {fine && <path d={fine} stroke="var(--ink-2)" strokeWidth="1.3" />}
      {ink && <path d={ink} stroke="var(--ink)" />}
      {wrong && <path d={wrong} stroke="var(--red)" />}
      {ok && <path d={ok} stroke="var(--green)" strokeWidth="4" />}
    </g>
  );
}
