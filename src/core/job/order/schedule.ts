import { atMost, isBelow } from '../../numbers';
import * as z from 'zod';
import { type Blocked, blockedSchema } from '../../result';
import { annealedOrder } from './annealing';
import { findCycle } from './cycle';
import { bestFirstOrder } from './bestFirst';
import { changesOf, changeSchema } from './changes';
import type { ScheduleInput } from './input';
import { type Model, modelOf } from './model';
import { orderCost, polished } from './localSearch';
import { lowerBoundOfParts } from './lowerBound';
import { boundOf, startState } from './state';

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

/** Told how far it is, 0 … 1; says whether to go on. */
export type OnProgress = (share: number) => boolean;

/**
 * How many states the proof may open, and up to how many seams it is tried: more have too many orders to be looked through.
 * Measured on things that are made: three at once, thirty-two seams, took 30,000 states, about a second.
 */
const BUDGET = 40_000;
const FEW = 32;

/**
 * The order of seams that changes the machine least, keeping what must come before what.
 *
 * A good order is found first; up to thirty-two seams a best-first search then finds a better one or proves that there is
 * none. Of more, and where the proof takes too long, the order stands with a lower bound beside it. Costs are changes and
 * walks to the iron only: sewing takes the same time in any order. A walk presses everything that needs it; pressing after
 * the last crossing is not counted, for it has to be done in any order.
 *
 * @param input - seams in the usual order of construction, what is on the machine, costs in minutes
 * @param onProgress - told now and then how far the search is, 0 … 1; false stops looking, and what was found so far is the answer
 * @returns order, changes and costs in minutes; blocked, naming the ring, where seams wait for each other
 */
export function schedule(input: ScheduleInput, onProgress?: OnProgress): Schedule {
  const ring = findCycle(input.tasks);
  if (ring) return { blocked: [ringBlocked(ring)] };
  const model = modelOf(input);
  // Half of the way is the search, the other half the proof where there is one.
  const far = model.count > FEW ? 1 : 0.5;
  let stopped = false;
  const good = annealedOrder(model, (share) => {
    stopped = onProgress?.(share * far) === false;
    return !stopped;
  });
  const cost = orderCost(model, good);
  const lowerBound = boundOf(model, startState(model));
  if (atMost(cost, lowerBound) || stopped) return answer(input, model, good, Math.min(lowerBound, cost));
  if (model.count > FEW)
    return answer(input, model, good, Math.min(cost, Math.max(lowerBound, lowerBoundOfParts(model))));
  const { order, bound } = bestFirstOrder(
    model,
    cost,
    BUDGET,
    (opened) => onProgress?.(far + (opened / BUDGET) * (1 - far)) !== false,
  );
  const best = order && isBelow(orderCost(model, order), cost) ? polished(model, order) : good;
  return answer(input, model, best, Math.min(bound, orderCost(model, best)));
}

function ringBlocked(ring: readonly string[]): Blocked {
  return {
    code: 'job.cycle',
    text: `These wait for each other: ${ring.join(' after ')}. Remove one of the “after” links.`,
  };
}

function answer(input: ScheduleInput, model: Model, order: readonly number[], bound: number): Schedule {
  const cost = orderCost(model, order);
  const { insideMin } = model;
  const round = (value: number) => Math.round(value * 1e6) / 1e6;
  return {
    order: order.map((task) => input.tasks[task].id),
    changes: changesOf(input, model, order),
    cost: round(cost + insideMin),
    bound: round(bound + insideMin),
    optimal: atMost(cost, bound),
  };
}
