import { isTwin } from '../../kit';
import type { Setup } from '../../setup';
import type { Procedure } from './types';

/**
 * Whether a setting has as many needles as the operation is sewn with.
 *
 * @param procedure - the operation
 * @param setup - a setting that was found or proven
 * @example
 * needlesFit({ needles: 'two' }, { needle: { point: 'twin', nm: 75, gapMm: 2.5 } }) // => true
 */
export const needlesFit = ({ needles }: Pick<Procedure, 'needles'>, { needle }: Pick<Setup, 'needle'>): boolean =>
  isTwin(needle.point) === (needles === 'two');

/**
 * Whether an operation is sewn on the machine at all, or wholly by hand.
 *
 * @param procedure - the operation
 * @returns false when none of its steps is sewn: then it needs no setting
 * @example
 * sewnByMachine({ steps: [{ do: 'Knot.' }] }) // => false
 */
export const sewnByMachine = ({ steps }: Pick<Procedure, 'steps'>): boolean =>
  steps.some(({ sews }) => sews !== undefined);
