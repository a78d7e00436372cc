import {
  FOOT,
  type Foot,
  isTwin,
  needleName,
  PLATE,
  POINT,
  type NeedlePoint,
  soldNearest,
  stitchReading,
} from '../../kit';
import { giveOfSetup } from '../../physics';
import type { Setup } from '../../setup';
import { SIGN_TEXT, STITCH, stitchFacts, STITCHES } from '../../stitch';
import { fallsShort, hemsAKnit, usualGive } from '../search/stitchSize';
import { lowerFirst } from '../../units';
import { lossesOf } from './losses';
import { riskChanges } from './riskChange';
import type { Question } from '../question';
import type { Rejected } from './rejected';
import type { SearchResult } from '../search/search';

/** Another setting that would do, what it is, and what is lost against the best. */
export interface Alternative {
  setup: Setup;
  why: string;
  loses: string;
}

/**
 * The best setting with each other stitch, and with each other foot, that gives enough.
 *
 * @param question - opened question
 * @param found - what the search found, best first
 * @returns alternatives, best first
 */
export function alternativesTo(question: Question, found: SearchResult): Alternative[] {
  const [best, ...others] = found;
  const seen = new Set<string>([best.setup.stitch]);
  const feet = new Set<string>([best.setup.foot]);
  return others.flatMap((other): Alternative[] => {
    if (fallsShort(other.cost)) return [];
    const { stitch, foot } = other.setup;
    const newStitch = !seen.has(stitch);
    const newFoot = stitch === best.setup.stitch && !feet.has(foot);
    if (!newStitch && !newFoot) return [];
    seen.add(stitch);
    feet.add(foot);
    const why = newStitch
      ? `${stitchReading(question.machine, stitch)}: ${STITCH[stitch].plain}.`
      : `${FOOT[foot].name} foot: ${FOOT[foot].plain}.`;
    return [{ setup: other.setup, why, loses: lossesOf(question, best.setup, other.setup) || 'Also works.' }];
  });
}

/**
 * Why the stitches, feet, plates and points that are not in the answer are not.
 *
 * @param question - opened question
 * @param found - what the search found
 * @returns one entry for each
 */
export function rejectedBy(question: Question, found: SearchResult): Rejected[] {
  return [...rejectedStitches(question, found), ...rejectedParts(question, found)];
}

function rejectedStitches(question: Question, found: SearchResult): Rejected[] {
  const { seam, machine, aims, kit } = question;
  return STITCHES.flatMap((stitch): Rejected[] => {
    const what = stitchReading(machine, stitch);
    const known = found.find((f) => f.setup.stitch === stitch);
    if (known && !fallsShort(known.cost)) return [];
    if (!machine.stitches.includes(stitch))
      return [{ what, code: 'stitch.not-on-machine', text: 'This machine does not have it.' }];
    const ruled = aims.stitch[stitch];
    if (ruled.cost === null && ruled.rule === null)
      return [{ what, code: 'stitch.other-purpose', text: 'It is made for another purpose.' }];
    const sideways = stitchFacts(stitch).swings || stitchFacts(stitch).feedsBackwards;
    if (sideways && !kit.plates.some((plate) => plate !== 'straight' && machine.plates.includes(plate)))
      return [
        { what, code: 'interlock.plate-needs-straight', text: 'It needs the standard plate, and you have none.' },
      ];
    const low = known ? giveOfSetup(seam, known.setup)[0] : usualGive(question, stitch);
    if (low < seam.required.percent) {
      return [
        {
          what,
          code: 'give.short',
          text: `Would pop: it stretches about ${Math.floor(low)}% at the cautious end, and the seam needs ${seam.required.percent}%.`,
        },
      ];
    }
    if (ruled.cost === null && ruled.rule) return [{ what, code: ruled.rule.id, text: ruled.rule.text }];
    if (stitch === 'straight' && hemsAKnit(seam))
      return [
        {
          what,
          code: 'stitch.one-line',
          text: 'A single row pops in the hem of a knit: use two needles or a narrow zigzag.',
        },
      ];
    return [
      {
        what,
        code: 'stitch.no-way',
        text: 'No foot, plate, needle and length you have can sew it here.',
      },
    ];
  });
}

function rejectedParts({ kit, aims, seam }: Question, found: SearchResult): Rejected[] {
  if (found.length === 0) return [];
  const feet = kit.feet
    .filter((foot: Foot) => aims.foot[foot].cost === null)
    .map((foot): Rejected => ({
      what: `${FOOT[foot].name} foot`,
      code: 'foot.other-purpose',
      text: `Made for another job: ${FOOT[foot].plain}.`,
    }));
  const best = found[0].setup;
  const points = [...new Set(kit.needles.map((needle) => needle.point))].filter((point) => point !== best.needle.point);
  const needles = points.map((point) => rejectPoint(point, best, { seam, aims }));
  const other = kit.plates.filter((plate) => plate !== best.plate);
  const plates = other.map((plate): Rejected => {
    const strikes = plate === 'straight' && best.stitch !== 'straight';
    return {
      what: `${PLATE[plate].name} plate`,
      code: strikes ? 'interlock.plate-needs-straight' : 'plate.not-needed',
      text: strikes
        ? `${STITCH[best.stitch].name} would hit its one small hole.`
        : 'Changing to it gains nothing here.',
    };
  });
  return [...feet, ...needles, ...plates];
}

/** A risk has to rise by this much to be the reason against a needle. */
const TELLS = 0.15;

function rejectPoint(point: NeedlePoint, best: Setup, { seam, aims }: Pick<Question, 'seam' | 'aims'>): Rejected {
  const [needle] = soldNearest(point, best.needle.nm);
  const answer = (text: string): Rejected => ({ what: needleName(needle), code: `point.${point}`, text });
  const { cost, rule, speaksFor } = aims.point[point];
  if (cost === null && rule) return { ...answer(rule.text), code: rule.id };
  if (isTwin(point) && !seam.operation.twin) return answer('Two needles make two rows: for hems and topstitching.');
  const [worst] = riskChanges(seam, best, { ...best, needle });
  if (worst && worst.more > TELLS) return answer(`${SIGN_TEXT[worst.sign]}: ${lowerFirst(worst.why)}`);
  const chosen = aims.point[best.needle.point].speaksFor;
  if (speaksFor && speaksFor === chosen) return answer('Also works; the chosen one comes in a better size.');
  return answer(chosen ? chosen.text : `${POINT[point].plain}; the chosen point is more usual here.`);
}
