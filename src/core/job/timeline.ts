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
  /** What is changed between its rows. */
  inside: RowChange[];
  /** When its changes begin, when it is sewn, when it is done. */
  fromMin: number;
  sewMin: number;
  toMin: number;
}

/** What is changed before one of the later rows of a seam, and when. */
export interface RowChange {
  row: string;
  changes: ScheduleChange[];
  atMin: number;
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
    const takes = (some: readonly ScheduleChange[]) =>
      some.reduce((sum, change) => sum + minutesOf(change, question.costs), 0);
    const before = own.filter(({ row }) => row === undefined);
    const fromMin = at;
    const sewMin = fromMin + takes(before);
    // The minutes of a seam are shared out by what the needle takes in each of its rows.
    const { runs } = item.now.work;
    const needleMin = runs.reduce((sum, run) => sum + run.needleMin, 0);
    const perNeedleMin = needleMin > 0 ? (minutes.get(item.id) ?? 0) / needleMin : 0;
    let atMin = sewMin;
    const inside = runs.flatMap(({ row }, i): RowChange[] => {
      if (item.kind === 'scrap' || i === 0) return [];
      atMin += runs[i - 1].needleMin * perNeedleMin;
      const between = own.filter((change) => change.row === i);
      if (between.length === 0) return [];
      const change = { row, changes: between, atMin };
      atMin += takes(between);
      return [change];
    });
    at = sewMin + (minutes.get(item.id) ?? 0) + inside.reduce((sum, one) => sum + takes(one.changes), 0);
    return { item, changes: before, inside, fromMin, sewMin, toMin: at };
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
  const put = ({ changes, atMin }: Pick<RowChange, 'changes' | 'atMin'>) => {
    const change = changes.find((c) => c.change === part);
    if (!change) return;
    const last = spans.at(-1);
    if (last) last.toMin = atMin;
    spans.push({ value: sayNeed(part, change.to), fromMin: atMin, toMin: end });
  };
  for (const { changes, inside, fromMin } of stops) [{ changes, atMin: fromMin }, ...inside].forEach(put);
  return spans.filter((span) => span.toMin > span.fromMin);
}

/** How a part that stays the same reads beside others: a foot and a plate say what they are. */
const STEADY: Readonly<Record<BandPart, (value: string) => string>> = {
  needle: (value) => value,
  thread: (value) => value,
  bobbin: (value) => `bobbin ${value}`,
  foot: (value) => `${value} foot`,
  plate: (value) => `${value} plate`,
};

/**
 * The bands worth drawing: one for each part that changes, and all parts that stay the same in one text.
 *
 * @param bands - of a timeline
 * @returns what changes, and what is on the machine throughout; a bobbin wound with the needle thread is not said twice
 */
export function bandsShown(bands: Timeline['bands']): { changing: Timeline['bands']; throughout: string } {
  const changing = bands.filter(({ spans }) => spans.length > 1);
  const steady = bands.filter(({ spans }) => spans.length === 1);
  const threadNow = steady.find(({ part }) => part === 'thread')?.spans[0].value;
  const said = steady.filter(({ part, spans }) => part !== 'bobbin' || spans[0].value !== threadNow);
  return { changing, throughout: said.map(({ part, spans }) => STEADY[part](spans[0].value)).join(' · ') };
}
