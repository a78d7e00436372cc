import { FOOT, type Foot, needleName, PLATE, POINT, type NeedlePoint, stitchReading } from '../../kit';
import { giveOfSetup, type Risk, tellRisks } from '../../physics';
import type { Setup } from '../../setup';
import { SIGN_TEXT, STITCH, stitchFacts, type StitchId, STITCHES } from '../../stitch';
import { hazardsOf } from './assess';
import { cautiousGive, fallsShort } from '../search/stitchSize';
import type { Question } from '../question';
import type { Rejected } from './rejected';
import type { Scored, SearchResult } from '../search/search';

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
    return [{ setup: other.setup, why, loses: losses(question, best, other) }];
  });
}

function losses(question: Question, best: Scored, other: Scored): string {
  const level = (risks: Risk[], sign: Risk['sign']) => risks.find((r) => r.sign === sign)?.level ?? 0;
  const before = tellRisks(hazardsOf(question.seam, best.setup), 0);
  const after = tellRisks(hazardsOf(question.seam, other.setup), 0);
  const worse = after
    .map((risk) => ({ ...risk, more: risk.level - level(before, risk.sign) }))
    .filter((risk) => risk.more > 0.05)
    .sort((a, b) => b.more - a.more)[0];
  if (worse) return `More risk of: ${SIGN_TEXT[worse.sign].toLowerCase()}. ${worse.why}`;
  const [bestLow] = giveOfSetup(question.seam, best.setup);
  const [low] = giveOfSetup(question.seam, other.setup);
  if (question.seam.required.percent > 0 && low < bestLow - 1)
    return `Gives ${Math.floor(low)} % instead of ${Math.floor(bestLow)} %.`;
  return 'Not the usual choice for this cloth; nothing else is lost.';
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
  const { seam, machine, aims } = question;
  return STITCHES.flatMap((stitch): Rejected[] => {
    const what = stitchReading(machine, stitch);
    const known = found.find((f) => f.setup.stitch === stitch);
    if (known && !fallsShort(known.cost)) return [];
    if (!machine.stitches.includes(stitch))
      return [{ what, code: 'stitch.not-on-machine', text: 'This machine does not have it.' }];
    const low = known ? giveOfSetup(seam, known.setup)[0] : usualGive(question, stitch);
    if (low < seam.required.percent) {
      return [
        {
          what,
          code: 'give.short',
          text: `Would pop: gives about ${Math.floor(low)} % at the cautious end, the seam needs ${seam.required.percent} %.`,
        },
      ];
    }
    const ruled = aims.stitch[stitch];
    if (ruled.cost === null) {
      return [
        {
          what,
          code: ruled.rule?.id ?? 'stitch.other-purpose',
          text: ruled.rule?.text ?? 'It is made for another purpose.',
        },
      ];
    }
    return [
      {
        what,
        code: 'stitch.no-way',
        text: 'No foot, plate, needle and length in this kit lets it be sewn here.',
      },
    ];
  });
}

/**
 * What a stitch would give at its usual size with all-purpose thread, for stitches the rules took out unsearched.
 *
 * @param question - opened question
 * @param stitch - the stitch
 * @returns cautious give in percent
 */
export function usualGive(question: Question, stitch: StitchId): number {
  const { length, width } = question.aims;
  const widthMm = stitchFacts(stitch).swings ? width[stitch].aim.ideal : 0;
  return cautiousGive(question, stitch, { lengthMm: length[stitch].aim.ideal, widthMm }, { fibre: 'polyester' }).low;
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
  const needles = points.map((point) => rejectPoint(point, best, seam));
  const other = kit.plates.filter((plate) => plate !== best.plate);
  const plates = other.map((plate): Rejected => {
    const strikes = plate === 'straight' && best.stitch !== 'straight';
    return {
      what: `${PLATE[plate].name} plate`,
      code: strikes ? 'interlock.plate-needs-straight' : 'plate.not-needed',
      text: strikes
        ? `${STITCH[best.stitch].name} would strike its one small hole.`
        : 'Nothing here is gained by changing to it.',
    };
  });
  return [...feet, ...needles, ...plates];
}

function rejectPoint(point: NeedlePoint, best: Setup, seam: Question['seam']): Rejected {
  const nm = POINT[point].sizes.reduce((a, b) => (Math.abs(b - best.needle.nm) < Math.abs(a - best.needle.nm) ? b : a));
  const gapMm = POINT[point].gapsMm[0];
  const needle = gapMm === undefined ? { point, nm } : { point, nm, gapMm };
  const level = (of: Setup) => new Map(tellRisks(hazardsOf(seam, of), 0).map((r) => [r.sign, r]));
  const now = level(best);
  const worse = [...level({ ...best, needle }).values()]
    .map((risk) => ({ risk, more: risk.level - (now.get(risk.sign)?.level ?? 0) }))
    .sort((a, b) => b.more - a.more)[0];
  const text =
    worse && worse.more > 0.03
      ? `${SIGN_TEXT[worse.risk.sign]}: ${worse.risk.why}`
      : `${POINT[point].plain}; the chosen point is more usual here.`;
  return { what: needleName(needle), code: `point.${point}`, text: text[0].toUpperCase() + text.slice(1) };
}
