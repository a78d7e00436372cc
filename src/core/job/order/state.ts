import { ANY, type Model } from './model';
import { ScheduleWalk } from './scheduleWalk';

/**
 * Where an order stands, copied for each step: `wanted` counts, for every part and value, the tasks left that want it (all
 * parts in one row, each from `first` on), and `kinds` how many values of a part are still wanted and not given by any task left.
 */
export interface State {
  way: ScheduleWalk;
  done: Uint8Array;
  /** As `wanted`: the tasks left that put a value on between two of their rows, so that it is there for nothing. */
  given: Uint16Array;
  /** How many that a task waits for are not sewn yet, and how many that wait for it. */
  waits: Uint16Array;
  waiting: Uint16Array;
  wanted: Uint16Array;
  first: readonly number[];
  kinds: Uint16Array;
  left: number;
  /** The least that changing over to each of the tasks left can cost, added up. */
  leastIn: number;
}

/** Before the first seam. */
export function startState(model: Model): State {
  const { count, wants, leaves, now, before, next } = model;
  const values = now.map((_, p) => Math.max(now[p], ...[...wants, ...leaves].map((w) => w[p])) + 1);
  const first = values.map((_, p) => values.slice(0, p).reduce((sum, n) => sum + n, 0));
  const wanted = new Uint16Array(values.reduce((sum, n) => sum + n, 0));
  const given = new Uint16Array(wanted.length);
  wants.forEach((all, task) =>
    all.forEach((value, p) => {
      if (value === ANY) return;
      wanted[first[p] + value] += 1;
      if (leaves[task][p] !== value) given[first[p] + leaves[task][p]] += 1;
    }),
  );
  return {
    way: new ScheduleWalk(model),
    done: new Uint8Array(count),
    waits: Uint16Array.from(before, (all) => all.length),
    waiting: Uint16Array.from(next, (all) => all.length),
    wanted,
    given,
    first,
    kinds: Uint16Array.from(
      values,
      (n, p) =>
        Array.from({ length: n }, (_, v) => first[p] + v).filter((at) => wanted[at] > 0 && given[at] === 0).length,
    ),
    left: count,
    leastIn: model.leastIn.reduce((sum, least) => sum + least, 0),
  };
}

/** What can be sewn now. */
export function ready({ count }: Model, { done, waits }: State): number[] {
  const tasks: number[] = [];
  for (let task = 0; task < count; task += 1) if (done[task] === 0 && waits[task] === 0) tasks.push(task);
  return tasks;
}

/** The state after more tasks, in their order. */
export function sewn(model: Model, state: State, tasks: readonly number[]): State {
  const after: State = {
    ...state,
    way: state.way.copy(),
    done: state.done.slice(),
    waits: state.waits.slice(),
    waiting: state.waiting.slice(),
    wanted: state.wanted.slice(),
    given: state.given.slice(),
    kinds: state.kinds.slice(),
  };
  for (const task of tasks) sew(model, after, task);
  return after;
}

/**
 * Sews all that can be sewn without a change and without a walk to the iron.
 *
 * @returns what was sewn, in its order
 */
export function closed(model: Model, state: State): number[] {
  const tasks: number[] = [];
  for (let task = 0; task < model.count; task += 1) {
    if (state.done[task] === 1 || state.waits[task] > 0 || !leavesAll(model, task) || state.way.stepCost(task) > 0)
      continue;
    sew(model, state, task);
    tasks.push(task);
    // What waited for it may come earlier in the usual order, and can be sewn now.
    task = Math.min(task, ...model.next[task]) - 1;
  }
  return tasks;
}

/** Whether a task leaves the machine as it wants it: nothing is changed between its rows, or changed back. */
function leavesAll({ wants, leaves }: Model, task: number): boolean {
  return wants[task].every((value, p) => value === leaves[task][p]);
}

function sew(model: Model, state: State, task: number): void {
  const { way, done, waits, waiting, first } = state;
  way.sew(task);
  done[task] = 1;
  for (const after of model.next[task]) waits[after] -= 1;
  for (const before of model.before[task]) {
    waiting[before] -= 1;
    if (waiting[before] === 0) way.forget(before);
  }
  model.wants[task].forEach((value, p) => {
    if (value === ANY) return;
    const left = model.leaves[task][p];
    recount(state, p, first[p] + value, () => (state.wanted[first[p] + value] -= 1));
    if (left !== value) recount(state, p, first[p] + left, () => (state.given[first[p] + left] -= 1));
  });
  state.left -= 1;
  state.leastIn -= model.leastIn[task];
}

/** Whether a value has to be put on the machine at a price, unless it is on it. */
const isPaid = ({ wanted, given }: State, at: number): boolean => wanted[at] > 0 && given[at] === 0;

/** Changes what is counted of a value, and with it how many values of its part have to be paid for. */
function recount(state: State, part: number, at: number, change: () => void): void {
  const before = isPaid(state, at);
  change();
  state.kinds[part] += Number(isPaid(state, at)) - Number(before);
}

/**
 * A lower bound on what is left to pay.
 *
 * Every value that is still wanted, is not on the machine and is not put on it between the rows of a task has to be put on it
 * once at least; and changing over to each
 * task costs at least the least there is from any other. The iron is gone to once at least for every seam to be pressed
 * along the longest chain of seams that wait for each other. None of it can be saved by any order.
 *
 * @returns minutes
 */
export function boundOf(model: Model, state: State): number {
  const { price } = model;
  let cost = 0;
  for (let p = 0; p < price.length; p += 1) {
    const on = state.way.machine[p];
    const kept = on >= 0 && isPaid(state, state.first[p] + on) ? 1 : 0;
    cost += price[p] * (state.kinds[p] - kept);
  }
  return Math.max(cost, state.leastIn) + walksOf(model, state);
}

/** Minutes at the iron that no order can save. */
export function walksOf({ iron, next, trips, count }: Model, state: State): number {
  let walks = 0;
  for (let task = 0; task < count; task += 1) {
    if (state.done[task] === 0) walks = Math.max(walks, trips[task]);
    else if (state.way.unpressed[task] === 1)
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
export function lowerBoundAfter(model: Model, state: State, task: number, walks: number): number {
  const { wants, price, iron } = model;
  const { way } = state;
  const wanted = wants[task];
  const later = Math.max(0, walks - (way.needsIron(task) ? iron : 0));
  let parts = 0;
  for (let p = 0; p < price.length; p += 1) {
    const on = wanted[p] === ANY ? way.machine[p] : wanted[p];
    const kept = on >= 0 && isPaid(state, state.first[p] + on) ? 1 : 0;
    parts += price[p] * (state.kinds[p] - kept);
  }
  return way.cost + way.stepCost(task) + Math.max(parts, state.leastIn - model.leastIn[task]) + later;
}

/** Two states of one key have the same future. */
export const keyOf = ({ done, way: { machine, unpressed } }: State): string =>
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
