import {
  FOOT,
  type Foot,
  needleName,
  needleThreadFit,
  type Plate,
  sameThread,
  stitchAndSize,
  THICK_OVER_TEX,
  threadName,
} from '../../kit';
import { FEED_TOLERANCE, growthPercent, layerShiftMm, seamNm, threadsCross, thickSeamNm } from '../../physics';
import type { Setup } from '../../setup';
import { aboutMm, formatNeedleSize, formatNumber, formatPercent, mm } from '../../units';
import { loweringFibre } from '../plan/planFor';
import { type ChosenBy, fibreReason, footReason, pointReason } from './choiceReasons';
import type { Question } from '../question';
import { fromRule, type Reason, workedOut } from './reason';
import { stitchReasons } from './sizeReasons';

/**
 * Why each parameter of a setting and its plan is what it is.
 *
 * @param question - opened question
 * @param setup - the setting
 * @param chosen - whether the search chose it or a hand did
 * @returns at least one reason for every parameter, dials first
 */
export function reasonsFor(question: Question, setup: Setup, chosen: ChosenBy = 'best'): Reason[] {
  return [
    ...testedReasons(question),
    ...offsetReasons(question),
    ...needleReasons(question, setup, chosen),
    ...stitchReasons(question, setup, chosen),
    ...carriageReasons(question, setup, chosen),
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
            `${from} passed with ${formatNumber(Math.abs(value), 1)} ${unit} ${value > 0 ? more : less} than the usual rules.`,
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
        ? 'the same fabric and seam'
        : alikePercent > 60
          ? 'nearly the same fabric and seam'
          : 'a fabric like this';
    const where = sameMachine ? 'on this machine' : 'on another machine';
    return workedOut(
      'tested',
      'card.nearest',
      `You tested this before: “${name}” passed on ${near}, ${where}, with ${how}. This setting starts from that card.`,
    );
  });
}

function bobbinReason({ thread, bobbin = thread }: Setup): Reason {
  if (!sameThread(thread, bobbin))
    return workedOut(
      'bobbin',
      'bobbin.all-purpose',
      `The thick thread only shows on top: ${threadName(bobbin)} in the bobbin feeds evenly.`,
    );
  const thick = thread.tex > THICK_OVER_TEX ? ' You have no all-purpose thread for it.' : '';
  return workedOut('bobbin', 'bobbin.same', `The same thread in the bobbin keeps the two in balance.${thick}`);
}

function needleReasons(question: Question, setup: Setup, chosen: ChosenBy): Reason[] {
  const { seam, aims } = question;
  const { needle, thread } = setup;
  const reasons: Reason[] = [
    pointReason(question, setup, chosen),
    sizeReason(seam, setup),
    fibreReason(question, setup, chosen),
    texReason(aims, setup),
    bobbinReason(setup),
  ];
  if (needle.gapMm !== undefined)
    reasons.push(
      workedOut('needle.gapMm', 'twin.gap', `Rows ${needle.gapMm} mm apart: a wider gap pushes up a ridge.`),
    );
  if (question.kit.threads.some((one) => one.cheap && sameThread(one, thread)) && seam.profile.structure === 'knit')
    reasons.push(
      workedOut(
        'thread.fibre',
        'thread.only-cheap',
        'This spool is marked as cheap, and fuzzy thread can make a knit skip on its own. You have no good spool that suits.',
      ),
    );
  return reasons;
}

/** A needle this far from the usual size was taken for another reason, Nm. */
const FAR_NM = 10;

function sizeReason(seam: Question['seam'], { needle, thread }: Setup): Reason {
  const { profile, thicknessMm } = seam;
  const fit = needleThreadFit(thread, needle);
  const usual = seamNm(seam);
  const assumed = (source: string) => (source === 'inferred' ? ' (assumed)' : '');
  const body =
    profile.structure === 'hide'
      ? `${mm(profile.thicknessMm.value)} of leather${assumed(profile.thicknessMm.source)}`
      : `${Math.round(profile.massGsm.value)} g/m²${assumed(profile.massGsm.source)}`;
  const thick = thickSeamNm(thicknessMm) > 0 ? ` in a seam ${mm(thicknessMm)} thick` : '';
  const eye = `the thread fills ${Math.round(fit.fill * 100)}% of its eye: ${fit.verdict}.`;
  const size = formatNeedleSize(needle.nm);
  const text =
    Math.abs(needle.nm - usual) > FAR_NM
      ? `Usual for ${body}${thick} is about Nm ${usual}; of the needles that suit, ${size} is the nearest, and ${eye}`
      : `${size} is near the usual Nm ${usual} for ${body}${thick}, and ${eye}`;
  return workedOut('needle.nm', 'needle.size-by-mass', text);
}

/** A thread this far from what is wanted, as a share of the room there is, was not wanted for its thickness. */
const FAR_TEX = 0.6;

