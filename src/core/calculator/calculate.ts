import { clamp } from '../numbers';
import { type Numbers, problemWith } from '../procedure';
import type { Cannot } from '../seam';
import { roundInInches, type UnitSystem } from '../units';
import type { Answers, Calculation, CalculationAsk, SewnAs, Worked } from './types';

/** What comes of a calculation: numbers; what is wrong with one answer; or why they do not go together. */
export type Calculated =
  { ok: true; worked: Worked } | { ok: false; problems: Record<string, string> } | ({ ok: false } & Cannot);

/** The questions that are asked with these answers. */
export const asksOf = ({ asks }: Pick<Calculation, 'asks'>, answers: Answers): readonly CalculationAsk[] =>
  asks.filter((ask) => isOn(ask.only, answers));

const isOn = (only: CalculationAsk['only'], answers: Answers) =>
  !only || only[1].some((value) => value === answers[only[0]]);

/**
 * The answers a calculation begins with: usual ones, round in the person's units; what is optional is empty.
 *
 * @param calculation - which
 * @param system - metric or inch
 */
export const usualAnswers = ({ asks }: Pick<Calculation, 'asks'>, system: UnitSystem): Record<string, number> =>
  Object.fromEntries(
    asks.flatMap(({ key, usual, unit, least, most, optional }) =>
      optional ? [] : [[key, unit === 'mm' && system === 'inch' ? clamp(roundInInches(usual), least, most) : usual]],
    ),
  );

/**
 * Works a calculation out.
 *
 * @param calculation - which
 * @param answers - by question
 * @returns its results; or what to answer otherwise
 */
export function calculate(calculation: Calculation, answers: Answers): Calculated {
  const problems: Record<string, string> = {};
  const asked: Record<string, number | undefined> = {};
  for (const ask of asksOf(calculation, answers)) {
    const value = answers[ask.key];
    if (value === undefined) {
      if (!ask.optional) problems[ask.key] = 'Type a number.';
      continue;
    }
    const problem = problemWith(ask, value);
    if (problem) problems[ask.key] = problem;
    else asked[ask.key] = ask.unit === 'count' ? Math.round(value) : value;
  }
  if (Object.keys(problems).length > 0) return { ok: false, problems };
  const worked = calculation.work(asked);
  return 'blocked' in worked ? { ok: false, blocked: worked.blocked } : { ok: true, worked };
}

/**
 * Which operations sew what was calculated, with the answers they begin with.
 *
 * @param calculation - which
 * @param answers - by question
 * @returns operations by id
 */
export const sewnWith = (
  { sewn = [] }: Pick<Calculation, 'sewn'>,
  answers: Answers,
): readonly { procedure: string; answers: Numbers }[] =>
  sewn
    .filter(({ only }: SewnAs) => isOn(only, answers))
    .map(({ procedure, takes }) => ({
      procedure,
      answers: Object.fromEntries(
        Object.entries(takes).flatMap(([from, to]) => (answers[from] === undefined ? [] : [[to, answers[from]]])),
      ),
    }));

/**
 * What an operation already knows of a calculation: its answers, by the calculation's questions.
 *
 * @param calculation - which
 * @param procedure - the operation
 * @param answers - of the operation
 */
export function knownFrom(
  { sewn = [] }: Pick<Calculation, 'sewn'>,
  procedure: string,
  answers: Numbers,
): Record<string, number> {
  const found = sewn.find((one) => one.procedure === procedure);
  if (!found) return {};
  const known = Object.entries(found.takes).flatMap(([to, from]) =>
    from in answers ? [[to, answers[from]] as const] : [],
  );
  const only = found.only ? [[found.only[0], found.only[1][0]] as const] : [];
  return Object.fromEntries([...known, ...only]);
}
