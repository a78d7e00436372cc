import { type Machine, machineReads, PLAIN_MACHINE } from '../../kit';
import type { SewingPlan } from '../../match';
import type { Setup } from '../../setup';
import { rowOfStep } from '../engine/rows';
import { type RowSetups, stepSetup } from '../engine/stepSetup';
import type { Numbers, Step } from '../engine/types';
import { planOfRow, type RowAnswers } from './matchRows';
import { stepText, type StepText } from './stepText';

/** A step with its texts, and where it is sewn with what is on the machine. */
export interface PlannedStep {
  step: Step;
  row: string;
  text: StepText;
  /** Null where it is not sewn, or nothing is matched for its row. */
  sews: {
    lengthMm: number;
    stitches: number;
    setup: Setup;
    machineReads: ReturnType<typeof machineReads>;
    secure: SewingPlan['secure'];
    hold: SewingPlan['hold'];
  } | null;
}

/**
 * The steps of an operation as they are done on this fabric and this machine.
 *
 * @param steps - those that are taken
 * @param numbers - of `workOut`
 * @param answers - what Match says for each row
 * @param setups - what each row is sewn with; null while that is not known
 * @param machine - the machine; a plain one where there is none
 */
export function plannedSteps(
  steps: readonly Step[],
  numbers: Numbers,
  answers: RowAnswers,
  setups: RowSetups | null,
  machine: Machine = PLAIN_MACHINE,
): PlannedStep[] {
  return steps.map((step, index) => {
    const row = rowOfStep(steps, index);
    const found = answers[row];
    const text = stepText(step, found && planOfRow(found));
    if (!step.sews || !setups || !found) return { step, row, text, sews: null };
    const setup = stepSetup(steps, index, numbers, setups, machine);
    const lengthMm = numbers[step.sews];
    const sews = {
      lengthMm,
      stitches: Math.max(1, Math.round(lengthMm / setup.lengthMm)),
      setup,
      machineReads: machineReads(machine, setup),
      secure: found.plan.secure,
      hold: found.plan.hold,
    };
    return { step, row, text, sews };
  });
}
