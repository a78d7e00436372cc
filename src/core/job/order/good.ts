import { seeded } from '../../random';
import { searchBeam } from './beam';
import type { Model } from './model';
import { orderCost, polished, roomFor } from './orders';

/** How often a run of seams is moved at random, for each seam; of very many less, for each move then takes longer. */
const MOVES_EACH = 2200;
const MOST_SEWN = 8_000_000;
/** How dear a move may be at first and at last, minutes. */
const HEAT = { first: 1.2, last: 0.08 };
const LONGEST_RUN = 4;
/** The same question is answered the same way for ever. */
const SEED = 7;
const EPSILON = 1e-9;

/**
 * A very good order: the best of a beam, polished, then annealed and polished again.
 *
 * Annealing (Kirkpatrick and others, 1983) moves runs of seams about at random and now and then takes a dearer order, less
 * and less readily, so that it comes out of hollows in which polishing stays.
 *
 * @param model - the question
 * @returns an order that keeps every constraint
 */
export function searchGood(model: Model): number[] {
  const start = polished(model, searchBeam(model));
  if (model.count < 3) return start;
  const found = polished(model, annealed(model, start));
  return orderCost(model, found) < orderCost(model, start) - EPSILON ? found : start;
}

function annealed(model: Model, start: readonly number[]): number[] {
  const chance = seeded(SEED);
  const below = (most: number) => Math.floor(chance.next() * most);
  const moves = Math.min(MOVES_EACH * model.count, MOST_SEWN / model.count);
  const cooling = (HEAT.last / HEAT.first) ** (1 / moves);
  let order = [...start];
  let cost = orderCost(model, order);
  let [best, least] = [order, cost];
  for (let i = 0, heat = HEAT.first; i < moves; i += 1, heat *= cooling) {
    const size = 1 + below(Math.min(LONGEST_RUN, order.length - 1));
    const from = below(order.length - size + 1);
    const run = order.slice(from, from + size);
    const rest = [...order.slice(0, from), ...order.slice(from + size)];
    const [first, last] = roomFor(model, run, rest);
    const to = first + below(last - first + 1);
    if (to === from || first > last) continue;
    const moved = [...rest.slice(0, to), ...run, ...rest.slice(to)];
    const now = orderCost(model, moved);
    if (now > cost && chance.next() >= Math.exp((cost - now) / heat)) continue;
    [order, cost] = [moved, now];
    if (cost < least - EPSILON) [best, least] = [order, cost];
  }
  return best;
}
