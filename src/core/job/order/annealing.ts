import { isBelow } from '../../numbers';
import { seeded } from '../../random';
import { EditableSchedule } from './editableSchedule';
import { ANY, type Model } from './model';
import { orderCost, polished } from './localSearch';

/** How often a run of seams is moved at random, for each seam; of very many less, for each move then takes longer. */
const MOVES_EACH = 10_000;
const MOST_SEWN = 36_000_000;
/** How dear a move may be at first and at last, minutes: measured on jobs of about sixty seams. */
const HEAT = { first: 2, last: 0.2 };
const LONGEST_RUN = 12;
/** How often a seam is moved beside one that wants nearly the same on the machine, and how many of those it knows. */
const BESIDE_SHARE = 0.3;
const BESIDE = 8;
/** The same question is answered the same way for ever. */
const SEED = 7;
const TOLD_EVERY = 8192;

/**
 * A very good order: the usual one, annealed and polished.
 *
 * Annealing (Kirkpatrick and others, 1983) moves runs of seams about at random and now and then accepts a more expensive
 * order, less and less often, so that it leaves local minima that a local search cannot leave.
 *
 * @param model - the question
 * @param onProgress - told now and then how far it is, 0 … 1; false stops it with the best so far
 * @param patience - how many times longer than usual to look
 * @returns an order that keeps every constraint
 */
export function annealedOrder(model: Model, onProgress?: (share: number) => boolean, patience = 1): number[] {
  const start = polished(model, usualOrder(model));
  if (model.count < 3) return start;
  const moves = patience * Math.min(MOVES_EACH * model.count, MOST_SEWN / model.count);
  const found = polished(model, annealed(model, start, moves, onProgress));
  return isBelow(orderCost(model, found), orderCost(model, start)) ? found : start;
}

/** The tasks as they were given, each as soon as what it waits for is done. */
function usualOrder({ count, before }: Model): number[] {
  const done = new Set<number>();
  while (done.size < count)
    for (let task = 0; task < count; task += 1) {
      if (done.has(task) || !before[task].every((b) => done.has(b))) continue;
      done.add(task);
      break;
    }
  return [...done];
}

function annealed(
  model: Model,
  start: readonly number[],
  moves: number,
  onProgress?: (share: number) => boolean,
): number[] {
  const rng = seeded(SEED);
  const below = (most: number) => Math.floor(rng.next() * most);
  const cooling = (HEAT.last / HEAT.first) ** (1 / moves);
  const near = neighbours(model);
  const line = new EditableSchedule(model, start);
  let [best, least] = [[...start], line.total];
  for (let i = 0, heat = HEAT.first; i < moves; i += 1, heat *= cooling) {
    if (i % TOLD_EVERY === 0 && onProgress?.(i / moves) === false) break;
    const size = 1 + below(Math.min(LONGEST_RUN, model.count - 1));
    const from = below(model.count - size + 1);
    const [first, last] = line.room(from, size);
    const beside = rng.next() < BESIDE_SHARE;
    const to = beside ? placeBeside(line, near[line.order[from]], from, size, below) : first + below(last - first + 1);
    if (to === from || to < first || to > last) continue;
    // How dear it may become is drawn first, so that a move that is too dear is given up early.
    const limit = line.total - heat * Math.log(1 - rng.next());
    if (line.move(from, size, to, limit) && isBelow(line.total, least)) [best, least] = [[...line.order], line.total];
  }
  return best;
}

/** Where a run begins when its first seam is put right after another one. */
function placeBeside(
  { place }: EditableSchedule,
  near: readonly number[],
  from: number,
  size: number,
  below: (most: number) => number,
): number {
  const at = place[near[below(near.length)]];
  if (at >= from && at < from + size) return from;
  return at < from ? at + 1 : at - size + 1;
}

/** For each task those that want most nearly the same on the machine. */
function neighbours({ count, wants, price }: Model): number[][] {
  const apart = (a: readonly number[], b: readonly number[]) =>
    price.reduce((sum, cost, p) => sum + (a[p] !== ANY && b[p] !== ANY && a[p] !== b[p] ? cost : 0), 0);
  return Array.from({ length: count }, (_, task) =>
    Array.from({ length: count }, (_, other) => other)
      .filter((other) => other !== task)
      .map((other) => [other, apart(wants[task], wants[other])] as const)
      .sort((a, b) => a[1] - b[1])
      .slice(0, BESIDE)
      .map(([other]) => other),
  );
}
