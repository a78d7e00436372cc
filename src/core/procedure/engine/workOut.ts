import { atLeast, atMost, clamp, sum } from '../../numbers';
import { needleMinutes, stitchFacts, type StitchId, threadUse } from '../../stitch';
import { formatNumber, mm, roundInInches } from '../../units';
import type { Cannot } from '../../seam';
import { type Ask, type Given, MAIN_ROW, type Numbers, type Procedure, type Step } from './types';

/** A problem with one answer, by its question. */
export type AskProblems = Readonly<Record<string, string>>;

/** What comes of the answers: numbers, or what is wrong with one of them, or why they do not go together. */
export type WorkedOut =
  { ok: true; numbers: Numbers } | { ok: false; problems: AskProblems } | ({ ok: false } & Cannot);

/**
 * The usual answer to a question, for this cloth and setting; a round figure in inches for a person who measures in inches.
 *
 * @param ask - the question
 * @param given - what is known already
 */
export function usualOf({ usual, least, most, unit }: Ask, given: Given): number {
  const value = typeof usual === 'number' ? usual : usual(given);
  return clamp(unit === 'mm' && given.system === 'inch' ? roundInInches(value) : value, least, most);
}

/**
 * Everything that follows from the answers, before the first stitch.
 *
 * @param procedure - the operation
 * @param answers - by key; what is left out takes its usual value
 * @param given - cloth, setting and machine
 * @returns numbers to sew by; or the question to answer otherwise; or which number to change, and to what
 */
export function workOut(procedure: Procedure, answers: Partial<Numbers>, given: Given): WorkedOut {
  const values: Record<string, number> = {};
  const problems: Record<string, string> = {};
  for (const ask of procedure.asks) {
    const value = answers[ask.key] ?? usualOf(ask, given);
    const problem = problemWith(ask, value);
    if (problem === null) values[ask.key] = value;
    else problems[ask.key] = problem;
  }
  if (Object.keys(problems).length > 0) return { ok: false, problems };
  const worked = procedure.work(values, given);
  return isCannot(worked) ? { ok: false, blocked: worked.blocked } : { ok: true, numbers: worked };
}

const isCannot = (worked: Numbers | Cannot): worked is Cannot => Array.isArray((worked as Cannot).blocked);

/** The unit of an answer that is no length. */
export const ASK_UNIT = {
  mm: 'mm',
  'stitch-mm': 'mm',
  count: '',
  percent: '%',
  degrees: '°',
  grams: ' g',
  gsm: ' g/m²',
  speed: '',
} as const;

/**
 * What is wrong with one answer.
 *
 * @param ask - the question
 * @param value - the answer
 * @returns what was expected instead, its lengths marked for `withLengths`; null when it can be worked with
 * @example
 * problemWith({ key: 'row', label: '', unit: 'mm', usual: 7, least: 3, most: 20 }, 400) // => 'At least {= 3 mm}, at most {= 20 mm}.'
 */
export function problemWith({ least, most, unit, options }: Ask, value: number): string | null {
  if (options && !options.some(([one]) => one === value))
    return `One of ${options.map(([one]) => formatNumber(one)).join(', ')}.`;
  if (Number.isFinite(value) && atLeast(value, least) && atMost(value, most)) return null;
  const say = (number: number) =>
    unit === 'mm' ? mm(number) : `${formatNumber(number)}${unit === 'stitch-mm' ? ' mm' : ASK_UNIT[unit]}`;
  return `At least ${say(least)}, at most ${say(most)}.`;
}

/** What a step or a whole operation takes. */
export interface Takes {
  sewnMm: number;
  minutes: number;
  /** Thread, needle and bobbin together, mm. */
  threadMm: number;
}

/** Thread left at both ends of every line, needle and bobbin, mm (common practice). */
const TAILS_MM = 400;

/** How a seam is sewn. */
export interface SewnWith {
  stitch: StitchId;
  widthMm: number;
  /** All layers as they are stitched down, mm. */
  stitchedMm: number;
  speedSpm: number;
  /** The layers of the other rows as they are stitched down, mm; without this as many as in the main row. */
  rowsStitchedMm?: Readonly<Record<string, number>>;
}

/**
 * Seam length, needle time and thread of a step.
 *
 * @param step - one step of the operation
 * @param numbers - of `workOut`
 * @param given - its stitch length counts where the step names none
 * @param how - stitch and speed
 * @returns zeros for a step without sewing
 */
export function takesOf(step: Step, numbers: Numbers, given: Given, how: SewnWith): Takes {
  const { sews, row = MAIN_ROW, atMm, handThread, machine = {} } = step;
  const own = given.rows?.[row] ?? { ...how, lengthMm: given.lengthMm };
  const stitch = machine.stitch ?? own.stitch;
  const sewnMm = sews ? numbers[sews] : 0;
  if (sewnMm <= 0) return { sewnMm: 0, minutes: 0, threadMm: handThread ? numbers[handThread] : 0 };
  const lengthMm = atMm ? numbers[atMm] : own.lengthMm;
  const { ratio } = threadUse({
    stitch,
    lengthMm,
    widthMm: machine.widthMm ? numbers[machine.widthMm] : stitchFacts(stitch).swings ? own.widthMm : 0,
    thicknessMm: how.rowsStitchedMm?.[row] ?? how.stitchedMm,
    seamMm: sewnMm,
  });
  return {
    sewnMm,
    minutes: needleMinutes(stitch, lengthMm, sewnMm, how.speedSpm),
    threadMm: ratio * sewnMm + TAILS_MM,
  };
}

/**
 * What several pieces of an operation take together.
 *
 * @param steps - of one piece
 * @param numbers - of `workOut`
 * @param given - its stitch length counts where a step names none
 * @param how - stitch and speed
 * @param pieces - how many are sewn
 */
export function takesInAll(
  steps: readonly Step[],
  numbers: Numbers,
  given: Given,
  how: SewnWith,
  pieces: number,
): Takes {
  const each = steps.map((step) => takesOf(step, numbers, given, how));
  const all = (key: keyof Takes) => pieces * sum(each.map((takes) => takes[key]));
  return { sewnMm: all('sewnMm'), minutes: all('minutes'), threadMm: all('threadMm') };
}
