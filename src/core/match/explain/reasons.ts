import {
  FIBRE,
  FOOT,
  type Foot,
  needleName,
  needleThreadFit,
  type Plate,
  POINT,
  sameThread,
  stitchAndSize,
  THICK_OVER_TEX,
  threadName,
} from '../../kit';
import {
  giveOfSetup,
  FEED_TOLERANCE,
  growthPercent,
  layerShiftMm,
  threadsCross,
  thickSeamNm,
  usualNm,
} from '../../physics';
import type { Setup } from '../../setup';
import { STITCH } from '../../stitch';
import { formatNeedleSize, formatNumber } from '../../units';
import { loweringFibre } from '../plan/planFor';
import type { Question } from '../question';
import type { Sized } from '../rules/aimTypes';
import type { Rule } from '../rules/ruleTypes';
import type { RuleId } from '../rules/rules';
import { type Reason, workedOut } from './reason';

const fromRule = (parameter: string, rule: Rule<RuleId>, more = ''): Reason => ({
  parameter,
  rule: rule.id,
  text: more ? `${rule.text} ${more}` : rule.text,
  provenance: rule.provenance,
});

/** The rule behind a choice; a part that no rule speaks of was made for another job. */
const fromChoice = (parameter: string, rule: Rule<RuleId> | null, plain: string, more = ''): Reason =>
  rule
    ? fromRule(parameter, rule, more)
    : workedOut(parameter, 'part.other-purpose', `${plain}: not what is usual here.`);

/**
 * Why each parameter of a setting and its plan is what it is.
 *
 * @param question - opened question
 * @param setup - the setting
 * @param chosen - whether the search chose it or a hand did
 * @returns at least one reason for every parameter, dials first
 */
export function reasonsFor(question: Question, setup: Setup, chosen: 'best' | 'by-hand' = 'best'): Reason[] {
  return [
    ...testedReasons(question),
    ...offsetReasons(question),
    ...needleReasons(question, setup),
    ...stitchReasons(question, setup, chosen),
    ...carriageReasons(question, setup),
    ...dialReasons(question, setup),
    ...planReasons(question),
  ];
}

/** What the machine's own cards have in common, in words. */
function offsetReasons({ input: { learned } }: Question): Reason[] {
  if (!learned) return [];
  const from = `${learned.cards} ${learned.cards === 1 ? 'card' : 'cards'} of this machine`;
  const told = (
    parameter: 'tensionSteps' | 'pressure',
    value: number | undefined,
    unit: string,
    more: string,
    less: string,
  ): Reason[] =>
    value === undefined || Math.abs(value) < 0.05
      ? []
      : [
          workedOut(
            parameter,
            `card.offset-${parameter}`,
            `${from} passed with ${formatNumber(Math.abs(value), 1)} ${unit} ${value > 0 ? more : less} than the rules say.`,
          ),
        ];
  return [
    ...told('tensionSteps', learned.tensionSteps, 'steps of tension', 'more', 'less'),
    ...told('pressure', learned.pressure && 100 * learned.pressure, '% of the pressure', 'more', 'less'),
  ];
}

/** The person's own proof comes first: it beats every rule and model. */
function testedReasons({ learned, machine }: Question): Reason[] {
  return learned.near.map(({ card, alikePercent, sameMachine }) => {
    const { setup } = card;
    const name = card.name ?? card.cloth.name ?? 'a tested card';
    const how = `${stitchAndSize(sameMachine ? machine : undefined, setup, 'within')}, ${needleName(setup.needle).toLowerCase()}`;
    const near =
      alikePercent === 100
        ? 'the same cloth and seam'
        : alikePercent > 60
          ? 'nearly this cloth and seam'
          : 'a cloth like this';
    const where = sameMachine ? 'on this machine' : 'on another machine';
    return workedOut(
      'tested',
      'card.nearest',
      `Your card “${name}” passed on ${near}, ${where}, with ${how}. The start is moved towards it.`,
    );
  });
}

