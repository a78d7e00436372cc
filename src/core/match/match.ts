import { machineReads, POINT, POINTS } from '../kit';
import { giveOfSetup } from '../physics';
import type { Blocked } from '../result';
import { formatPercent, mm } from '../units';
import { alternativesTo, rejectedBy } from './explain/alternatives';
import { assessAnswer } from './explain/assessAnswer';
import { cautionsFor } from './explain/cautions';
import { confidenceIn } from './explain/confidence';
import { fallsShort, usualGive } from './search/stitchSize';
import { giveAnswer } from './explain/giveAnswer';
import type { MatchAnswer, MatchOutput, MatchSharpening } from './output';
import { planFor } from './plan/planFor';
import { type MatchInput, openQuestion, type Question } from './question';
import { reasonsFor } from './explain/reasons';
import type { Scored, SearchResult } from './search/search';
import { bestSettings } from './search/bestSettings';
import { measureNext, missingThings } from './explain/sharpen';

/** A seam that gives less than this share of what it must is not offered at all. */
const NEARLY_ENOUGH = 0.75;

/**
 * The best setting for a cloth and a seam, with reasons, other ways and what stands in the way.
 *
 * One exact search over the kit and the machine's own steps. Nothing is returned that an interlock would close on;
 * when nothing safe is possible `setup` is null and `blocked` says why.
 *
 * @param input - checked input
 * @returns the answer without the parts that need further searches (see `sharpen`)
 */
export function answer(input: MatchInput): MatchAnswer {
  const question = openQuestion(input);
  const found = bestSettings(question);
  const best = safeBest(question, found);
  return best ? answerWith(question, found, best) : answerBlocked(question, found);
}

/**
 * What to measure next and what one more thing in the kit would gain.
 *
 * Some fifteen further searches, so it is apart from `answer`: a screen shows the setting first.
 *
 * @param input - checked input
 * @returns both lists, the most useful first
 */
export function sharpen(input: MatchInput): MatchSharpening {
  const question = openQuestion(input);
  const found = bestSettings(question);
  const best = safeBest(question, found);
  return {
    missing: missingThings(question, found[0] ?? null),
    measureNext: best ? measureNext(question, best.setup) : [],
  };
}

/**
 * The whole answer to a match question.
 *
 * @param input - checked input
 * @returns everything of `answer` and `sharpen`
 */
export function match(input: MatchInput): MatchOutput {
  return { ...answer(input), ...sharpen(input) };
}

function safeBest({ seam }: Question, found: SearchResult): Scored | null {
  const best = found[0];
  if (!best || asksTooMuch(seam)) return null;
  if (!fallsShort(best.cost)) return best;
  return giveOfSetup(seam, best.setup)[0] >= NEARLY_ENOUGH * seam.required.percent ? best : null;
}

/** No stitch helps where the cloth itself does not stretch so far. */
const asksTooMuch = ({ required, giveLimit }: Question['seam']) => required.percent > giveLimit + 0.5;

function answerWith(question: Question, found: SearchResult, best: Scored): MatchAnswer {
  const { machine } = question;
  const { setup } = best;
  const { risks } = assessAnswer(question, setup);
  const confidence = confidenceIn(question, risks);
  const short = fallsShort(best.cost)
    ? [
        'At the cautious end this stretches a little less than the seam needs. Stretch a scrap until it pops before you trust it.',
      ]
    : [];
  return {
    setup,
    machineReads: machineReads(machine, setup),
    plan: planFor(question, setup),
    give: giveAnswer(question, setup),
    risks,
    reasons: reasonsFor(question, setup),
    alternatives: alternativesTo(question, found),
    rejected: rejectedBy(question, found),
    blocked: [],
    cautions: [...short, ...cautionsFor(question, setup)],
    confidence: confidence.value,
    confidenceDrivers: confidence.drivers,
  };
}

function answerBlocked(question: Question, found: SearchResult): MatchAnswer {
  const { seam } = question;
  const estimate: [number, number] = found[0] ? giveOfSetup(seam, found[0].setup) : [bestUsualGive(question), 0];
  estimate[1] = Math.max(...estimate);
  return {
    setup: null,
    machineReads: null,
    plan: planFor(question, null),
    give: { required: seam.required.percent, assumed: seam.required.assumed, estimate },
    risks: [],
    reasons: [],
    alternatives: [],
    rejected: rejectedBy(question, found),
    blocked: blockedBy(question, estimate[0]),
    cautions: [],
    confidence: 0,
    confidenceDrivers: ['Bobbet finds no safe settings with this machine and what you own'],
  };
}

