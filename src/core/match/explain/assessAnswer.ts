import { secureRisk } from '../../physics';
import type { Setup } from '../../setup';
import { assess, type CheckResult } from './assess';
import type { Question } from '../question';

/**
 * A setting looked over together with the plan it is sewn by: how its ends are secured is a risk too.
 *
 * @param question - opened question
 * @param setup - the setting
 * @returns interlocks, risks and the needle–thread fit
 */
export function assessAnswer({ seam, machine, aims }: Question, setup: Setup): CheckResult {
  return assess(seam, setup, machine, [secureRisk(seam.profile, aims.plan.secure)]);
}
