import type { Numbers, Procedure, Step } from './types';

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
