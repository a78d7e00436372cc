import { type Risk, type SeamContext, tellRisks } from '../../physics';
import type { Setup } from '../../setup';
import { hazardsOf } from './assess';

/** A risk of the second of two settings, and by how much it is higher than with the first; below 0 where it is lower. */
export interface RiskChange extends Risk {
  more: number;
}

/**
 * How the risks of a seam change from one setting to another.
 *
 * @param seam - cloth and operation
 * @param from - one setting
 * @param to - the other
 * @returns every risk that the other has, the one that rises most first; what falls most is the other way round
 */
export function riskChanges(seam: SeamContext, from: Setup, to: Setup): RiskChange[] {
  const before = new Map(tellRisks(hazardsOf(seam, from), 0).map(({ sign, level }) => [sign, level]));
  return tellRisks(hazardsOf(seam, to), 0)
    .map((risk) => ({ ...risk, more: risk.level - (before.get(risk.sign) ?? 0) }))
    .sort((a, b) => b.more - a.more);
}
