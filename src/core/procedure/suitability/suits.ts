import { type ClothProfile, isFineSlippery } from '../../cloth';
import { rowsOf } from '../../result';
import { foldsOf } from '../../setup';
import type { ProcedureId } from '../all';
import { SUITABILITY } from './rows';
import type { Fabrics, SuitabilityFacts, Suits } from './types';

export { SUITABILITY } from './rows';
export { type Suits, type Verdict, VERDICTS } from './types';

/** The fabric of an operation, and of the band it sews on, where there is one. */
export interface SewnOn {
  fabric: ClothProfile;
  band?: ClothProfile;
}

/**
 * Whether an operation is right for a fabric.
 *
 * Every row that speaks of both is heard; "not this" outweighs "with care", and of two alike the first of the table is said.
 *
 * @param procedure - the operation
 * @param on - the fabric, and of a band its own; without a band the fabric itself
 * @returns fine, or why not and what instead
 */
export function suits(procedure: ProcedureId, on: SewnOn): Suits {
  const worst = worstOf(procedure, on);
  if (!worst) return { verdict: 'fine' };
  const instead = worst.instead.find((other) => worstOf(other, on)?.verdict !== 'not-this');
  return { verdict: worst.verdict, why: worst.why, ...(instead && { instead }) };
}

function worstOf(procedure: ProcedureId, { fabric, band = fabric }: SewnOn): SuitabilityFacts | null {
  const against = rowsOf(SUITABILITY).filter(
    (row) => row.procedures.includes(procedure) && speaksOf(row.fabrics, row.of === 'band' ? band : fabric),
  );
  return against.find(({ verdict }) => verdict === 'not-this') ?? against[0] ?? null;
}

/** Whether a fabric is one of those that are meant. */
function speaksOf(when: Fabrics, cloth: ClothProfile): boolean {
  const { structure, family, traits } = when;
  return (
    (!structure || structure.includes(cloth.structure)) &&
    (!family || family.includes(cloth.family)) &&
    (!traits || traits.some((trait) => cloth.traits.includes(trait))) &&
    (!when.foldsOnce || foldsOf(cloth, {}) === 1) &&
    (!when.fine || isFineSlippery(cloth)) &&
    over(cloth.thicknessMm.value, when.thickerThanMm) &&
    !over(cloth.thicknessMm.value, when.upToMm ?? Infinity) &&
    under(cloth.stretchAcross.value, when.stretchesBelow) &&
    under(cloth.recovery.value, when.recoversBelow)
  );
}

const over = (value: number, limit: number | undefined) => limit === undefined || value > limit;
const under = (value: number, limit: number | undefined) => limit === undefined || value < limit;
