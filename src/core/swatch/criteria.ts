import { atLeast, atMost, stepsToReach } from '../numbers';
import { growthText, type LineFacts, lineFacts, type LineMeasures } from '../card';
import type { SeamContext } from '../physics';
import { SIGN_TEXT } from '../stitch';
import { formatNumber, formatPercent, mm } from '../units';
import { accepted, type Accepted } from './accepted';
import type { Judged } from './swatch';

/** One thing a line has to meet before its setting becomes a card. */
export interface Criterion {
  id: 'look' | 'give' | 'growth' | 'shift' | 'pucker' | 'ridge';
  text: string;
  state: 'met' | 'failed' | 'open';
  /** What the measures say about it now. */
  now: string;
}

/**
 * What a line must meet, and how far it does.
 *
 * Every line must be looked at and show nothing plainly wrong. A seam that must give must be pulled that far and a tenth
 * more. On cloth that stretches the length after sewing must stay within 2 %. Anything else is asked only if it was measured.
 *
 * @param seam - cloth and operation
 * @param line - the line
 * @returns criteria in the order a person would check them
 */
export function passCriteria(seam: SeamContext, line: Judged<'measures' | 'looked'>): Criterion[] {
  const facts = lineFacts(line.measures);
  const most = accepted(seam, line.measures);
  const { percent } = seam.required;
  return [
    lookCriterion(line),
    ...(percent > 0 ? [giveCriterion(percent, most.givePercent, facts.give)] : []),
    ...(seam.compliance > 0.1 || facts.growthPercent !== undefined
      ? [growthCriterion(facts.growthPercent, most.growthPercent)]
      : []),
    ...measuredCriteria(line.measures, most),
  ];
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

function lookCriterion({ findings, looked }: Judged<'looked'>): Criterion {
  const plain = findings.filter(({ severity }) => severity >= 2);
  const state = plain.length > 0 ? 'failed' : looked || findings.length > 0 ? 'met' : 'open';
  const names = plain.map(({ sign }) => SIGN_TEXT[sign].toLowerCase()).join(', ');
  const seen = findings.length > 0 ? 'only slight signs' : 'nothing wrong';
  return {
    id: 'look',
    text: 'No fault worse than slight',
    state,
    now: names || (state === 'met' ? seen : 'not looked at yet'),
  };
}

function giveCriterion(worn: number, needed: number, give: LineFacts['give']): Criterion {
  const text = `Stretched to ${formatPercent(needed)} without popping: ${formatPercent(worn)} in wear, plus a tenth`;
  if (!give) return { id: 'give', text, state: 'open', now: 'not stretched yet' };
  const enough = atLeast(give.percent, needed);
  const now = give.popped ? `popped at ${formatPercent(give.percent)}` : `held to ${formatPercent(give.percent)}`;
  // A line that held, but was not pulled far enough, says nothing yet.
  return { id: 'give', text, state: enough ? 'met' : give.popped ? 'failed' : 'open', now };
}

function growthCriterion(growth: number | undefined, limit: number): Criterion {
  const text = `Within ${limit}% of its length`;
  if (growth === undefined) return { id: 'growth', text, state: 'open', now: 'not measured yet' };
  const now = growthText(growth);
  return { id: 'growth', text, state: atMost(Math.abs(growth), limit) ? 'met' : 'failed', now };
}

function measuredCriteria({ shiftMm, pucker, ridgeMm }: LineMeasures, most: Accepted): Criterion[] {
  const one = (id: Criterion['id'], text: string, met: boolean, now: string): Criterion => ({
    id,
    text,
    state: met ? 'met' : 'failed',
    now,
  });
  return [
    ...(shiftMm === undefined
      ? []
      : [
          one(
            'shift',
            `Layers end within ${mm(most.shiftMm)}`,
            atMost(Math.abs(shiftMm), most.shiftMm),
            `${mm(Math.abs(shiftMm))} apart`,
          ),
        ]),
    ...(pucker === undefined
      ? []
      : [
          one(
            'pucker',
            `Smooth to grade ${formatNumber(most.puckerGrade)} or better`,
            atLeast(pucker, most.puckerGrade),
            `grade ${formatNumber(pucker)}`,
          ),
        ]),
    ...(ridgeMm === undefined
      ? []
      : [one('ridge', `No ridge above ${mm(most.ridgeMm)}`, atMost(ridgeMm, most.ridgeMm), `${mm(ridgeMm)} high`)]),
  ];
}

/**
 * The length a marked line must be stretched to.
 *
 * @param markedMm - its length at rest, mm
 * @param percent - the stretch it needs
 * @returns whole mm, rounded up: a line that falls short by less would not pass
 * @example
 * stretchToMm(100, 35.2) // => 136
 */
export const stretchToMm = (markedMm: number, percent: number): number => stepsToReach(markedMm * (1 + percent / 100));
