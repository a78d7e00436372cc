import { secureText, speedText } from '../../match';
import type { Procedure, Step } from '../engine/types';
import { isIroned, PLAIN_PLAN, planCautions, pressingOf, type StepPlan, withPlan } from './phrases';

/** One step as it is done on this fabric, its numbers still in braces. */
export interface StepText {
  does: string;
  check: string;
  cautions: string[];
  /** How its row is begun; empty for a step that is not sewn. */
  begin: string[];
  /** How it is sewn, and how it ends; null for a step that is not sewn. */
  pace: string | null;
  end: string | null;
  /** How the iron is used, where there is something to say. */
  pressing: string | null;
  /** What the hand holds on the drawing. */
  with?: 'iron' | 'blade';
}

const GOES_ON = 'Carry on from the needle, which is still down.';
const STOPS = 'Stop with the needle down in the fabric.';
const OUT = 'Raise the take-up lever before you pull the fabric out.';

/**
 * A step in the words of the plan for its row: how it is held, begun, ended and pressed on this fabric.
 *
 * @param step - the step
 * @param plan - what Match says for its row; as a sturdy woven is handled where nothing is matched
 * @returns texts with numbers still to be filled in
 * @throws when the step names a phrase that is not there
 */
export function stepText(step: Step, plan: StepPlan = PLAIN_PLAN): StepText {
  const sewn = step.sews !== undefined;
  const from = step.goesOn === 'from-before' || step.goesOn === 'both';
  const to = step.goesOn === 'to-next' || step.goesOn === 'both';
  const tool = step.with === 'iron' && !isIroned(step.do, plan) ? undefined : step.with;
  return {
    does: withPlan(step.do, plan),
    check: withPlan(step.check, plan),
    cautions: [...(step.caution ? [step.caution] : []), ...planCautions(step.do, sewn, plan)],
    begin: !sewn ? [] : from ? [GOES_ON] : [...plan.start],
    pace: sewn ? speedText(plan.speed) : null,
    end: !sewn ? null : to ? STOPS : `${secureText(plan.secure)} ${OUT}`,
    pressing: pressingOf(step.do, plan),
    ...(tool && { with: tool }),
  };
}

/**
 * What to lay ready for an operation on this fabric.
 *
 * @param procedure - the operation
 * @param plan - for its main row
 */
export const readyFor = ({ ready }: Pick<Procedure, 'ready'>, plan: StepPlan = PLAIN_PLAN): string[] =>
  ready.map((text) => withPlan(text, plan)).filter((text) => text !== '');
