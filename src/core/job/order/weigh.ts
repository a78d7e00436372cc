import { type ScheduleInput } from './input';
import { modelOf } from './model';
import { orderCost } from './localSearch';
import { changesOf, type ScheduleChange } from './changes';

/** Something that would be sewn before what it has to wait for. */
export interface Broken {
  id: string;
  waitsFor: string;
}

/** What an order costs as it stands, minutes, and where it breaks what has to come before what. */
export interface Weighed {
  cost: number;
  changes: ScheduleChange[];
  broken: Broken[];
}

/**
 * What a given order costs, whether or not it keeps what must come before what.
 *
 * @param input - the question
 * @param order - every task once
 * @returns cost in minutes, changes, and every constraint it breaks
 * @throws when the order leaves tasks out or names others
 */
export function weighOrder(input: ScheduleInput, order: readonly string[]): Weighed {
  const at = new Map(input.tasks.map(({ id }, i) => [id, i]));
  const indices = order.map((id) => at.get(id) ?? -1);
  if (new Set(indices).size !== input.tasks.length || indices.includes(-1))
    throw new Error(`weighOrder: expected every task once, got ${order.join(', ')}`);
  const model = modelOf(input);
  const place = new Map(order.map((id, i) => [id, i]));
  const broken = input.tasks.flatMap(({ id, after }) =>
    after.filter((other) => place.get(other)! > place.get(id)!).map((waitsFor) => ({ id, waitsFor })),
  );
  return { cost: orderCost(model, indices) + model.insideMin, changes: changesOf(input, model, indices), broken };
}
