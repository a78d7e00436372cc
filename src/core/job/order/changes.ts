import * as z from 'zod';
import type { ScheduleInput, Task } from './input';
import { ANY, type Model, MACHINE_PARTS } from './model';
import { ScheduleWalk } from './scheduleWalk';

/** One change on the machine, or a walk to the iron, and before which seam. */
export const changeSchema = z.strictObject({
  before: z.string(),
  change: z.string(),
  from: z.unknown().optional(),
  to: z.unknown(),
});
export type ScheduleChange = z.infer<typeof changeSchema>;

/**
 * What has to be changed along an order, and when the iron is gone to.
 *
 * @param input - the question, with its values as they are written
 * @param model - the same with its values as numbers
 * @param order - tasks by index
 * @returns every change before its task, in the order it is safely made
 */
export function changesOf({ tasks, now }: ScheduleInput, model: Model, order: readonly number[]): ScheduleChange[] {
  const changes: ScheduleChange[] = [];
  const on: Record<string, unknown> = { ...now };
  const way = new ScheduleWalk(model);
  for (const task of order) {
    const { id, needs } = tasks[task];
    if (way.needsIron(task)) changes.push({ before: id, change: 'iron', to: unpressedOf(tasks, way) });
    for (const [p, [part]] of MACHINE_PARTS.entries()) {
      const wanted = model.wants[task][p];
      if (wanted === ANY || wanted === way.machine[p]) continue;
      changes.push({ before: id, change: part, ...(on[part] !== undefined && { from: on[part] }), to: needs[part] });
      on[part] = needs[part];
    }
    way.sew(task);
  }
  return changes;
}

const unpressedOf = (tasks: readonly Task[], { unpressed }: ScheduleWalk) =>
  tasks.filter((_, i) => unpressed[i] === 1).map(({ id }) => id);
