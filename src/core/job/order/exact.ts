import { Heap } from './heap';
import type { Model } from './model';
import { boundOf, keyOf, leastAfter, ready, sewn, startState, type State, walksOf } from './state';

/** What a best-first search came to: the cheapest order, or as far as it got. */
export interface Searched {
  /** Null when it gave up before it found one that is cheaper or as cheap as what was known. */
  order: number[] | null;
  /** Nothing can be cheaper than this, minutes. */
  bound: number;
}

interface Node {
  state: State;
  total: number;
  task: number;
  from: Node | null;
}

const EPSILON = 1e-9;
const TOLD_EVERY = 1000;

/**
 * The cheapest order, by best-first search over what is sewn, what is on the machine and what lies unpressed.
 *
 * Two orders of the same seams that leave the same machine and the same unpressed seams have the same future: only the
 * cheaper is followed. The bound never promises too much, so the first order that is whole is the best.
 *
 * @param model - the question
 * @param most - a cost that is known to be reached: nothing dearer is looked at
 * @param budget - how many states may be opened before it gives up
 * @param onProgress - told now and then how many were opened; false stops it
 * @returns the best order and its cost as bound; or no order, and the bound that was proven
 */
export function searchExact(
  model: Model,
  most: number,
  budget: number,
  onProgress?: (opened: number) => boolean,
): Searched {
  const heap = new Heap<Node>(earlier);
  const best = new Map<string, number>();
  const first = startState(model);
  heap.push({ state: first, total: boundOf(model, first), task: -1, from: null });
  let bound = 0;
  for (let opened = 0; ; opened += 1) {
    const node = heap.pop();
    if (!node) return { order: null, bound: most };
    bound = Math.max(bound, node.total);
    if (node.state.left === 0) return { order: orderOf(node), bound: node.state.way.cost };
    const told = opened % TOLD_EVERY === TOLD_EVERY - 1;
    if (opened >= budget || (told && onProgress?.(opened) === false)) return { order: null, bound };
    if (node.task >= 0 && best.get(keyOf(node.state))! < node.state.way.cost - EPSILON) continue;
    const walks = walksOf(model, node.state);
    for (const task of ready(model, node.state)) {
      if (leastAfter(model, node.state, task, walks) > most + EPSILON) continue;
      const state = sewn(model, node.state, task);
      const total = state.way.cost + boundOf(model, state);
      if (total > most + EPSILON) continue;
      const key = keyOf(state);
      if ((best.get(key) ?? Infinity) <= state.way.cost + EPSILON) continue;
      best.set(key, state.way.cost);
      heap.push({ state, total, task, from: node });
    }
  }
}

function orderOf(node: Node): number[] {
  const order: number[] = [];
  for (let at: Node | null = node; at && at.task >= 0; at = at.from) order.unshift(at.task);
  return order;
}

/** Cheapest promise first; of equal ones the one that is farther on. */
const earlier = (a: Node, b: Node) =>
  Math.abs(a.total - b.total) > EPSILON ? a.total < b.total : a.state.left < b.state.left;