function bobbinReason({ thread, bobbin = thread }: Setup): Reason {
  if (!sameThread(thread, bobbin))
    return workedOut(
      'bobbin',
      'bobbin.all-purpose',
      `The thick thread shows from above only: ${threadName(bobbin)} below feeds evenly.`,
    );
  const thick = thread.tex > THICK_OVER_TEX ? ' No all-purpose thread is owned for it.' : '';
  return workedOut('bobbin', 'bobbin.same', `The same thread in the bobbin keeps the two in balance.${thick}`);
}

function needleReasons({ seam, aims }: Question, setup: Setup): Reason[] {
  const { needle, thread } = setup;
  const fit = needleThreadFit(thread, needle);
  const mass = `${Math.round(seam.profile.massGsm.value)} g/m²${seam.profile.massGsm.source === 'inferred' ? ' (assumed)' : ''}`;
  const point = aims.point[needle.point].rule;
  const { name, plain } = POINT[needle.point];
  const reasons: Reason[] = [
    fromChoice('needle.point', point, name, point && point.text.length < 60 ? `${name}: ${plain}.` : ''),
    workedOut(
      'needle.nm',
      'needle.size-by-mass',
      `${formatNeedleSize(needle.nm)} is near the usual Nm ${usualNm(seam.profile) + thickSeamNm(seam.thicknessMm)} for ${mass}${thickSeamNm(seam.thicknessMm) > 0 ? ` in a seam ${formatNumber(seam.thicknessMm)} mm thick` : ''}, and the thread fills ${Math.round(fit.fill * 100)} % of its eye: ${fit.verdict}.`,
    ),
    fromChoice('thread.fibre', aims.fibre[thread.fibre].rule, FIBRE[thread.fibre].name),
    fromRule('thread.tex', aims.tex.rule),
    bobbinReason(setup),
  ];
  if (needle.gapMm !== undefined) {
    reasons.push(
      workedOut('needle.gapMm', 'twin.gap', `Rows ${needle.gapMm} mm apart: a wider gap pushes up a ridge.`),
    );
  }
  return reasons;
}

function stitchReasons(question: Question, setup: Setup, chosen: 'best' | 'by-hand'): Reason[] {
  const { seam, aims } = question;
  const { stitch, lengthMm, widthMm } = setup;
  const [low, high] = giveOfSetup(seam, setup).map(Math.floor);
  const needs = seam.required.percent;
  const give = needs > 0 ? `It gives ${low} to ${high} % here; the seam needs ${needs} %.` : '';
  const moved = (value: number, ideal: number) => Math.abs(value - ideal) > 0.15;
  const movedText = (ideal: number, why: string) =>
    chosen === 'best'
      ? `Moved from ${formatNumber(ideal)} mm ${why}.`
      : `Moved by hand; usual here is ${formatNumber(ideal)} mm.`;
  const length = aims.length[stitch];
  const width = aims.width[stitch];
  const why = (sized: Sized, value: number, wanted: number, more: string, onCurve: string) => {
    if (moved(value, sized.aim.ideal)) return movedText(sized.aim.ideal, more);
    if (sized.moved === 'curve') return `${onCurve} for a curve of ${formatNumber(seam.asked.radiusMm ?? 0)} mm.`;
    return sized.moved === 'dial' ? `The nearest mark of this dial to ${formatNumber(wanted)} mm.` : '';
  };
  const reasons = [
    fromChoice('stitch', aims.stitch[stitch].rule, STITCH[stitch].name, give),
    fromRule(
      'lengthMm',
      length.rule,
      why(
        length,
        lengthMm,
        question.wanted.length[stitch].aim.ideal,
        'for give and density',
        'Shortened so that it stays on the line and can be steered,',
      ),
    ),
  ];
  if (widthMm === 0) {
    reasons.push(workedOut('widthMm', 'width.none', `${STITCH[stitch].name} has no width.`));
  } else {
    reasons.push(
      fromRule(
        'widthMm',
        width.rule,
        why(
          width,
          widthMm,
          question.wanted.width[stitch].aim.ideal,
          'so that it gives enough',
          'Narrowed to half the radius',
        ),
      ),
    );
  }
  return reasons;
}

