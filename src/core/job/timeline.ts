import { sayNeed } from './needs';
import type { Costs, Needs, ScheduleChange, ScheduleInput } from './order';
import type { WorkItem } from './plan';

/** What is shown as a band along the time, and what it is called. */
export const BANDS = [
  ['needle', 'Needle'],
  ['thread', 'Thread'],
  ['bobbin', 'Bobbin'],
  ['foot', 'Foot'],
  ['plate', 'Plate'],
] as const;
export type BandPart = (typeof BANDS)[number][0];

/** One thing to do, with when it begins and what is changed before it. Minutes from now. */
export interface Stop {
  item: WorkItem;
  changes: ScheduleChange[];
  /** When its changes begin, when it is sewn, when it is done. */
  fromMin: number;
  sewMin: number;
  toMin: number;
}

/** One value of a part, on the machine from and to. */
export interface Span {
  value: string;
  fromMin: number;
  toMin: number;
}

/** The work along the time: what is done when, and what is on the machine meanwhile. */
export interface Timeline {
  stops: Stop[];
  bands: { part: BandPart; name: string; spans: Span[] }[];
  totalMin: number;
  changesMin: number;
}

/**
 * The work along the time.
 *
 * @param question - what was asked of the order of work
 * @param items - all of it, in the order it is done
 * @param changes - of that order
 * @returns every stop and what is on the machine from when to when
 */
export function timelineOf(
  question: ScheduleInput,
  items: readonly WorkItem[],
  changes: readonly ScheduleChange[],
): Timeline {
  const minutes = new Map(question.tasks.map((task) => [task.id, task.minutes]));
  let at = 0;
  const stops = items.map((item): Stop => {
    const own = changes.filter((change) => change.before === item.id);
    const fromMin = at;
    const sewMin = fromMin + own.reduce((sum, change) => sum + minutesOf(change, question.costs), 0);
    at = sewMin + (minutes.get(item.id) ?? 0);
    return { item, changes: own, fromMin, sewMin, toMin: at };
  });
  const changesMin = changes.reduce((sum, change) => sum + minutesOf(change, question.costs), 0);
  const bands = BANDS.map(([part, name]) => ({ part, name, spans: spansOf(part, question.now, stops, at) }));
  return { stops, bands, totalMin: at, changesMin };
}

/** Minutes of one change. */
function minutesOf({ change }: ScheduleChange, costs: Costs): number {
  return change in costs ? costs[change as keyof Costs] : costs.dials;
}

function spansOf(part: BandPart, now: Needs, stops: readonly Stop[], end: number): Span[] {
  const spans: Span[] = [];
  if (now[part] !== undefined) spans.push({ value: sayNeed(part, now[part]), fromMin: 0, toMin: end });
  for (const { changes, fromMin } of stops) {
    const change = changes.find((c) => c.change === part);
    if (!change) continue;
    const last = spans.at(-1);
    if (last) last.toMin = fromMin;
    spans.push({ value: sayNeed(part, change.to), fromMin, toMin: end });
  }
  return spans.filter((span) => span.toMin > span.fromMin);
}
