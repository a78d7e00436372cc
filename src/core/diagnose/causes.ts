import { idsOf, type Origin, tableOf } from '../result';
import type { Condition } from './facts';

/** How a fact moves the odds of a cause before any sign is looked at. */
export interface Moved {
  when: readonly Condition[];
  times: number;
}

/** One cause: what it is called, how often it is the one (against the others), and what makes it likelier. */
interface CauseRow {
  text: string;
  base: number;
  moved: readonly Moved[];
}

// How often each is the one is common practice put into numbers (model); what moves it is common practice of trade and handbook.
const SUSPECTED: Origin = {
  provenance: 'model',
  source: 'The order in which people suspect: common practice; how often, and what changes that, are set by us.',
};

/** What can be behind a sign, by its id. Provenance: common practice, put into numbers by a model. */
// prettier-ignore
export const CAUSE = tableOf<CauseRow>()({
  'needle-worn': { ...SUSPECTED, text: 'the needle is worn, bent or blunt', base: 1, moved: [{ when: [['needleHours', '<', 0.5]], times: 0.12 }, { when: [['needleHours', '<', 2]], times: 0.6 }, { when: [['needleHours', '>=', 4]], times: 1.8 }, { when: [['needleHours', '>=', 6]], times: 2 }] },
  'needle-too-big': { ...SUSPECTED, text: 'the needle is too thick for the cloth', base: 0.55, moved: [{ when: [['needleOff', '>=', 7]], times: 3 }, { when: [['needleOff', '>=', 15]], times: 2 }, { when: [['needleOff', '<', 0]], times: 0.25 }] },
  'needle-too-small': { ...SUSPECTED, text: 'the needle is too thin and bends aside', base: 0.3, moved: [{ when: [['needleOff', '<', -7]], times: 3 }, { when: [['needleOff', '<', -15]], times: 2 }, { when: [['needleOff', '>=', 0]], times: 0.2 }] },
  'wrong-point': { ...SUSPECTED, text: 'the point is the wrong one for this cloth', base: 0.6, moved: [{ when: [['pointUnfit', '>=', 0.2]], times: 3.2 }, { when: [['pointUnfit', '<', 0.06]], times: 0.35 }] },
  'needle-inserted-wrong': { ...SUSPECTED, text: 'the needle is in crooked, turned or not up to the stop', base: 0.22, moved: [] },
  'thread-poor': { ...SUSPECTED, text: 'the thread is fuzzy, old or uneven', base: 0.4, moved: [{ when: [['threadCheap', '>=', 1]], times: 6 }, { when: [['threadGood', '>=', 1]], times: 0.2 }, { when: [['knit', '>=', 1]], times: 1.4 }] },
  'thread-too-thick': { ...SUSPECTED, text: 'the thread is too thick for the eye or the cloth', base: 0.3, moved: [{ when: [['eyeFill', '>=', 0.76]], times: 4 }, { when: [['eyeFill', '<', 0.6]], times: 0.35 }] },
  'rethread-needed': { ...SUSPECTED, text: 'the upper thread is not in its discs or its lever', base: 0.9, moved: [] },
  'lever-not-up': { ...SUSPECTED, text: 'the take-up lever was not at its highest', base: 0.5, moved: [] },
  'tails-loose': { ...SUSPECTED, text: 'the tails were not held at the start', base: 0.5, moved: [] },
  'upper-tension-high': { ...SUSPECTED, text: 'the needle tension is too high', base: 0.65, moved: [{ when: [['tensionSteps', '>=', 1]], times: 2.6 }, { when: [['tensionSteps', '<', -0.5]], times: 0.35 }, { when: [['lightness', '>=', 0.4]], times: 1.4 }] },
  'upper-tension-low': { ...SUSPECTED, text: 'the needle tension is too low', base: 0.55, moved: [{ when: [['tensionSteps', '<', -0.5]], times: 2.6 }, { when: [['tensionSteps', '>=', 1]], times: 0.35 }] },
  'bobbin-tension': { ...SUSPECTED, text: 'the bobbin tension is out', base: 0.08, moved: [] },
  'pressure-high': { ...SUSPECTED, text: 'the foot presses too hard', base: 0.6, moved: [{ when: [['pressure', '>=', 0.5], ['compliance', '>=', 0.2]], times: 1.6 }, { when: [['pressure', '>=', 0.75]], times: 2.2 }, { when: [['pressure', '<', 0.3]], times: 0.35 }] },
  'pressure-low': { ...SUSPECTED, text: 'the foot presses too lightly', base: 0.3, moved: [{ when: [['pressure', '<', 0.2]], times: 2 }, { when: [['pressure', '>=', 0.5]], times: 0.35 }] },
  pulled: { ...SUSPECTED, text: 'the cloth was pulled or pushed', base: 0.5, moved: [] },
  'stitch-too-short': { ...SUSPECTED, text: 'the stitches are too short', base: 0.4, moved: [{ when: [['lengthMm', '<', 1.6]], times: 2.2 }, { when: [['perforates', '>=', 1], ['lengthMm', '<', 3]], times: 5 }, { when: [['tightness', '>=', 0.5], ['lengthMm', '<', 2.3]], times: 2 }, { when: [['lengthMm', '>=', 3]], times: 0.25 }] },
  'stitch-too-long': { ...SUSPECTED, text: 'the stitches are too long', base: 0.35, moved: [{ when: [['lengthMm', '>=', 3.5]], times: 2.2 }, { when: [['sheer', '>=', 1], ['lengthMm', '>=', 2.2]], times: 3 }, { when: [['lengthMm', '<', 2]], times: 0.2 }] },
  'stitch-no-give': { ...SUSPECTED, text: 'the stitch does not give enough', base: 0.5, moved: [{ when: [['giveShort', '>=', 1]], times: 4 }, { when: [['giveShort', '<', -15]], times: 0.2 }, { when: [['giveAsked', '<', 3]], times: 0.05 }, { when: [['straightStitch', '>=', 1], ['giveAsked', '>=', 15]], times: 3 }] },
  'lint-in-feed': { ...SUSPECTED, text: 'lint sits in the feed or under the plate', base: 0.45, moved: [] },
  'foot-drag': { ...SUSPECTED, text: 'the foot drags on the upper layer', base: 0.5, moved: [{ when: [['drag', '>=', 0.8]], times: 1.4 }, { when: [['drag', '<', 0.35]], times: 0.2 }, { when: [['napped', '>=', 1]], times: 1.6 }, { when: [['compliance', '>=', 0.2]], times: 1.3 }] },
  'plate-slot-wide': { ...SUSPECTED, text: 'the wide slot lets the cloth go down', base: 0.35, moved: [{ when: [['straightPlate', '>=', 1]], times: 0.03 }, { when: [['lightness', '>=', 0.3]], times: 2.2 }] },
  'start-at-edge': { ...SUSPECTED, text: 'the seam was begun at the very edge', base: 0.5, moved: [{ when: [['lightness', '>=', 0.3]], times: 1.4 }, { when: [['knit', '>=', 1]], times: 1.3 }] },
  'thread-no-give': { ...SUSPECTED, text: 'the thread itself does not give', base: 0.25, moved: [{ when: [['giveAsked', '>=', 40], ['threadExtension', '<', 0.2]], times: 3 }, { when: [['giveAsked', '<', 15]], times: 0.15 }, { when: [['threadExtension', '>=', 0.2]], times: 0.1 }] },
  'soft-hem': { ...SUSPECTED, text: 'the hem is too soft to stay flat', base: 0.35, moved: [{ when: [['twin', '>=', 1]], times: 2 }, { when: [['twin', '<', 1]], times: 0.2 }] },
  'hook-timing': { ...SUSPECTED, text: 'the hook does not meet the needle: the machine is out of time', base: 0.04, moved: [{ when: [['tried', '>=', 3]], times: 3 }, { when: [['tried', '>=', 5]], times: 3 }] },
  'hump-step': { ...SUSPECTED, text: 'the foot tips at a step in thickness', base: 0.4, moved: [{ when: [['thicknessMm', '>=', 2.5]], times: 2 }] },
  'hit-metal': { ...SUSPECTED, text: 'the needle met metal or a pin', base: 0.35, moved: [] },
  heat: { ...SUSPECTED, text: 'the iron was too hot or too bare', base: 0.4, moved: [] },
  'eyes-on-needle': { ...SUSPECTED, text: 'the eye followed the needle instead of the guide', base: 0.4, moved: [] },
  'allowance-narrow': { ...SUSPECTED, text: 'the allowance is too narrow for so loose a cloth', base: 0.3, moved: [] },
  'zip-gap': { ...SUSPECTED, text: 'the two stitchings at the end of the zip do not meet', base: 0.4, moved: [] },
  'something-else': { ...SUSPECTED, text: 'something else', base: 0.3, moved: [] },
});
export type Cause = keyof typeof CAUSE;
export type CauseFacts = (typeof CAUSE)[Cause];
export const CAUSES = idsOf(CAUSE);
