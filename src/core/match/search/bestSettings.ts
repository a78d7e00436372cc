import type { Setup } from '../../setup';
import type { Question } from '../question';
import { hasClicks, withinReach } from './reach';
import { type Scored, search, type SearchResult } from './search';
import { fallsShort } from './stitchSize';

/** A dial that can be set anywhere a scrap would show a difference, mm. */
const FINE = { lengthStepMm: 0.1, widthStepMm: 0.1 };

const wayOf = ({ stitch, foot }: Setup) => `${stitch} ${foot}`;

/**
 * The best settings for a question, best first.
 *
 * On a machine whose dials click, stitch and foot are chosen as if they did not: the nearest click then changes a length or a
 * width, never the kind of stitch. A way that gives too little at its nearest click comes after those that give enough.
 *
 * @param question - opened question
 * @returns one setting for each stitch with each foot, on the machine's own dials
 */
export function bestSettings(question: Question): SearchResult {
  const found = search(question);
  const { machine, seam, wanted } = question;
  if (!hasClicks(machine)) return found;
  const fine = { ...machine, ...FINE };
  const ranked = search({ ...question, machine: fine, aims: withinReach(wanted, seam, fine) });
  const cost = new Map(ranked.map((scored) => [wayOf(scored.setup), scored.cost]));
  const asFine = ({ setup, cost: own }: Scored): Scored => ({
    setup,
    cost: fallsShort(own) ? own : (cost.get(wayOf(setup)) ?? own),
  });
  return found.map(asFine).sort((a, b) => a.cost - b.cost);
}

/**
 * Only the best setting: the first of `bestSettings`, found without looking at every way.
 *
 * @param question - opened question
 * @returns the best; undefined when there is none
 */
export const bestSetting = (question: Question): Scored | undefined =>
  (hasClicks(question.machine) ? bestSettings(question) : search(question, 'best'))[0];
