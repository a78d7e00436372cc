import { bestFirstOrder } from './bestFirst';
import { ANY, type Model, MACHINE_PARTS } from './model';
import { boundOf, startState } from './state';

/** How many states may be opened for one part: what is then not proven still stands as a bound. */
const BUDGET = 10_000;

/**
 * A lower bound that respects what must come before what: for each part of the machine by itself the question is an easy one,
 * and what an order pays is what it pays for each part and at the iron.
 *
 * @returns minutes; no order can cost less
 */
export function lowerBoundOfParts(model: Model): number {
  const known = new Map<string, number>();
  return MACHINE_PARTS.map((_, part) => {
    const alone = onlyPart(model, part);
    // Needle thread and bobbin are wanted together as a rule: the same question is asked once.
    const values = [alone.wants, alone.leaves].map((all) => all.map((w) => w[part]).join());
    const key = `${model.price[part]} ${model.now[part]} ${values.join(' ')}`;
    if (!known.has(key)) known.set(key, bestFirstOrder(alone, Infinity, BUDGET).bound);
    return known.get(key)!;
  }).reduce((sum, least) => sum + least, onlyIron(model));
}

/** The question as if nothing but one part cost anything. */
function onlyPart(model: Model, part: number): Model {
  const only = (all: readonly number[]) => all.map((value, p) => (p === part ? value : ANY));
  return {
    ...model,
    wants: model.wants.map(only),
    leaves: model.leaves.map(only),
    press: model.press.map(() => false),
    trips: model.trips.map(() => 0),
    leastIn: model.leastIn.map(() => 0),
  };
}

/** The walks along the longest chain of seams that are pressed. */
function onlyIron(model: Model): number {
  const nothing = {
    ...model,
    wants: model.wants.map((all) => all.map(() => ANY)),
    leaves: model.leaves.map((all) => all.map(() => ANY)),
    leastIn: model.leastIn.map(() => 0),
  };
  return boundOf(nothing, startState(nothing));
}
