import { idsOf, type Origin, tableOf } from '../result';
import { type Condition, type Facts, holds } from './facts';

/** How much likelier or less likely a fact makes a cause, before any sign is looked at. */
export interface PriorFactor {
  when: readonly Condition[];
  factor: number;
}

/** One cause: what it is called, its prior against the others, and the facts that multiply it. */
interface CauseRow {
  text: string;
  prior: number;
  factors: readonly PriorFactor[];
}

// How often each is the one is common practice put into numbers (model); what moves it is common practice of trade and handbook.
const SUSPECTED: Origin = {
  provenance: 'model',
  source: 'What people suspect first: common practice; how often, and what changes that, are set by us.',
};

/** What can be behind a sign, by its id. Provenance: common practice, put into numbers by a model. */
// prettier-ignore
export const CAUSE = tableOf<CauseRow>()({
  'needle-worn': { ...SUSPECTED, text: 'the needle is worn, bent or blunt', prior: 1, factors: [{ when: [['needleHours', '<', 0.5]], factor: 0.12 }, { when: [['needleHours', '<', 2]], factor: 0.6 }, { when: [['needleHours', '>=', 4]], factor: 1.8 }, { when: [['needleHours', '>=', 6]], factor: 2 }] },
  'needle-too-big': { ...SUSPECTED, text: 'the needle is too thick for the fabric', prior: 0.55, factors: [{ when: [['needleOff', '<', 4]], factor: 0.45 }, { when: [['needleOff', '>=', 7]], factor: 3 }, { when: [['needleOff', '>=', 15]], factor: 2 }, { when: [['needleOff', '<', 0]], factor: 0.25 }] },
  'needle-too-small': { ...SUSPECTED, text: 'the needle is too thin and bends', prior: 0.3, factors: [{ when: [['needleOff', '<', -7]], factor: 3 }, { when: [['needleOff', '<', -15]], factor: 2 }, { when: [['needleOff', '>=', 0]], factor: 0.2 }] },
  'wrong-point': { ...SUSPECTED, text: 'the needle point is wrong for this fabric', prior: 0.6, factors: [{ when: [['pointUnfit', '>=', 0.2]], factor: 3.2 }, { when: [['pointUnfit', '<', 0.06]], factor: 0.35 }] },
  'needle-inserted-wrong': { ...SUSPECTED, text: 'the needle is crooked, turned, or not pushed right up', prior: 0.22, factors: [] },
  'thread-poor': { ...SUSPECTED, text: 'the thread is fuzzy, old or uneven', prior: 0.4, factors: [{ when: [['threadCheap', '>=', 1]], factor: 6 }, { when: [['threadGood', '>=', 1]], factor: 0.2 }, { when: [['knit', '>=', 1]], factor: 1.4 }] },
  'thread-too-thick': { ...SUSPECTED, text: 'the thread is too thick for the eye or the fabric', prior: 0.3, factors: [{ when: [['eyeFill', '>=', 0.76]], factor: 4 }, { when: [['eyeFill', '<', 0.6]], factor: 0.35 }] },
  'rethread-needed': { ...SUSPECTED, text: 'the top thread is not in its tension discs or take-up lever', prior: 0.9, factors: [] },
  'lever-not-up': { ...SUSPECTED, text: 'the take-up lever was not at its highest', prior: 0.5, factors: [] },
  'tails-loose': { ...SUSPECTED, text: 'the tails were not held at the start', prior: 0.5, factors: [] },
  'upper-tension-high': { ...SUSPECTED, text: 'the needle tension is too high', prior: 0.65, factors: [{ when: [['tensionSteps', '>=', 1]], factor: 2.6 }, { when: [['tensionSteps', '<', -0.5]], factor: 0.35 }, { when: [['lightness', '>=', 0.4]], factor: 1.4 }] },
  'upper-tension-low': { ...SUSPECTED, text: 'the needle tension is too low', prior: 0.55, factors: [{ when: [['tensionSteps', '<', -0.5]], factor: 2.6 }, { when: [['tensionSteps', '>=', 1]], factor: 0.35 }] },
  'bobbin-tension': { ...SUSPECTED, text: 'the bobbin tension is wrong', prior: 0.1, factors: [{ when: [['traded', '>=', 1]], factor: 8 }] },
  'pressure-high': { ...SUSPECTED, text: 'the foot presses too hard', prior: 0.6, factors: [{ when: [['pressure', '>=', 0.5], ['compliance', '>=', 0.2]], factor: 1.6 }, { when: [['pressure', '>=', 0.75]], factor: 2.2 }, { when: [['pressure', '<', 0.3]], factor: 0.35 }] },
  'pressure-low': { ...SUSPECTED, text: 'the foot presses too lightly', prior: 0.3, factors: [{ when: [['pressure', '<', 0.2]], factor: 2 }, { when: [['pressure', '>=', 0.5]], factor: 0.35 }, { when: [['lengthShare', '<', 0.85]], factor: 3 }] },
  pulled: { ...SUSPECTED, text: 'the fabric was pulled or pushed', prior: 0.5, factors: [] },
  'stitch-too-short': { ...SUSPECTED, text: 'the stitches are too short', prior: 0.4, factors: [{ when: [['lengthShare', '<', 0.88]], factor: 6 }, { when: [['lengthMm', '<', 1.6]], factor: 2.2 }, { when: [['perforates', '>=', 1], ['lengthMm', '<', 3]], factor: 5 }, { when: [['tightness', '>=', 0.5], ['lengthMm', '<', 2.3]], factor: 2 }, { when: [['lengthMm', '>=', 3]], factor: 0.25 }, { when: [['lengthShare', '<', 0.5]], factor: 0.15 }] },
  'stitch-too-long': { ...SUSPECTED, text: 'the stitches are too long', prior: 0.35, factors: [{ when: [['lengthShare', '>=', 1.12]], factor: 6 }, { when: [['lengthMm', '>=', 3.5]], factor: 2.2 }, { when: [['sheer', '>=', 1], ['lengthMm', '>=', 2.2]], factor: 3 }, { when: [['lengthMm', '<', 2]], factor: 0.2 }] },
  'stitch-no-give': { ...SUSPECTED, text: 'the stitch does not stretch enough', prior: 0.5, factors: [{ when: [['giveShort', '>=', 1]], factor: 4 }, { when: [['giveShort', '<', -15]], factor: 0.2 }, { when: [['giveAsked', '<', 3]], factor: 0.05 }, { when: [['straightStitch', '>=', 1], ['giveAsked', '>=', 15]], factor: 3 }] },
  'lint-in-feed': { ...SUSPECTED, text: 'there is lint in the feed or under the plate', prior: 0.45, factors: [{ when: [['lengthShare', '<', 0.93]], factor: 1.5 }] },
  'foot-drag': { ...SUSPECTED, text: 'the foot drags on the upper layer', prior: 0.5, factors: [{ when: [['drag', '>=', 0.8]], factor: 1.4 }, { when: [['drag', '<', 0.35]], factor: 0.2 }, { when: [['napped', '>=', 1]], factor: 1.6 }, { when: [['compliance', '>=', 0.2]], factor: 1.3 }] },
  'plate-slot-wide': { ...SUSPECTED, text: 'the fabric sinks into the wide slot', prior: 0.35, factors: [{ when: [['straightPlate', '>=', 1]], factor: 0.03 }, { when: [['lightness', '>=', 0.3]], factor: 2.2 }] },
  'start-at-edge': { ...SUSPECTED, text: 'the seam started at the very edge', prior: 0.5, factors: [{ when: [['lightness', '>=', 0.3]], factor: 1.4 }, { when: [['knit', '>=', 1]], factor: 1.3 }] },
  'thread-no-give': { ...SUSPECTED, text: 'the thread does not stretch', prior: 0.25, factors: [{ when: [['giveAsked', '>=', 40], ['threadExtension', '<', 0.2]], factor: 3 }, { when: [['giveAsked', '<', 15]], factor: 0.15 }, { when: [['threadExtension', '>=', 0.2]], factor: 0.1 }] },
  'soft-hem': { ...SUSPECTED, text: 'the hem is too soft to stay flat', prior: 0.35, factors: [{ when: [['twin', '>=', 1]], factor: 2 }, { when: [['twin', '<', 1]], factor: 0.2 }] },
  'hook-timing': { ...SUSPECTED, text: 'the hook misses the needle: the machine’s timing is out', prior: 0.1, factors: [{ when: [['basicsTried', '>=', 1]], factor: 4 }] },
  'hump-step': { ...SUSPECTED, text: 'the foot tips at a step in thickness', prior: 0.4, factors: [{ when: [['thicknessMm', '>=', 2.5]], factor: 2 }, { when: [['thicknessMm', '<', 1]], factor: 0.4 }] },
  'hit-metal': { ...SUSPECTED, text: 'the needle hit metal or a pin', prior: 0.2, factors: [{ when: [['zip', '>=', 1]], factor: 3 }] },
  heat: { ...SUSPECTED, text: 'the iron was too hot, or used without a press cloth', prior: 0.8, factors: [] },
  'eyes-on-needle': { ...SUSPECTED, text: 'you watched the needle instead of the guide', prior: 0.4, factors: [] },
  'allowance-narrow': { ...SUSPECTED, text: 'the allowance is too narrow for such a loose fabric', prior: 0.3, factors: [] },
  'zip-gap': { ...SUSPECTED, text: 'the two rows of stitching at the end of the zip do not meet', prior: 0.4, factors: [] },
  'thread-old': { ...SUSPECTED, text: 'the thread is old and weak', prior: 0.25, factors: [{ when: [['threadGood', '>=', 1]], factor: 0.25 }] },
  'bobbin-wrong-way': { ...SUSPECTED, text: 'the bobbin is in the wrong way round', prior: 0.25, factors: [] },
  'bobbin-wound-badly': { ...SUSPECTED, text: 'the bobbin is wound loosely or unevenly', prior: 0.3, factors: [] },
  burr: { ...SUSPECTED, text: 'the plate, the foot or the hook has a burr', prior: 0.1, factors: [{ when: [['basicsTried', '>=', 1]], factor: 2 }] },
  'dial-off': { ...SUSPECTED, text: 'the machine feeds much less than its dial says', prior: 0.15, factors: [{ when: [['lengthShare', '<', 0.75]], factor: 8 }, { when: [['lengthShare', '>=', 0.88]], factor: 0.02 }] },
  'foot-up': { ...SUSPECTED, text: 'the presser foot was left up', prior: 0.35, factors: [] },
  'feed-lowered': { ...SUSPECTED, text: 'the feed teeth are lowered', prior: 0.35, factors: [{ when: [['lengthShare', '<', 0.6]], factor: 8 }, { when: [['lengthShare', '>=', 0.8]], factor: 0.1 }] },
  'length-zero': { ...SUSPECTED, text: 'the stitch length has slipped towards zero', prior: 0.3, factors: [{ when: [['lengthShare', '<', 0.6]], factor: 8 }, { when: [['lengthShare', '>=', 0.8]], factor: 0.1 }] },
  'sole-sticks': { ...SUSPECTED, text: 'the sole of the foot sticks to the fabric', prior: 0.25, factors: [{ when: [['skin', '>=', 1], ['drag', '>=', 0.6]], factor: 5 }, { when: [['drag', '<', 0.4]], factor: 0.2 }, { when: [['lengthShare', '<', 0.85]], factor: 3 }, { when: [['lengthShare', '>=', 0.95]], factor: 0.4 }] },
  'thread-stronger-than-cloth': { ...SUSPECTED, text: 'the thread is stronger than the fabric and cuts it', prior: 0.12, factors: [{ when: [['cottonKnit', '>=', 1], ['threadExtension', '<', 0.2]], factor: 4 }, { when: [['knit', '<', 1]], factor: 0.1 }] },
  'same-end-sewn': { ...SUSPECTED, text: 'every strip was sewn from the same end', prior: 0.5, factors: [{ when: [['strips', '>=', 1]], factor: 3 }] },
  'unequal-cloths': { ...SUSPECTED, text: 'one layer stretches more than the other', prior: 0.3, factors: [{ when: [['twoFabrics', '>=', 1]], factor: 2 }] },
  'pressed-hot': { ...SUSPECTED, text: 'the seam was pulled while it was hot from the iron', prior: 0.2, factors: [] },
  'gap-wide': { ...SUSPECTED, text: 'the two needles are too far apart for so soft a fabric', prior: 0.3, factors: [{ when: [['gapMm', '>=', 3]], factor: 2.5 }, { when: [['gapMm', '<', 2]], factor: 0.1 }] },
  'plate-worn': { ...SUSPECTED, text: 'the hole of the needle plate is worn or nicked', prior: 0.1, factors: [] },
  'hem-skewed': { ...SUSPECTED, text: 'the hem was not folded along one line all round', prior: 0.45, factors: [] },
  'band-too-long': { ...SUSPECTED, text: 'the band is too long for its opening, or has poor recovery', prior: 0.4, factors: [] },
  'band-too-short': { ...SUSPECTED, text: 'the band is too short for its opening', prior: 0.4, factors: [] },
  'zip-stretched': { ...SUSPECTED, text: 'the fabric was stretched along the zip', prior: 0.4, factors: [] },
  'layer-slipped': { ...SUSPECTED, text: 'the layer underneath was not flat', prior: 0.4, factors: [] },
  'something-else': { ...SUSPECTED, text: 'something that is not on the list', prior: 0.15, factors: [] },
  nothing: { ...SUSPECTED, text: 'nothing at all', prior: 0, factors: [] },
});
export type Cause = keyof typeof CAUSE;
export type CauseFacts = (typeof CAUSE)[Cause];
export const CAUSES = idsOf(CAUSE);

/** Causes that may be at work: one of them, or two at once. */
export const AT_WORK: readonly Cause[] = CAUSES.filter((cause) => cause !== 'nothing');

/** How often a cause with a prior of 1 is at work in a line that somebody asks about (model). */
export const BASE_RATE = 0.06;
/** However much speaks for a cause before anything is seen, it is not sure (model). */
const MOST_PRIOR = 0.6;

/**
 * The probability that a cause is at work, before any sign is looked at.
 *
 * @param cause - the cause
 * @param facts - of the line
 * @param base - base rates to use instead of those of the table, by cause
 * @returns 0 … 0.6
 */
export function priorOf(cause: Cause, facts: Facts, base: Partial<Record<Cause, number>> = {}): number {
  const { prior, factors } = CAUSE[cause];
  const moved = factors.reduce((product, { when, factor }) => (holds(facts, when) ? product * factor : product), 1);
  return Math.min(MOST_PRIOR, (base[cause] ?? BASE_RATE * prior) * moved);
}
