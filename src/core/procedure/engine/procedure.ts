import type { Origin } from '../../result';
import type { Procedure } from './types';

/** How operations are sewn step by step. */
export const SEWN_SO: Origin = {
  provenance: 'common-practice',
  source: 'How the operation is usually sewn at home; sizes that are asked for begin at usual ones.',
};

/**
 * An operation with its own id, so that the list of operations knows every id there is.
 *
 * @param id - never renamed once it was stored
 * @param facts - everything else
 */
export const procedure = <Id extends string>(id: Id, facts: Omit<Procedure, 'id'>): Procedure<Id> => ({ id, ...facts });
