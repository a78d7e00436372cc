import { idSchema } from '../result';
import type { OperationKind, Setup } from '../setup';
import type { Card, TestedCard } from './card';

/** Fields of a question that say which cloth, second cloth and machine these are, by id only. */
export const askedIds = {
  clothId: idSchema.optional(),
  machineId: idSchema.optional(),
  secondId: idSchema.optional(),
};

/** Cloths and machine of a question, each by id; null or left out where it is not known which one it is. */
export interface AskedIds {
  clothId?: string | null;
  machineId?: string | null;
  /** The second cloth of the operation. */
  secondId?: string | null;
}

/**
 * Whether a card was proven on this very machine.
 *
 * By id only: a machine may be renamed, and two may be called alike. Without an id it counts as another machine.
 *
 * @example
 * isOnMachine({ machineId: 'green' }, { machineId: 'green' }) // => true
 * isOnMachine({ machineId: 'green' }, {}) // => false
 */
export const isOnMachine = (card: Pick<TestedCard, 'machineId'>, { machineId }: AskedIds): boolean =>
  machineId !== undefined && machineId !== null && card.machineId === machineId;

/**
 * Whether a card was proven in this very cloth, or pair of cloths, on this machine, for this operation, and for real.
 *
 * A card whose second cloth is known by its properties alone is of no pair in particular, so it is proof of none.
 *
 * @param card - the card
 * @param ids - cloths and machine by id
 * @param kind - the operation
 */
export function isProofOf(
  card: Pick<TestedCard, 'clothId' | 'machineId' | 'secondId' | 'operation' | 'simulated'>,
  ids: AskedIds,
  kind: OperationKind,
): boolean {
  return card.operation.kind === kind && isOfFabrics(card, ids);
}

/** Whether a card was proven in this very cloth, or pair of cloths, on this machine, and for real: whatever was sewn. */
export function isOfFabrics(
  card: Pick<TestedCard, 'clothId' | 'machineId' | 'secondId' | 'operation' | 'simulated'>,
  ids: AskedIds,
): boolean {
  const known = card.operation.second === undefined || typeof card.secondId === 'string';
  return (
    known &&
    !card.simulated &&
    isOnMachine(card, ids) &&
    typeof ids.clothId === 'string' &&
    card.clothId === ids.clothId &&
    (card.secondId ?? null) === (ids.secondId ?? null)
  );
}

/**
 * The newest card that proves an operation on these very fabrics and this machine.
 *
 * @param cards - newest first
 * @param ids - fabrics and machine by id
 * @param kind - the operation
 * @param fits - whether a card's setting can be sewn that way at all, e.g. with one needle where the operation takes one
 * @returns the card; null when none proves it
 */
export const proofOf = <C extends Card>(
  cards: readonly C[],
  ids: AskedIds,
  kind: OperationKind,
  fits: (setup: Setup) => boolean = () => true,
): C | null => cards.find((card) => isProofOf(card, ids, kind) && fits(card.setup)) ?? null;
