import { isTwin } from '../../kit';
import type { Setup } from '../../setup';
import type { Numbers, Procedure, Step } from './types';

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
 * onMachine({ steps: [{ do: 'Knot.' }] }) // => false
 */
export const onMachine = ({ steps }: Pick<Procedure, 'steps'>): boolean => steps.some(({ sews }) => sews !== undefined);

/**
 * The steps that are taken with these numbers, in order: a school left out, or a second row not wanted, is not shown.
 *
 * @param procedure - the operation
 * @param numbers - of `workOut`
 * @returns the steps whose condition holds, and those without one
 * @example
 * stepsOf({ steps: [{ do: 'Baste.', when: 'bastes' }, { do: 'Sew.' }] }, { bastes: 0 }).length // => 1
 */
export function stepsOf({ steps }: Pick<Procedure, 'steps'>, numbers: Numbers): readonly Step[] {
  return steps.filter(({ when }) => {
    if (when === undefined) return true;
    return when.startsWith('!') ? !((numbers[when.slice(1)] ?? 0) > 0) : (numbers[when] ?? 0) > 0;
  });
}
