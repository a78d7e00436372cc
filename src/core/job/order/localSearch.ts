import { isBelow, TOLERANCE } from '../../numbers';
import { EditableSchedule } from './editableSchedule';
import type { Model } from './model';
import { ScheduleWalk } from './scheduleWalk';

const LONGEST_RUN = 3;

/**
 * What a whole order costs in changes and walks to the iron, minutes.
 *
 * @param model - the question
 * @param order - all its tasks
 */
export function orderCost(model: Model, order: readonly number[]): number {
  const way = new ScheduleWalk(model);
  for (const task of order) way.sew(task);
  return way.cost;
}

/**
 * Moves runs of one to three seams to where they cost less, until no move saves; then moves whatever it can forward in the
 * usual order without its costing more.
 *
 * @param model - the question
 * @param start - an order that keeps every constraint
 */
export function polished(model: Model, start: readonly number[]): number[] {
  const line = new EditableSchedule(model, start);
  for (let before = Infinity; isBelow(line.total, before);) {
    before = line.total;
    for (let size = 1; size <= LONGEST_RUN; size += 1)
      for (let from = 0; from + size <= start.length; from += 1) moveToCheaper(line, from, size);
  }
  nearerToUsual(line);
  return [...line.order];
}

function moveToCheaper(line: EditableSchedule, from: number, size: number): void {
  const [first, last] = line.room(from, size);
  for (let to = first; to <= last; to += 1)
    if (to !== from && line.move(from, size, to, line.total - TOLERANCE)) return;
}

/** Of orders that cost the same the one in which earlier seams of the usual order come first. */
function nearerToUsual(line: EditableSchedule): void {
  const most = line.total + TOLERANCE;
  for (let at = 0; at < line.order.length; at += 1)
    for (let task = 0; task < line.order[at]; task += 1) if (broughtTo(line, task, at, most)) break;
}

/** Brings a task forward to a place, with one or two after it where it cannot come alone. */
function broughtTo(line: EditableSchedule, task: number, at: number, most: number): boolean {
  const from = line.place[task];
  if (from <= at) return false;
  for (let size = 1; size <= LONGEST_RUN && from + size <= line.order.length; size += 1)
    if (line.room(from, size)[0] <= at && line.move(from, size, at, most)) return true;
  return false;
}