function blockedBy(question: Question, low: number): Blocked[] {
  const { kit, machine, seam, aims } = question;
  const empty = (['needles', 'threads', 'feet', 'plates'] as const)
    .filter((part) => kit[part].length === 0)
    .map((part): Blocked => ({ code: `kit.${part}-empty`, text: `You have no ${part}.` }));
  if (empty.length > 0) return empty;
  if (asksTooMuch(seam)) {
    const most = Math.floor(seam.giveLimit);
    const text = `The fabric itself stretches ${most}% at most along this seam. Ask for less stretch, or use a fabric that stretches more.`;
    return [{ code: 'cloth.stretches-less', text, limit: most, actual: seam.required.percent, unit: '%' }];
  }
  if (curveStopsIt(question)) return [curveTooTight(seam.asked.radiusMm ?? 0, seam.required.percent)];
  if (low < seam.required.percent) {
    const text = `The best this machine and your kit can sew stretches about ${Math.floor(low)}% at the cautious end; the seam must stretch ${seam.required.percent}%.`;
    return [
      {
        code: 'give.short',
        text,
        limit: seam.required.percent,
        actual: Math.round(low * 10) / 10,
        unit: '%',
      },
    ];
  }
  const lift = machine.footLiftMm + machine.extraLiftMm;
  if (seam.underFootMm > lift) {
    const text = seam.crossing
      ? 'Even hammered flat and graded, this crossing is higher than the foot can lift, so this machine cannot sew it. Take layers out, or sew those few stitches by hand.'
      : 'The layers are thicker than the foot can lift.';
    return [
      {
        code: 'interlock.layers-over-lift',
        text,
        limit: lift,
        actual: Math.round(seam.thicknessMm * 10) / 10,
        unit: 'mm',
      },
    ];
  }
  return [noSafeWay({ kit, machine, aims, seam })];
}

/** Whether the same seam could be sewn if it were straight. */
function curveStopsIt({ input, seam }: Question): boolean {
  if (seam.asked.radiusMm === undefined) return false;
  const straight = openQuestion({ ...input, operation: { ...input.operation, radiusMm: undefined } });
  return safeBest(straight, bestSettings(straight)) !== null;
}

function curveTooTight(radiusMm: number, percent: number): Blocked {
  const gives = percent > 0 ? ` and still stretches ${formatPercent(percent)}` : '';
  const text = `No stitch for this can follow a radius of ${mm(radiusMm)}${gives}: the width can be half the radius at most. Make the curve wider, or sew it by hand.`;
  return { code: 'stitch.curve-too-tight', text, actual: radiusMm, unit: 'mm' };
}

function noSafeWay({ kit, machine, aims, seam }: Pick<Question, 'kit' | 'machine' | 'aims' | 'seam'>): Blocked {
  const stitches = machine.stitches.filter((stitch) => aims.stitch[stitch].cost !== null);
  if (stitches.length === 0)
    return { code: 'machine.no-stitch', text: `This machine has no stitch for ${seam.operation.name}.` };
  if (!kit.feet.some((foot) => aims.foot[foot].cost !== null)) {
    return { code: 'kit.no-foot', text: `You have no foot for ${seam.operation.name}.` };
  }
  if (!kit.needles.some(({ point }) => aims.point[point].cost !== null)) {
    const usual = POINTS.filter((point) => aims.point[point].cost === 0);
    const text = `You have no needle for this: ${kit.needles.length === 1 ? 'the one there is' : 'those there are'} would be pushed aside or cut it. Use a ${usual.map((point) => POINT[point].name.toLowerCase()).join(' or ')} needle.`;
    return { code: 'kit.no-needle', text };
  }
  if (!kit.plates.some((plate) => plate !== 'straight' && machine.plates.includes(plate))) {
    const text =
      'A straight stitch does not stretch enough here, and every other stitch needs the standard plate, which you do not have.';
    return { code: 'kit.needs-plate', text };
  }
  return {
    code: 'kit.no-safe-way',
    text: 'No combination of your needles, threads, feet and plates is safe on this machine.',
  };
}

/** The most any stitch of the machine would give at its usual size. */
function bestUsualGive(question: Question): number {
  return Math.max(0, ...question.machine.stitches.map((stitch) => usualGive(question, stitch)));
}
