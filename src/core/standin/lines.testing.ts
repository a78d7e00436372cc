import { type Cloth, FAMILY, type Family } from '../cloth';
import type { Setup } from '../setup';
import { plainSetup } from '../setup/plainSetup.testing';
import { type HiddenFault, NO_TROUBLE, type SewInput, sewLine, type SewnLine, type StandIn, withFault } from '.';

export const clothOf = (family: Family): Cloth => ({ structure: FAMILY[family].structure, family, traits: [] });
export const JERSEY: Cloth = { ...clothOf('jersey'), massGsm: 170, stretchAcross: 50 };
export const GOOD: StandIn = {
  quirks: { lengthFactor: 1, tensionSteps: 0, pressure: 0, creep: 1 },
  trouble: NO_TROUBLE,
};
export const ON_JERSEY = plainSetup({
  needle: { point: 'ballpoint', nm: 75 },
  foot: 'walking',
  stitch: 'zigzag',
  widthMm: 2,
  pressure: 0.25,
});
export const ON_WOVEN = plainSetup({ needle: { point: 'universal', nm: 80 } });
export const ON_HIDE = plainSetup({ needle: { point: 'leather', nm: 100 }, lengthMm: 3.5 });

export const asked = (setup: Setup, cloth: Cloth = JERSEY, more: Partial<SewInput> = {}): SewInput => ({
  setup,
  cloth,
  operation: { kind: 'join' },
  lengthMm: 100,
  direction: 'across',
  ...more,
});
export function sewn(input: SewInput, machine: StandIn = GOOD, seed = 9): SewnLine {
  const line = sewLine(input, machine, seed);
  if ('blocked' in line) throw new Error(line.blocked.text);
  return line;
}
export const plain = ({ findings }: SewnLine) => findings.filter((f) => f.severity >= 2).map((f) => f.sign);
export const severity = ({ findings }: SewnLine, sign: string) => findings.find((f) => f.sign === sign)?.severity ?? 0;
export const worst = ({ findings }: SewnLine) => Math.max(0, ...findings.map((f) => f.severity));
export const hiding = (fault: HiddenFault, amount = 1): StandIn => ({
  ...GOOD,
  trouble: withFault(NO_TROUBLE, fault, amount),
});

/** A cloth of each kind with a setting that suits it. */
export const SUITED: readonly [Cloth, Setup][] = [
  [JERSEY, ON_JERSEY],
  [clothOf('lawn'), plainSetup({ needle: { point: 'universal', nm: 70 }, thread: { fibre: 'polyester', tex: 18 } })],
  [clothOf('linen'), ON_WOVEN],
  [clothOf('denim'), plainSetup({ needle: { point: 'jeans', nm: 100 }, thread: { fibre: 'polyester', tex: 40 } })],
  [clothOf('hand-woven'), plainSetup({ needle: { point: 'universal', nm: 90 } })],
  [clothOf('vinyl'), plainSetup({ needle: { point: 'sharp', nm: 100 }, lengthMm: 3.5, foot: 'glide' })],
];
