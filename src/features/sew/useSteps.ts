import { type Numbers, takesOf } from '@/core/procedure';
import { KNOWLEDGE } from '@/core/result';
import { advanceRun, backAStep } from '@/core/workroom';
import { countSewing, edit } from '@/data';
import { nowText } from '@/parts/workspace';
import type { RunNow } from './useRunNow';
import { STEPS_TEXT } from './text';

/** Going on or back means that the current step was seen as today's tables word it. */
const SEEN = { knowledge: KNOWLEDGE };

/** On and back from the step as it is stored, so that quick presses all count. */
export function useSteps({ steps, given, how, machine, cloth, procedure, save }: RunNow, numbers: Numbers) {
  const minutesOf = (step: number) => takesOf(steps[step], numbers, given, how).minutes;
  const next = async () => {
    await edit(STEPS_TEXT.stepDone(procedure.name), async () => {
      let sewn = 0;
      await save((run) => {
        const { change, sewnMinutes } = advanceRun(run, steps.length, minutesOf, nowText());
        sewn = sewnMinutes;
        return { ...change, ...SEEN };
      });
      if (sewn > 0 && machine && cloth)
        await countSewing(machine.id, sewn, { id: cloth.id, name: cloth.cloth.name, family: cloth.cloth.family });
    });
  };
  const back = async () => {
    await edit(STEPS_TEXT.oneStepBack(procedure.name), () => save((run) => ({ ...backAStep(run), ...SEEN })));
  };
  return { next, back };
}
