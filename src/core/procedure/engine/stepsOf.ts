import type { Given, Numbers, Procedure, Step } from './types';
import { workOut } from './workOut';

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

/**
 * How many steps an operation takes with its usual answers.
 *
 * @param procedure - the operation
 * @param given - cloth, setting and machine
 * @returns a whole number; all there are where the usual answers do not go together in this cloth
 */
export function usualSteps(procedure: Procedure, given: Given): number {
  const worked = workOut(procedure, {}, given);
  return worked.ok ? stepsOf(procedure, worked.numbers).length : procedure.steps.length;
}
