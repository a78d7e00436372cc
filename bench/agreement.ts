/**
 * Whether match and the simulated machine, which share nothing, agree: match's own setting has to sew cleanly on machines in good
 * order, for every family of cloth.
 */
import { type Cloth, FAMILY, type Family } from '../src/core/cloth';
import { match, matchInputSchema } from '../src/core/match';
import { seamContext } from '../src/core/physics';
import { sewOnStandIn } from '../src/core/practice';
import { NO_TROUBLE, standIn, type StandIn } from '../src/core/standin';
import { allSigns, passCriteria, passes } from '../src/core/swatch';

/** The seams that are tried. */
export const TRIED = ['join', 'hem', 'topstitch'] as const;

/** A machine without any quirk and without trouble. */
export const FAULTLESS: StandIn = {
  quirks: { lengthFactor: 1, tensionSteps: 0, pressure: 0, creep: 1 },
  trouble: NO_TROUBLE,
};

/** How many machines sewed a line that passes, and what the others showed; null where match itself says it cannot be done. */
export interface Agreement {
  clean: number;
  seeds: number;
  showed: Record<string, number>;
}

/**
 * Match's own setting, sewn on machines in good order.
 *
 * @param family - the cloth, as its family alone
 * @param kind - the seam
 * @param machines - on which it is sewn
 * @returns how many lines pass, and which signs above slight the others show
 */
export function agreement(
  family: Family,
  kind: (typeof TRIED)[number],
  machines: readonly StandIn[],
): Agreement | null {
  const cloth: Cloth = { structure: FAMILY[family].structure, family, traits: [] };
  const { setup } = match(matchInputSchema.parse({ cloth, operation: { kind } }));
  if (!setup) return null;
  const seam = seamContext(cloth, { kind });
  const showed: Record<string, number> = {};
  let clean = 0;
  machines.forEach((machine, i) => {
    const line = sewOnStandIn({ seam, cloth, setup, direction: 'across', machine, seed: i + 1 });
    const signs = 'blocked' in line ? [line.blocked.code] : plainSigns(allSigns(seam, line));
    const passed = !('blocked' in line) && passes(passCriteria(seam, { ...line, findings: allSigns(seam, line) }));
    if (passed) clean += 1;
    for (const sign of signs) showed[sign] = (showed[sign] ?? 0) + 1;
  });
  return { clean, seeds: machines.length, showed };
}

const plainSigns = (findings: ReturnType<typeof allSigns>) =>
  findings.filter(({ severity }) => severity > 1).map(({ sign }) => sign);

/** Machines in good order, each with small quirks of its own. */
export const inGoodOrder = (count: number): StandIn[] => Array.from({ length: count }, (_, seed) => standIn(seed));
