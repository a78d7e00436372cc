import type { Model } from './model';
import { boundOf, keyOf, ready, sewn, startState, type State } from './state';

interface Beginning {
  state: State;
  order: number[];
  total: number;
  /** Pairs that are sewn the other way round than usual. */
  strays: number;
}

/** How many beginnings are kept at each length, for few seams and for many. */
const KEPT = { few: 40, many: 14 };
const MANY = 24;
const EPSILON = 1e-9;

/**
 * A good order, by keeping the most promising beginnings at each length.
 *
 * @param model - the question
 * @returns an order that keeps every constraint; of equal ones the nearest to the usual order
 */
export function searchBeam(model: Model): number[] {
  const kept = model.count > MANY ? KEPT.many : KEPT.few;
  const state = startState(model);
  let beam: Beginning[] = [{ state, order: [], total: boundOf(model, state), strays: 0 }];
  for (let i = 0; i < model.count; i += 1) {
    const seen = new Set<string>();
    beam = beam
      .flatMap((one) => grown(model, one, kept))
      .sort(dearer)
      .filter(({ state: now }) => {
        const key = keyOf(now);
        if (seen.has(key)) return false;
        seen.add(key);
        return true;
      })
      .slice(0, kept);
  }
  return beam[0].order;
}

const dearer = (a: Beginning, b: Beginning) =>
  Math.abs(a.total - b.total) > EPSILON ? a.total - b.total : a.strays - b.strays;

/** A beginning with one more seam: the cheapest few of all that could come next. */
function grown(model: Model, { state, order, strays }: Beginning, kept: number): Beginning[] {
  const tasks = ready(model, state);
  const cheap = tasks
    .map((task) => [task, state.way.stepCost(task)] as const)
    .sort((a, b) => a[1] - b[1] || a[0] - b[0]);
  return cheap.slice(0, kept).map(([task]) => {
    const next = sewn(model, state, task);
    const skipped = tasks.filter((other) => other < task).length;
    return {
      state: next,
      order: [...order, task],
      total: next.way.cost + boundOf(model, next),
      strays: strays + skipped,
    };
  });
}
