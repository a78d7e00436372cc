import { qrPath, QUIET } from './qr';

/** A text as a code on paper, with the free edge a scanner needs. */
export function Qr({ text, label, className }: { text: string; label: string; className?: string }) {
  const { size, d } = qrPath(text);
  const whole = size + 2 * QUIET;
  return (
    <svg viewBox={`${-QUIET} ${-QUIET} ${whole} ${whole}`} role="img" aria-label={label} className={className}>
      <path d={d} />
    </svg>
  );
}
