import { idSchema } from '../result';
import type { OperationKind } from '../setup';
import type { TestedCard } from './card';

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
export function isAbout(
  card: Pick<TestedCard, 'clothId' | 'machineId' | 'secondId' | 'operation' | 'simulated'>,
  ids: AskedIds,
  kind: OperationKind,
): boolean {
  const known = card.operation.second === undefined || typeof card.secondId === 'string';
  return (
    known &&
    !card.simulated &&
    isOnMachine(card, ids) &&
    typeof ids.clothId === 'string' &&
    card.clothId === ids.clothId &&
    (card.secondId ?? null) === (ids.secondId ?? null) &&
    card.operation.kind === kind
  );
}
