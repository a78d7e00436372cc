import { lineFacts } from '../card';
import { FEED_TOLERANCE, type SeamContext } from '../physics';
import { SIGN_TEXT } from '../stitch';
import { formatNumber } from '../units';
import type { Line } from './swatch';

/** One thing a line has to meet before its setting becomes a card. */
export interface Criterion {
  id: 'look' | 'give' | 'growth';
  text: string;
  state: 'met' | 'failed' | 'open';
  /** What the measures say about it now. */
  now: string;
}

/**
 * What a line must meet, and how far it does.
 *
 * Every line must be looked at and show nothing plainly wrong. A seam that must give must be pulled at least that
 * far. On cloth that stretches the length after sewing must stay within 2 %; on other cloth it is asked only if it
 * was measured.
 *
 * @param seam - cloth and operation
 * @param line - the line
 * @returns criteria in the order a person would check them
 */
export function passCriteria(seam: SeamContext, line: Pick<Line, 'measures' | 'findings' | 'looked'>): Criterion[] {
  const facts = lineFacts(line.measures);
  const criteria = [lookCriterion(line)];
  if (seam.required.percent > 0) criteria.push(giveCriterion(seam.required.percent, facts.give));
  if (seam.compliance > 0.1 || facts.growthPercent !== undefined) criteria.push(growthCriterion(facts.growthPercent));
  return criteria;
}

/**
 * Whether a line may become a card.
 *
 * @param criteria - of the line
 * @example
 * passes([{ id: 'look', text: '', now: '', state: 'met' }]) // => true
 * passes([{ id: 'look', text: '', now: '', state: 'open' }]) // => false
 */
export function passes(criteria: readonly Criterion[]): boolean {
  return criteria.every(({ state }) => state === 'met');
}

function lookCriterion({ findings, looked }: Pick<Line, 'findings' | 'looked'>): Criterion {
  const plain = findings.filter(({ severity }) => severity >= 2);
  const state = plain.length > 0 ? 'failed' : looked || findings.length > 0 ? 'met' : 'open';
  const names = plain.map(({ sign }) => SIGN_TEXT[sign].toLowerCase()).join(', ');
  const seen = findings.length > 0 ? 'only slight signs' : 'nothing wrong';
  return {
    id: 'look',
    text: 'Nothing worse than slight to see',
    state,
    now: names || (state === 'met' ? seen : 'not looked at yet'),
  };
}

function giveCriterion(required: number, give: { percent: number; popped: boolean } | undefined): Criterion {
  const text = `Pulled to ${formatNumber(required)} % without popping`;
  if (!give) return { id: 'give', text, state: 'open', now: 'not pulled yet' };
  const enough = give.percent >= required - 1e-9;
  const now = give.popped ? `popped at ${formatNumber(give.percent)} %` : `held to ${formatNumber(give.percent)} %`;
  // A line that held, but was not pulled far enough, says nothing yet.
  return { id: 'give', text, state: enough ? 'met' : give.popped ? 'failed' : 'open', now };
}

function growthCriterion(growth: number | undefined): Criterion {
  const limit = FEED_TOLERANCE.growthPercent;
  const text = `Within ${limit} % of its length`;
  if (growth === undefined) return { id: 'growth', text, state: 'open', now: 'not measured yet' };
  const met = Math.abs(growth) <= limit + 1e-9;
  return {
    id: 'growth',
    text,
    state: met ? 'met' : 'failed',
    now: `${growth < 0 ? 'shrank' : 'grew'} ${formatNumber(Math.abs(growth))} %`,
  };
}
