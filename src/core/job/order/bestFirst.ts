import { atMost, isAbove, isBelow, TOLERANCE } from '../../numbers';
import { Heap } from './heap';
import type { Model } from './model';
import { boundOf, closed, keyOf, lowerBoundAfter, ready, sewn, startState, walksOf } from './state';

/** What a best-first search came to: the cheapest order, or as far as it got. */
export interface Searched {
  /** Null when it gave up before it found one that is cheaper or as cheap as what was known. */
  order: number[] | null;
  /** Nothing can be cheaper than this, minutes. */
  bound: number;
}

/** One step on the way. Its state is worked out again when it is its turn: most never are, and states are large. */
interface Node {
  total: number;
  left: number;
  /** What was sewn on the way from the node before. */
  tasks: readonly number[];
  from: Node | null;
}

const TOLD_EVERY = 1000;

/**
 * The cheapest order, by best-first search over what is sewn, what is on the machine and what still needs pressing.
 *
 * Two orders of the same seams that leave the same machine and the same unpressed seams have the same future: only the
 * cheaper is followed. What can be sewn without a change and without a walk to the iron is sewn at once: it leaves the
 * machine as it is, lets others follow, and whatever it would have changed later is changed by the next one that wants it.
 * The bound never promises too much, so the first order that is whole is the best.
 *
 * @param model - the question
 * @param most - a cost that is known to be reached: nothing dearer is looked at
 * @param budget - how many states may be opened before it gives up
 * @param onProgress - told now and then how many were opened; false stops it
 * @returns the best order and its cost as bound; or no order, and the bound that was proven
 */
export function bestFirstOrder(
  model: Model,
  most: number,
  budget: number,
  onProgress?: (opened: number) => boolean,
): Searched {
  const heap = new Heap<Node>(earlier);
  const best = new Map<string, number>();
  const start = startState(model);
  const first = sewn(model, start, []);
  const tasks = closed(model, first);
  heap.push({ total: boundOf(model, first), left: first.left, tasks, from: null });
  let bound = 0;
  for (let opened = 0; ; opened += 1) {
    const node = heap.pop();
    if (!node) return { order: null, bound: most };
    bound = Math.max(bound, node.total);
    const at = sewn(model, start, orderOf(node));
    if (at.left === 0) return { order: orderOf(node), bound: at.way.cost };
    const told = opened % TOLD_EVERY === TOLD_EVERY - 1;
    if (opened >= budget || (told && onProgress?.(opened) === false)) return { order: null, bound };
    if (node.from && isBelow(best.get(keyOf(at))!, at.way.cost)) continue;
    const walks = walksOf(model, at);
    for (const task of ready(model, at)) {
      if (isAbove(lowerBoundAfter(model, at, task, walks), most)) continue;
      const state = sewn(model, at, [task]);
      const also = closed(model, state);
      const total = state.way.cost + boundOf(model, state);
      if (isAbove(total, most)) continue;
      const key = keyOf(state);
      if (atMost(best.get(key) ?? Infinity, state.way.cost)) continue;
      best.set(key, state.way.cost);
      heap.push({ total, left: state.left, tasks: [task, ...also], from: node });
    }
  }
}

function orderOf(node: Node): number[] {
  const steps: (readonly number[])[] = [];
  for (let at: Node | null = node; at; at = at.from) steps.unshift(at.tasks);
  return steps.flat();
}

/** Cheapest promise first; of equal ones the one that is farther on. */
const earlier = (a: Node, b: Node) => (Math.abs(a.total - b.total) > TOLERANCE ? a.total < b.total : a.left < b.left);