function texReason({ tex }: Question['aims'], { thread }: Setup): Reason {
  const { min, ideal, max } = tex.aim;
  const room = thread.tex < ideal ? ideal - min : max - ideal;
  if (Math.abs(thread.tex - ideal) <= FAR_TEX * Math.max(room, 1)) return fromRule('thread.tex', tex.rule);
  return workedOut(
    'thread.tex',
    'thread.nearest',
    `Usual here is about Tex ${formatNumber(ideal, 0)}; Tex ${formatNumber(thread.tex, 0)} is the closest of your threads that fit a suitable needle.`,
  );
}

function carriageReasons(question: Question, setup: Setup, chosen: ChosenBy): Reason[] {
  const { seam, aims, machine } = question;
  const { foot, plate, pressure } = setup;
  const shift = layerShiftMm(seam, 'standard', pressure);
  const creeps = shift > FEED_TOLERANCE.shiftMm && FOOT[foot].drag < 0.9;
  const light = seam.lightness > 0.3;
  const plateText =
    plate === 'straight'
      ? 'The small hole stops light fabric from being pulled down.'
      : light
        ? 'A small-hole plate would support this light fabric better, if you have one and the stitch is straight.'
        : aims.plate[plate].rule!.text;
  return [
    creeps
      ? workedOut(
          'foot',
          'foot.layer-shift',
          `Under the standard foot the top layer would end about ${aboutMm(shift)} behind over {300 mm}; this foot reduces that to ${aboutMm(layerShiftMm(seam, foot, pressure))}.`,
        )
      : footReason(question, setup, chosen),
    { ...fromRule('plate', aims.plate[plate].rule!), text: plateText },
    ...positionReasons({ aims, machine }, foot, plate),
  ];
}

function positionReasons({ aims, machine }: Pick<Question, 'aims' | 'machine'>, foot: Foot, plate: Plate): Reason[] {
  const wanted = aims.position[foot];
  const parameter = 'needlePositionMm';
  if (plate === 'straight' || !wanted) {
    const text =
      plate === 'straight' && machine.straightHoleMm !== 0
        ? 'Over the hole of the straight-stitch plate: anywhere else the needle hits the plate.'
        : 'In the centre, where the feed teeth hold the fabric on both sides.';
    return [workedOut(parameter, 'needle.position', text)];
  }
  const reason = fromRule(parameter, wanted.rule);
  if (machine.needlePositions > 1) return [reason];
  const fixed = 'This machine’s needle stays in the centre: move the foot instead.';
  return [reason, workedOut(parameter, 'position.fixed', fixed)];
}

function dialReasons({ seam, aims, machine }: Question, { foot, thread, pressure, tensionSteps }: Setup): Reason[] {
  const here = growthPercent(seam, foot, pressure);
  const normal = growthPercent(seam, foot, 0.5);
  const grows = pressure < 0.5 && normal - here > 0.5;
  const more: Reason[] = [];
  if (machine.pressureDial === null)
    more.push(
      workedOut(
        'pressure',
        'pressure.fixed',
        'This machine’s pressure cannot be changed: use a walking or glide-soled foot, tissue or starch instead.',
      ),
    );
  else if (grows)
    more.push(
      workedOut(
        'pressure',
        'pressure.growth',
        `At normal the seam would come out about ${formatPercent(normal)} longer than cut; here about ${formatPercent(here)}.`,
      ),
    );
  const own = seam.operation.tensionSteps;
  const depth = threadsCross(seam, thread, tensionSteps);
  const where =
    Math.abs(depth - 0.5) < 0.08 ? 'in the middle of the fabric' : depth > 0.5 ? 'a little low' : 'a little high';
  const steps =
    tensionSteps === 0
      ? 'Normal tension'
      : `${formatNumber(Math.abs(tensionSteps))} ${tensionSteps > 0 ? 'up' : 'down'} from normal`;
  return [
    own < 0
      ? workedOut('tensionSteps', 'tension.loose', `${steps}: ${seam.operation.name} is sewn a little loose.`)
      : workedOut('tensionSteps', 'tension.balance', `${steps}: the threads should cross ${where}.`),
    pressureReason(aims, pressure),
    ...more,
  ];
}

/** A pressure this far from what is wanted is the nearest mark the dial has, a share. */
const FAR_PRESSURE = 0.13;

function pressureReason({ pressure: { ideal, rule } }: Question['aims'], pressure: number): Reason {
  if (Math.abs(pressure - ideal) <= FAR_PRESSURE) return fromRule('pressure', rule);
  const wanted = ideal < 0.5 ? 'A little less than normal' : ideal > 0.5 ? 'A little more than normal' : 'Normal';
  const text = `${wanted} would be usual here; this is the nearest this machine has.`;
  return workedOut('pressure', 'pressure.nearest', text);
}

function planReasons(question: Question): Reason[] {
  const lowering = loweringFibre(question);
  const { plan, planRules } = question.aims;
  // Which pins: said where there are pins, and not just any.
  const silent = plan.pins === 'standard' || !plan.hold.includes('pins');
  const told = Object.entries(planRules).filter(([key]) => key !== 'pins' || !silent);
  return told.flatMap(([key, rule]) => [
    fromRule(`plan.${key}`, rule),
    ...(key === 'press' && lowering
      ? [workedOut('plan.press', 'press.lowered', `Its ${lowering.fibre} takes ${lowering.ceilingC} °C at most.`)]
      : []),
  ]);
}
