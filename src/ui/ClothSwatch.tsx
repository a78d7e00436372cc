import { useId } from 'react';
import { ClothFill, type Look } from './ClothFill';

/** A cut piece of the cloth with pinked edges, drawn at any size. */
export function ClothSwatch({ look, label, className }: { look: Look; label?: string; className?: string }) {
  const id = useId();
  // Beside its own name a swatch is decoration.
  const said = label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true };
  const teeth = Array.from({ length: 30 }, (_, i) => `L${(i + 1) * 8} ${i % 2 ? 4 : 9}`).join(' ');
  const bottom = Array.from({ length: 30 }, (_, i) => `L${240 - (i + 1) * 8} ${i % 2 ? 136 : 131}`).join(' ');
  return (
    <svg viewBox="0 0 240 140" className={className} {...said} preserveAspectRatio="xMidYMid slice">
      <defs>
        <ClothFill id={id} look={look} scale={1.3} />
      </defs>
      <path d={`M0 4 ${teeth} L240 136 ${bottom} Z`} fill={`url(#${id})`} stroke="var(--ink)" strokeWidth="1.3" />
    </svg>
  );
}
