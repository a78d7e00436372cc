import { type ClothProfile, isFineSlippery } from '../../cloth';
import { rowsOf } from '../../result';
import { foldsOf, type OperationKind } from '../../setup';
import { type ProcedureId, PROCEDURES } from '../all';
import { sewnByMachine } from '../engine/sewnBy';
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

/**
 * Whether any operation of a kind is right for a fabric: what Match is asked for is a kind of stitching, and may be sewn in several ways.
 *
 * @param kind - what is matched
 * @param on - the fabric
 * @returns fine as soon as one of its operations is; else the least bad of them, with the first one's reason
 */
export function suitsKind(kind: OperationKind, on: SewnOn): Suits {
  const found = byMachine(kind).map((id) => suits(id, on));
  const best = (verdict: Suits['verdict']) => found.find((one) => one.verdict === verdict);
  return best('fine') ?? best('with-care') ?? best('not-this') ?? { verdict: 'fine' };
}

/**
 * The operation of a kind that is usually sewn on a fabric: the first that is right for it, else the first that takes care.
 *
 * @param kind - what is matched
 * @param on - the fabric
 * @returns null where none of them is for that fabric
 */
export function usualOperation(kind: OperationKind, on: SewnOn): ProcedureId | null {
  const of = (verdict: Suits['verdict']) => byMachine(kind).find((id) => suits(id, on).verdict === verdict);
  return of('fine') ?? of('with-care') ?? null;
}

const byMachine = (kind: OperationKind): ProcedureId[] =>
  PROCEDURES.filter((one) => one.kind === kind && sewnByMachine(one)).map(({ id }) => id);

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
