import type { Cloth } from '../../cloth';
import { type Calibration, type Machine, pressureSteps } from '../../kit';
import { feedFactor, seamContext } from '../../physics';
import type { CheckUpAnswer, CheckUpProblem, Made, Told } from './answers';
import { countedOf } from './counted';
import type { CheckUpLine } from './plan';
import { type WellSet, wellSet } from './wellSet';

/** What a check-up tells of a machine. */
export interface CheckUpFound {
  /** Measures that are added to those of before. */
  measures: Pick<Calibration, 'length' | 'width' | 'feed'>;
  /** Where normal lies from now on; a dial that no line tells of is left out. */
  offsets: Pick<NonNullable<Machine['offsets']>, 'tensionSteps' | 'pressure'>;
  /** The needle tension that balances, on the dial; null where no line tells. */
  tension: number | null;
  /** The mark of the pressure dial that feeds well; null where no line tells. */
  pressure: string | null;
  /** Dials of which no line was well set, and where that must lie. */
  beyond: { part: 'tension' | 'pressure'; side: 'higher' | 'lower' }[];
}

/** A check-up as it can be kept; or what is wrong with it. */
export type CheckUpRead = { ok: true; found: CheckUpFound } | { ok: false; problems: CheckUpProblem[] };

/** The fabric a check-up is sewn on. */
export const CHECK_UP_CLOTH: Cloth = { name: 'Plain cotton', structure: 'woven', family: 'poplin', traits: [] };

const NOTHING: Calibration = { length: [], width: [], bobbin: [], feed: [] };

/**
 * What a machine truly does, out of the lines of a check-up.
 *
 * Counts and widths become points of the dials' curves. The tension and the pressure that were well set are from now on what its normal is
 * reckoned from. The strips tell how much it lets the upper layer creep.
 *
 * @param machine - as it was before
 * @param lines - as planned for it
 * @param answers - by number of the line; any may be missing
 * @param made - new keys, the moment, and the marks
 */
export function readCheckUp(
  machine: Machine,
  lines: readonly CheckUpLine[],
  answers: Readonly<Record<number, CheckUpAnswer>>,
  made: Made,
): CheckUpRead {
  const told = lines.map((line) => ({ line, answer: answers[line.number] ?? {} }));
  const counted = countedOf(told, machine, made);
  const tension = shownBy(told, 'tension', ({ tension: mark }) => mark, machine.tensionDial.normal);
  const marks = pressureSteps({ pressureDial: machine.pressureDial });
  const pressure = machine.pressureDial
    ? shownBy(told, 'pressure', (line) => pressedBy(marks, line.pressure), 0.5)
    : null;
  const problems = [
    ...counted.problems,
    ...contradiction(told, 'tension', tension),
    ...contradiction(told, 'pressure', pressure),
  ];
  if (problems.length > 0) return { ok: false, problems };
  const offsets = {
    ...(tension?.kind === 'at' && { tensionSteps: tension.at - machine.tensionDial.normal }),
    // A mark that presses as another machine's normal does is worth a normal pressure.
    ...(pressure?.kind === 'at' && { pressure: 0.5 - pressure.at }),
  };
  const { length, width } = counted;
  return {
    ok: true,
    found: {
      measures: { length, width, feed: stripsOf(told, withOffsets(machine, offsets), made) },
      offsets,
      tension: tension?.kind === 'at' ? tension.at : null,
      pressure: pressure?.kind === 'at' ? nearestMark(marks, pressure.at) : null,
      beyond: (['tension', 'pressure'] as const).flatMap((part) => {
        const shown = { tension, pressure }[part];
        return shown?.kind === 'beyond' ? [{ part, side: shown.side }] : [];
      }),
    },
  };
}

/**
 * A machine with what its check-up told.
 *
 * @param machine - as it is now
 * @param found - what was found on it
 */
export function checkedUp<M extends Machine>(machine: M, { measures, offsets }: CheckUpFound): M {
  const before = machine.calibration ?? NOTHING;
  const calibration = {
    ...before,
    length: [...before.length, ...measures.length],
    width: [...before.width, ...measures.width],
    feed: [...before.feed, ...measures.feed],
  };
  return { ...withOffsets(machine, offsets), calibration };
}

const withOffsets = <M extends Machine>(machine: M, offsets: CheckUpFound['offsets']): M =>
  Object.keys(offsets).length > 0 ? { ...machine, offsets: { ...machine.offsets, ...offsets } } : machine;

type Marks = ReturnType<typeof pressureSteps>;

const pressedBy = (marks: Marks, mark: string): number => marks.find(({ position }) => position === mark)!.pressure;

const nearestMark = (marks: Marks, pressure: number): string =>
  marks.reduce((best, mark) => (Math.abs(mark.pressure - pressure) < Math.abs(best.pressure - pressure) ? mark : best))
    .position;

/** Where one dial was well set; null where nothing was said of it. */
function shownBy(
  told: readonly Told[],
  part: 'tension' | 'pressure',
  placeOf: (line: CheckUpLine) => number,
  usual: number,
): WellSet | null {
  const shown = told.flatMap(({ line, answer: { shows } }) =>
    line.part === part && shows !== undefined ? [{ at: placeOf(line), shows }] : [],
  );
  return shown.length > 0 ? wellSet(shown, usual) : null;
}

function contradiction(told: readonly Told[], part: string, shown: WellSet | null): CheckUpProblem[] {
  if (shown?.kind !== 'contradicts') return [];
  const { line } = told.find((one) => one.line.part === part && one.answer.shows !== undefined)!;
  const text = 'These lines contradict each other: more on the dial cannot show less. Look at them again.';
  return [{ line: line.number, field: 'shows', text }];
}

/** The strips, against what the model expects of such a fabric under that foot and pressure. */
function stripsOf(
  told: readonly Told[],
  machine: Machine,
  { newId, at, marks: { stripsMm } }: Made,
): Calibration['feed'] {
  const seam = seamContext(CHECK_UP_CLOTH, { kind: 'join' });
  const steps = pressureSteps(machine);
  return told.flatMap(({ line, answer: { shiftMm } }) => {
    if (line.part !== 'pressure' || shiftMm === undefined) return [];
    const measured = { shiftMm, overMm: stripsMm };
    const as = { foot: 'standard', pressure: pressedBy(steps, line.pressure) } as const;
    const { factor } = feedFactor(seam, as.foot, as.pressure, measured);
    return [{ ...measured, ...as, factor, clothId: null, clothName: CHECK_UP_CLOTH.name!, at, id: newId() }];
  });
}
