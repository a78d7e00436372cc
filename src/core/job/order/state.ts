import { ANY, type Model } from './model';

/**
 * Where an order stands. Plain arrays of numbers, copied for each step, so that the search is quick; `wanted` counts, for
 * every part and value, the tasks left that want it, and `kinds` how many values of a part are still wanted at all.
 */
export interface State {
  done: Uint8Array;
  machine: Int16Array;
  /** Sewn, to be pressed, not pressed yet. */
  unpressed: Uint8Array;
  wanted: Uint16Array[];
  kinds: Uint16Array;
  left: number;
  /** The least that changing over to each of the tasks left can cost, added up. */
  leastIn: number;
  cost: number;
}

/** Before the first seam. */
export function startState(model: Model): State {
  const { count, wants, now } = model;
  const parts = now.map((_, p) => Math.max(now[p], ...wants.map((w) => w[p])) + 1);
  const wanted = parts.map((values) => new Uint16Array(Math.max(0, values)));
  for (const all of wants) all.forEach((value, p) => value !== ANY && (wanted[p][value] += 1));
  return {
    done: new Uint8Array(count),
    machine: Int16Array.from(now),
    unpressed: new Uint8Array(count),
    wanted,
    kinds: Uint16Array.from(wanted, (values) => values.filter((n) => n > 0).length),
    left: count,
    leastIn: model.leastIn.reduce((sum, least) => sum + least, 0),
    cost: 0,
  };
}

/** Whether a task waits for something that lies unpressed. The iron is gone to as late as can be: then one walk presses most. */
export const needsIron = ({ before }: Model, { unpressed }: State, task: number): boolean =>
  before[task].some((b) => unpressed[b] === 1);

/** What can be sewn now. */
export function ready({ before, count }: Model, { done }: State): number[] {
  const tasks: number[] = [];
  for (let task = 0; task < count; task += 1)
    if (done[task] === 0 && before[task].every((b) => done[b] === 1)) tasks.push(task);
  return tasks;
}

/** Minutes that sewing one task adds, for changes and the iron before it. */
export function stepCost(model: Model, state: State, task: number): number {
  const { wants, price } = model;
  const wanted = wants[task];
  let cost = needsIron(model, state, task) ? model.iron : 0;
  for (let p = 0; p < wanted.length; p += 1) if (wanted[p] !== ANY && wanted[p] !== state.machine[p]) cost += price[p];
  return cost;
}

/** The state after one more task. */
export function sewn(model: Model, state: State, task: number): State {
  const next: State = {
    done: state.done.slice(),
    machine: state.machine.slice(),
    unpressed: needsIron(model, state, task) ? new Uint8Array(model.count) : state.unpressed.slice(),
    wanted: state.wanted,
    kinds: state.kinds.slice(),
    left: state.left - 1,
    leastIn: state.leastIn - model.leastIn[task],
    cost: state.cost + stepCost(model, state, task),
  };
  next.done[task] = 1;
  next.wanted = state.wanted.map((values, p) => {
    const value = model.wants[task][p];
    if (value === ANY) return values;
    const fewer = values.slice();
    fewer[value] -= 1;
    if (fewer[value] === 0) next.kinds[p] -= 1;
    next.machine[p] = value;
    return fewer;
  });
  if (model.press[task]) next.unpressed[task] = 1;
  // What nothing waits for any more needs no walk to the iron in between.
  for (let i = 0; i < model.count; i += 1)
    if (next.unpressed[i] === 1 && model.next[i].every((n) => next.done[n] === 1)) next.unpressed[i] = 0;
  return next;
}

/**
 * A lower bound on what is left to pay.
 *
 * Every value that is still wanted and is not on the machine has to be put on it once at least; and changing over to each
 * task costs at least the least there is from any other. The iron is gone to once at least for every seam to be pressed
 * along the longest chain of seams that wait for each other. None of it can be saved by any order.
 *
 * @returns minutes
 */
export function boundOf(model: Model, state: State): number {
  const { price } = model;
  let cost = 0;
  for (let p = 0; p < price.length; p += 1) {
    const on = state.machine[p];
    const kept = on >= 0 && state.wanted[p][on] > 0 ? 1 : 0;
    cost += price[p] * (state.kinds[p] - kept);
  }
  return Math.max(cost, state.leastIn) + walksOf(model, state);
}

/** Minutes at the iron that no order can save. */
export function walksOf({ iron, next, trips, count }: Model, state: State): number {
  let walks = 0;
  for (let task = 0; task < count; task += 1) {
    if (state.done[task] === 0) walks = Math.max(walks, trips[task]);
    else if (state.unpressed[task] === 1)
      for (const after of next[task]) if (state.done[after] === 0) walks = Math.max(walks, 1 + trips[after]);
  }
  return walks * iron;
}

/**
 * What a task and all after it cost at least, told without taking the step: dear ones need not be looked at.
 *
 * @param walks - the bound on walks to the iron before the step, minutes
 * @returns minutes; never more than the cost and the bound of the state after the step
 */
export function leastAfter(model: Model, state: State, task: number, walks: number): number {
  const { wants, price } = model;
  const wanted = wants[task];
  let cost = needsIron(model, state, task) ? model.iron : 0;
  const iron = Math.max(0, walks - cost);
  let parts = 0;
  for (let p = 0; p < price.length; p += 1) {
    const [value, on] = [wanted[p], state.machine[p]];
    if (value === ANY) {
      parts += price[p] * (state.kinds[p] - (on >= 0 && state.wanted[p][on] > 0 ? 1 : 0));
      continue;
    }
    if (value !== on) cost += price[p];
    parts += price[p] * (state.kinds[p] - 1);
  }
  return state.cost + cost + Math.max(parts, state.leastIn - model.leastIn[task]) + iron;
}

/** Two states of one key have the same future. */
export const keyOf = ({ done, machine, unpressed }: State): string =>
  `${String.fromCharCode(...bits(done))}|${String.fromCharCode(...machine.map((v) => v + 1))}|${String.fromCharCode(...bits(unpressed))}`;

/** Fifteen flags to a character. */
function bits(flags: Uint8Array): number[] {
  const words: number[] = [];
  for (let i = 0; i < flags.length; i += 1) {
    if (i % 15 === 0) words.push(0);
    words[words.length - 1] = words[words.length - 1] * 2 + flags[i];
  }
  return words;
}
