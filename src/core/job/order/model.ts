import type { Needs, ScheduleInput } from './input';
import type { Costs } from './costs';

/** The parts of a machine in the order they are safely changed, and which price each has. */
export const MACHINE_PARTS = [
  ['needle', 'needle'],
  ['plate', 'plate'],
  ['foot', 'foot'],
  ['thread', 'thread'],
  ['bobbin', 'bobbin'],
  ['stitch', 'dials'],
  ['lengthMm', 'dials'],
  ['widthMm', 'dials'],
  ['tensionSteps', 'dials'],
  ['pressure', 'dials'],
] as const satisfies readonly (readonly [part: keyof Needs, price: keyof Costs])[];
export type MachinePart = (typeof MACHINE_PARTS)[number][0];

/** A task that does not care about a part. */
export const ANY = -1;

/** The question with every value as a small number, so that the search compares and counts quickly. */
export interface Model {
  count: number;
  /** For each task and part the value it wants before it begins, or ANY. */
  wants: readonly (readonly number[])[];
  /** For each task and part the value its last row leaves on the machine; ANY where `wants` is. */
  leaves: readonly (readonly number[])[];
  /** Minutes of changes between the rows of all tasks: the same in any order. */
  insideMin: number;
  /** What is on the machine now, or ANY where nothing is known. */
  now: readonly number[];
  /** Minutes for changing each part. */
  price: readonly number[];
  iron: number;
  press: readonly boolean[];
  /** Indices of tasks that must come before each, and that wait for each. */
  before: readonly (readonly number[])[];
  next: readonly (readonly number[])[];
  /** How many trips to the iron the longest chain from each task on takes: itself counts when something waits for it. */
  trips: readonly number[];
  /** The least that changing over to each task can cost, whatever is sewn just before it. */
  leastIn: readonly number[];
}

/**
 * A question made small.
 *
 * @param input - tasks without a cycle among them
 * @returns the same with values and tasks as numbers
 */
export function modelOf({ tasks, now, costs }: ScheduleInput): Model {
  const values = MACHINE_PARTS.map(() => new Map<string, number>());
  const valueOf = (needs: Needs) =>
    MACHINE_PARTS.map(([part], p) => {
      const value = needs[part];
      if (value === undefined) return ANY;
      const key = keyOf(value);
      if (!values[p].has(key)) values[p].set(key, values[p].size);
      return values[p].get(key)!;
    });
  const at = new Map(tasks.map(({ id }, i) => [id, i]));
  const before = tasks.map(({ after }) => [...new Set(after.map((id) => at.get(id)!))]);
  const next: number[][] = tasks.map(() => []);
  before.forEach((all, i) => all.forEach((b) => next[b].push(i)));
  const press = tasks.map((task) => task.press);
  const start = valueOf(now);
  const price = MACHINE_PARTS.map(([, part]) => costs[part]);
  const rows = tasks.map((task) => [task.needs, ...task.rows].map(valueOf));
  const model = {
    count: tasks.length,
    wants: rows.map((own) => partsOf(own, (values) => values[0])),
    leaves: rows.map((own) => partsOf(own, (values) => values[values.length - 1])),
    insideMin: rows.reduce((sum, own) => sum + insideOf(own, price), 0),
    now: start,
    price,
    iron: costs.iron,
    press,
    before,
    next,
  };
  return { ...model, trips: tripsOf(model), leastIn: leastInOf(model) };
}

/** For each part one of the values that the rows of a task want; ANY where none of them cares. */
const partsOf = (rows: readonly (readonly number[])[], pick: (values: readonly number[]) => number): number[] =>
  MACHINE_PARTS.map((_, p) => {
    const values = rows.map((row) => row[p]).filter((value) => value !== ANY);
    return values.length > 0 ? pick(values) : ANY;
  });

/** Minutes of changes between the rows of one task. */
const insideOf = (rows: readonly (readonly number[])[], price: readonly number[]): number =>
  price.reduce((sum, minutes, p) => {
    const values = rows.map((row) => row[p]).filter((value) => value !== ANY);
    return sum + minutes * values.filter((value, i) => i > 0 && value !== values[i - 1]).length;
  }, 0);

/** A value as text: two that mean the same are the same text. */
const keyOf = (value: NonNullable<Needs[MachinePart]>): string =>
  typeof value === 'object'
    ? JSON.stringify(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
    : JSON.stringify(value);

/** Whether two values are the same to a machine; nothing known is the same as nothing. */
export const sameValue = (a: Needs[MachinePart], b: Needs[MachinePart]): boolean =>
  a === b || (a !== undefined && b !== undefined && keyOf(a) === keyOf(b));

function tripsOf({ count, press, next }: Pick<Model, 'count' | 'press' | 'next'>): number[] {
  const trips: (number | undefined)[] = Array.from({ length: count });
  const from = (i: number): number => {
    trips[i] ??= Math.max(0, ...next[i].map(from)) + (press[i] && next[i].length > 0 ? 1 : 0);
    return trips[i];
  };
  return Array.from({ length: count }, (_, i) => from(i));
}

/**
 * What one task leaves on the machine is at least what its last row wanted; of what it did not care about nothing is known.
 * So the change from any task to another costs at least what differs between what one leaves and the other wants.
 */
function leastInOf({
  wants,
  leaves,
  now,
  price,
  next,
}: Pick<Model, 'wants' | 'leaves' | 'now' | 'price' | 'next'>): number[] {
  const between = (from: readonly number[], to: readonly number[]) =>
    price.reduce((sum, cost, p) => sum + (from[p] !== ANY && to[p] !== ANY && from[p] !== to[p] ? cost : 0), 0);
  return wants.map((to, task) => {
    const later = new Set(next[task]);
    const froms = leaves.filter((_, other) => other !== task && !later.has(other));
    const first = price.reduce((sum, cost, p) => sum + (to[p] !== ANY && now[p] !== to[p] ? cost : 0), 0);
    return Math.min(first, ...froms.map((from) => between(from, to)));
  });
}
