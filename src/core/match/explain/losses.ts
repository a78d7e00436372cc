import { giveOfSetup } from '../../physics';
import type { Setup } from '../../setup';
import { penetrationsPerCm, SIGN_TEXT, stitchFacts, threadUse } from '../../stitch';
import type { Question } from '../question';
import { riskChanges } from './riskChange';

/**
 * What another setting costs against the recommended one: time, thread, unpicking, stretch, and the risk it adds.
 *
 * @param question - opened question
 * @param best - the recommended setting
 * @param other - the other
 * @param what - everything, or only what it costs and not what it risks
 * @returns sentences; empty where it costs nothing
 */
export function lossesOf(question: Question, best: Setup, other: Setup, what: 'all' | 'costs' = 'all'): string {
  const risky = what === 'all' ? [risks(question, best, other)] : [];
  return [...uses(question, best, other), gives(question, best, other), ...risky].filter(Boolean).join(' ');
}

function gives({ seam }: Question, best: Setup, other: Setup): string {
  const [bestLow] = giveOfSetup(seam, best);
  const [low] = giveOfSetup(seam, other);
  const less = seam.required.percent > 0 && low < bestLow - 1;
  return less ? `Stretches ${Math.floor(low)}% instead of ${Math.floor(bestLow)}%.` : '';
}

/** A risk that rises by less than this is not worth a sentence. */
const TOLD = 0.05;

function risks({ seam }: Question, best: Setup, other: Setup): string {
  const [worst] = riskChanges(seam, best, other);
  return worst && worst.more > TOLD ? `More risk of: ${SIGN_TEXT[worst.sign].toLowerCase()}. ${worst.why}` : '';
}

/** A half more is worth saying; less is within what a hand notices. */
const NOTICED = 1.5;
/** So much more thread in a seam is felt, times (model). */
const BULKY = 2.5;
const TIMES = ['', '', 'twice', 'three times', 'four times', 'five times'];
const times = (ratio: number) => TIMES[Math.round(ratio)] ?? `${Math.round(ratio)} times`;

function uses({ seam }: Question, best: Setup, other: Setup): string[] {
  const thread = (setup: Setup) => threadUse({ ...setup, thicknessMm: seam.thicknessMm, seamMm: 1000 }).needleMm;
  const holes = (setup: Setup) => penetrationsPerCm(setup.stitch, setup.lengthMm);
  const moreThread = thread(other) / thread(best);
  const slower = holes(other) / holes(best);
  const locked = (setup: Setup) => stitchFacts(setup.stitch).feedsBackwards;
  return [
    ...(slower >= NOTICED
      ? [`Takes ${slower < 1.75 ? 'half as long again' : `${times(slower)} as long`} to sew.`]
      : []),
    ...(moreThread >= NOTICED
      ? [`Uses ${moreThread < 1.75 ? 'half as much thread again' : `${times(moreThread)} the thread`}.`]
      : []),
    ...(moreThread >= BULKY ? ['A stiffer, bulkier row.'] : []),
    ...(locked(other) && !locked(best) ? ['Hard to unpick.'] : []),
  ];
}
