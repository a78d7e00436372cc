import { type Numbers, takesOf } from '@/core/procedure';
import { countSewing, edit } from '@/data';
import { nowText } from '@/parts/workspace';
import type { RunNow } from './useRunNow';

/** On and back from the step as it is stored, so that quick presses all count; needle time is counted once for every step. */
export function useSteps({ steps, given, how, machine, cloth, procedure, save }: RunNow, numbers: Numbers) {
  const last = steps.length - 1;
  const next = async () => {
    let sewn = 0;
    const move = () =>
      save((r) => {
        if (r.status !== 'sewing') return {};
        const { minutes } = takesOf(steps[Math.min(r.step, last)], numbers, given, how);
        sewn = r.step >= r.counted ? minutes : 0;
        const needleMinutes = r.needleMinutes + sewn;
        if (r.step < last) return { needleMinutes, counted: Math.max(r.counted, r.step + 1), step: r.step + 1 };
        // The same from its first step, for the next piece in the row.
        if (r.piece < r.pieces) return { needleMinutes, counted: 0, step: 0, piece: r.piece + 1 };
        return { needleMinutes, counted: last + 1, status: 'done', doneAt: nowText() };
      });
    await edit(`${procedure.name}: step done`, async () => {
      await move();
      if (sewn > 0 && machine && cloth)
        await countSewing(machine.id, sewn, { id: cloth.id, name: cloth.cloth.name, family: cloth.cloth.family });
    });
  };
  const back = async () => {
    await edit(`${procedure.name}: one step back`, () =>
      save((r) => (r.status === 'sewing' && r.step > 0 ? { step: r.step - 1 } : {})),
    );
  };
  return { next, back };
}
