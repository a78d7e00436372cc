import * as z from 'zod';
import type { Needs, ScheduleInput, Task } from './input';
import { type Model, MACHINE_PARTS, sameValue } from './model';
import { ScheduleWalk } from './scheduleWalk';

/** One change on the machine, or a walk to the iron, and before which seam; `row` where it comes before a later row of it, from 1. */
export const changeSchema = z.strictObject({
  before: z.string(),
  change: z.string(),
  from: z.unknown().optional(),
  to: z.unknown(),
  row: z.int().positive().optional(),
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
  const on: Needs = { ...now };
  const way = new ScheduleWalk(model);
  for (const task of order) {
    const { id, needs, rows } = tasks[task];
    if (way.needsIron(task)) changes.push({ before: id, change: 'iron', to: unpressedOf(tasks, way) });
    for (const [row, wanted] of [needs, ...rows].entries())
      for (const [part] of MACHINE_PARTS) {
        const to = wanted[part];
        if (to === undefined || sameValue(to, on[part])) continue;
        const from = on[part];
        changes.push({
          before: id,
          change: part,
          ...(from !== undefined && { from }),
          to,
          ...(row > 0 && { row }),
        });
        Object.assign(on, { [part]: to });
      }
    way.sew(task);
  }
  return changes;
}

const unpressedOf = (tasks: readonly Task[], { unpressed }: ScheduleWalk) =>
  tasks.filter((_, i) => unpressed[i] === 1).map(({ id }) => id);
