import type { Model } from './model';
import { Way } from './way';

const EPSILON = 1e-9;

/**
 * What a whole order costs in changes and walks to the iron, minutes.
 *
 * @param model - the question
 * @param order - all its tasks
 */
export function orderCost(model: Model, order: readonly number[]): number {
  const way = new Way(model);
  for (const task of order) way.sew(task);
  return way.cost;
}

/** An order with where it stands before each of its seams, so that a change in the middle is not counted from the beginning. */
class Marked {
  readonly ways: Way[];
  readonly cost: number;
  private readonly scratch: Way;

  constructor(
    readonly model: Model,
    readonly order: readonly number[],
  ) {
    this.scratch = new Way(model);
    this.ways = [new Way(model)];
    for (const task of order) {
      const next = this.ways[this.ways.length - 1].copy();
      next.sew(task);
      this.ways.push(next);
    }
    this.cost = this.ways[order.length].cost;
  }

  /** The cost of an order that differs from this one only from `first` to before `last`; more than `limit` is not counted out. */
  costOf(moved: readonly number[], first: number, last: number, limit: number): number {
    const way = this.scratch;
    way.become(this.ways[first]);
    for (let i = first; i < moved.length; i += 1) {
      if (i >= last && way.meets(this.ways[i])) return way.cost + this.cost - this.ways[i].cost;
      way.sew(moved[i]);
      if (way.cost > limit) return way.cost;
    }
    return way.cost;
  }
}

/**
 * Moves runs of one to three seams to where they cost less, until no move saves; then swaps neighbours back to the usual
 * order wherever that costs nothing.
 *
 * @param model - the question
 * @param start - an order that keeps every constraint
 */
export function polished(model: Model, start: readonly number[]): number[] {
  let marked = new Marked(model, start);
  for (let before = Infinity; marked.cost < before - EPSILON;) {
    before = marked.cost;
    for (let size = 1; size <= 3; size += 1)
      for (let from = 0; from + size <= start.length; from += 1) marked = bestMove(marked, from, size);
  }
  return nearerToUsual(model, [...marked.order], marked.cost);
}

/** The cheapest place for one run of seams among those that keep the order. */
function bestMove(marked: Marked, from: number, size: number): Marked {
  const { model, order } = marked;
  const run = order.slice(from, from + size);
  const rest = [...order.slice(0, from), ...order.slice(from + size)];
  const [first, last] = roomFor(model, run, rest);
  let [best, cost] = [order, marked.cost];
  for (let to = first; to <= last; to += 1) {
    if (to === from) continue;
    const moved = [...rest.slice(0, to), ...run, ...rest.slice(to)];
    const now = marked.costOf(moved, Math.min(from, to), Math.max(from, to) + size, cost);
    if (now < cost - EPSILON) [best, cost] = [moved, now];
  }
  return best === order ? marked : new Marked(model, best);
}

/** Between which places a run may be put back: after all it waits for, before all that waits for it. */
export function roomFor(model: Model, run: readonly number[], rest: readonly number[]): [number, number] {
  const place = new Int16Array(model.count).fill(-1);
  rest.forEach((task, i) => (place[task] = i));
  let [first, last] = [0, rest.length];
  for (const task of run) {
    for (const b of model.before[task]) first = Math.max(first, place[b] + 1);
    for (const n of model.next[task]) if (place[n] >= 0) last = Math.min(last, place[n]);
  }
  return [first, last];
}

function nearerToUsual(model: Model, order: number[], cost: number): number[] {
  for (let again = true; again;) {
    again = false;
    for (let i = 0; i + 1 < order.length; i += 1) {
      const [a, b] = [order[i], order[i + 1]];
      if (b > a || model.before[b].includes(a)) continue;
      [order[i], order[i + 1]] = [b, a];
      if (orderCost(model, order) <= cost + EPSILON) again = true;
      else [order[i], order[i + 1]] = [a, b];
    }
  }
  return order;
}
