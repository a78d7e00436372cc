import * as z from 'zod';
import { type Blocked, blockedSchema } from '../../result';
import { searchGood } from './good';
import { findCycle } from './cycle';
import { searchExact } from './exact';
import { type ScheduleInput, type Task } from './input';
import { ANY, type Model, modelOf, PARTS } from './model';
import { orderCost, polished } from './orders';
import { boundOf, startState } from './state';
import { Way } from './way';

/** One change on the machine, or a walk to the iron, and before which seam. */
export const changeSchema = z.strictObject({
  before: z.string(),
  change: z.string(),
  from: z.unknown().optional(),
  to: z.unknown(),
});
export type ScheduleChange = z.infer<typeof changeSchema>;

/** An order with its changes; `bound`: nothing can cost less; `optimal`: and nothing does. */
export const scheduleOutputSchema = z.union([
  z.strictObject({
    order: z.array(z.string()),
    changes: z.array(changeSchema),
    cost: z.number(),
    bound: z.number(),
    optimal: z.boolean(),
  }),
  z.strictObject({ blocked: z.array(blockedSchema) }),
]);
export type Schedule = z.infer<typeof scheduleOutputSchema>;

/** How many states the proof may open, and up to how many seams it is tried: more have too many orders to be looked through. */
const BUDGET = 60_000;
const FEW = 18;
const EPSILON = 1e-6;

/**
 * The order of seams that changes the machine least, keeping what must come before what.
 *
 * A good order is found first; up to eighteen seams a best-first search then finds a better one or proves that there is
 * none. Of more, and where the proof takes too long, the order stands with a lower bound beside it. Costs are changes and
 * walks to the iron only: sewing takes the same time in any order. A walk presses all that lies unpressed; pressing after
 * the last crossing is not counted, for it has to be done in any order.
 *
 * @param input - seams in the usual order of construction, what is on the machine, costs in minutes
 * @param onProgress - told how many states were looked at; false stops the proof, not the answer
 * @returns order, changes and costs in minutes; blocked, naming the ring, where seams wait for each other
 */
export function schedule(input: ScheduleInput, onProgress?: (opened: number) => boolean): Schedule {
  const ring = findCycle(input.tasks);
  if (ring) return { blocked: [ringBlocked(ring)] };
  const model = modelOf(input);
  const good = searchGood(model);
  const cost = orderCost(model, good);
  const least = boundOf(model, startState(model));
  if (cost <= least + EPSILON || model.count > FEW) return answer(input, model, good, Math.min(least, cost));
  const { order, bound } = searchExact(model, cost, BUDGET, onProgress);
  const best = order && orderCost(model, order) < cost - EPSILON ? polished(model, order) : good;
  return answer(input, model, best, Math.min(bound, orderCost(model, best)));
}

function ringBlocked(ring: readonly string[]): Blocked {
  return {
    code: 'job.cycle',
    text: `These wait for each other in a ring: ${ring.join(' after ')}. Take one of the "after" out.`,
  };
}

function answer({ tasks, now }: ScheduleInput, model: Model, order: readonly number[], bound: number): Schedule {
  const changes: ScheduleChange[] = [];
  const on: Record<string, unknown> = { ...now };
  const way = new Way(model);
  for (const task of order) {
    const { id, needs } = tasks[task];
    if (way.needsIron(task)) changes.push({ before: id, change: 'iron', to: unpressedOf(tasks, way) });
    for (const [p, [part]] of PARTS.entries()) {
      const wanted = model.wants[task][p];
      if (wanted === ANY || wanted === way.machine[p]) continue;
      changes.push({ before: id, change: part, ...(on[part] !== undefined && { from: on[part] }), to: needs[part] });
      on[part] = needs[part];
    }
    way.sew(task);
  }
  const round = (value: number) => Math.round(value * 1e6) / 1e6;
  return {
    order: order.map((task) => tasks[task].id),
    changes,
    cost: round(way.cost),
    bound: round(bound),
    optimal: way.cost <= bound + EPSILON,
  };
}

const unpressedOf = (tasks: readonly Task[], { unpressed }: Way) =>
  tasks.filter((_, i) => unpressed[i] === 1).map(({ id }) => id);
