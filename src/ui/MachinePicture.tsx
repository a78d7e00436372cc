import type { MachineKind } from '@/core/kit';

/** What tells one kind from another at a glance, on the same outline. */
const SHOWS: Readonly<
  Record<MachineKind, { dials: number; rows: number; screen: boolean; screw: boolean; arm: boolean; round: boolean }>
> = {
  'straight-only': { dials: 1, rows: 0, screen: false, screw: false, arm: false, round: false },
  basic: { dials: 2, rows: 1, screen: false, screw: false, arm: false, round: false },
  stretch: { dials: 3, rows: 2, screen: false, screw: false, arm: false, round: false },
  computerised: { dials: 0, rows: 0, screen: true, screw: false, arm: false, round: false },
  'dual-feed': { dials: 0, rows: 0, screen: true, screw: false, arm: true, round: false },
  old: { dials: 1, rows: 0, screen: false, screw: true, arm: false, round: true },
};
const INK = { fill: 'none', stroke: 'var(--ink)', strokeWidth: 1.8, strokeLinejoin: 'round' } as const;

/** A sewing machine from the front, by its kind. */
export function MachinePicture({ kind }: { kind: MachineKind }) {
  const { dials, rows, screen, screw, arm, round } = SHOWS[kind];
  const corner = round ? 14 : 4;
  return (
    <svg width="112" height="76" viewBox="0 0 112 76" aria-hidden>
      <rect x="6" y="62" width="100" height="9" rx="2" {...INK} fill="var(--sheet)" />
      <path
        d={`M12 ${12 + corner} Q12 12 ${12 + corner} 12 H${100 - corner} Q100 12 100 ${12 + corner} V62 H78 V38 H34 V46 H16 V34 H12 Z`}
        {...INK}
        fill="var(--sheet)"
      />
      <path d="M22 46 V56 M30 46 V54 M16 56 H28" {...INK} />
      <rect x="100" y="18" width="6" height="16" rx="2" {...INK} />
      {arm && <path d="M30 40 H37 V55 H29" {...INK} stroke="var(--red)" />}
      {screw && <path d="M26 12 V4 M20 4 H32" {...INK} stroke="var(--red)" />}
      {screen && <rect x="72" y="18" width="22" height="14" rx="1.5" {...INK} fill="var(--green-pale)" />}
      {Array.from({ length: dials }, (_, i) => (
        <circle key={i} cx={88 - i * 17} cy="25" r="6.5" {...INK} />
      ))}
      {Array.from({ length: rows }, (_, i) => (
        <path key={i} d={`M82 ${44 + i * 8} l3 -3 l3 3 l3 -3 l3 3`} {...INK} strokeWidth={1.3} />
      ))}
    </svg>
  );
}