function carriageReasons({ seam, aims, machine }: Question, { foot, plate, pressure }: Setup): Reason[] {
  const shift = layerShiftMm(seam, 'standard', pressure);
  const creeps = shift > FEED_TOLERANCE.shiftMm && FOOT[foot].drag < 0.9;
  const light = seam.lightness > 0.3;
  const plateText =
    plate === 'straight'
      ? 'The small hole keeps light cloth from being drawn down.'
      : light
        ? 'The small-hole plate would hold this light cloth up better, where one is owned and the stitch is straight.'
        : aims.plate[plate].rule!.text;
  return [
    creeps
      ? workedOut(
          'foot',
          'foot.layer-shift',
          `Under the standard foot the top layer would end about ${formatNumber(shift)} mm behind over 300 mm; this foot holds that to ${formatNumber(layerShiftMm(seam, foot, pressure))} mm.`,
        )
      : fromChoice('foot', aims.foot[foot].rule, `${FOOT[foot].name} foot, ${FOOT[foot].plain}`),
    { ...fromRule('plate', aims.plate[plate].rule!), text: plateText },
    positionReason({ aims, machine }, foot, plate),
  ];
}

function positionReason({ aims, machine }: Pick<Question, 'aims' | 'machine'>, foot: Foot, plate: Plate): Reason {
  const wanted = aims.position[foot];
  if (plate === 'straight' || !wanted) {
    const text =
      plate === 'straight' && machine.straightHoleMm !== 0
        ? 'Over the hole of the straight-stitch plate: anywhere else the needle strikes it.'
        : 'In the centre, where feed teeth hold the cloth on both sides.';
    return workedOut('needlePositionMm', 'needle.position', text);
  }
  const fixed =
    machine.needlePositions === 1 ? 'This machine’s needle stands in the centre only: move the foot instead.' : '';
  return fromRule('needlePositionMm', wanted.rule, fixed);
}

function dialReasons({ seam, aims, machine }: Question, { foot, thread, pressure, tensionSteps }: Setup): Reason[] {
  const here = growthPercent(seam, foot, pressure);
  const normal = growthPercent(seam, foot, 0.5);
  const grows = pressure < 0.5 && normal - here > 0.5;
  const fixed =
    machine.pressureDial === null
      ? 'This machine’s pressure is fixed: a walking or glide-soled foot, tissue or starch stand in for it.'
      : '';
  const own = seam.operation.tensionSteps;
  const depth = threadsCross(seam, thread, tensionSteps);
  const where =
    Math.abs(depth - 0.5) < 0.08 ? 'in the middle of the cloth' : depth > 0.5 ? 'a little low' : 'a little high';
  const steps =
    tensionSteps === 0
      ? 'Normal tension'
      : `${formatNumber(Math.abs(tensionSteps))} ${tensionSteps > 0 ? 'up' : 'down'} from normal`;
  return [
    own < 0
      ? workedOut('tensionSteps', 'tension.loose', `${steps}: ${seam.operation.name} is sewn a little loose.`)
      : workedOut('tensionSteps', 'tension.balance', `${steps}: by the estimate the threads cross ${where}.`),
    fromRule(
      'pressure',
      aims.pressure.rule,
      fixed ||
        (grows
          ? `At normal the seam would come out about ${formatNumber(normal)} % longer than it was cut; here about ${formatNumber(here)} %.`
          : ''),
    ),
  ];
}

function planReasons(question: Question): Reason[] {
  const lowering = loweringFibre(question);
  return Object.entries(question.aims.planRules).map(([key, rule]) => {
    const more = key === 'press' && lowering ? `Its ${lowering.fibre} takes ${lowering.ceilingC} °C at most.` : '';
    return fromRule(`plan.${key}`, rule, more);
  });
}
