import { clamp } from '../../numbers';
import { fibreGlazes, isCoatWeight, isFineSlippery, loftOf } from '../../cloth';
import { FEET, type Kit, type Machine, PLATES, POINTS, THREAD_FIBRES } from '../../kit';
import type { SeamContext } from '../../physics';
import { STITCHES } from '../../stitch';
import type { SewingPlan } from '../plan/plan';
import { joinAims } from './joinAims';
import type { Aim, Costs, Effect, When } from './ruleTypes';
import type { Aims, Rule, Ruled } from './aimTypes';
import { RULES } from './rules';
import { foldsOf, type Schools } from '../../setup';

/** What a rule may ask about. */
interface Situation {
  seam: SeamContext;
  machine: Machine;
  kit: Kit;
  schools: Schools;
}

const CONDITIONS: { [K in keyof Required<When>]: (wanted: NonNullable<When[K]>, now: Situation) => boolean } = {
  structure: (wanted, { seam }) => wanted.includes(seam.profile.structure),
  family: (wanted, { seam }) => wanted.includes(seam.profile.family),
  kind: (wanted, { seam }) => wanted.includes(seam.operation.id),
  traits: (wanted, { seam }) => wanted.some((trait) => seam.profile.traits.includes(trait)),
  fine: (_, { seam }) => isFineSlippery(seam.profile),
  fibreUnknown: (_, { seam }) => seam.profile.heat.from === 'unknown',
  glazes: (_, { seam: { profile } }) => profile.heat.fibre !== null && fibreGlazes(profile.heat.fibre),
  loftFrom: (wanted, { seam }) => loftOf(seam.profile) >= wanted,
  foldsOnce: (_, { seam }) => foldsOf(seam.profile, seam.asked) === 1,
  coatWeight: (_, { seam }) => isCoatWeight(seam.profile),
  massFrom: (wanted, { seam }) => seam.profile.massGsm.value >= wanted,
  massBelow: (wanted, { seam }) => seam.profile.massGsm.value < wanted,
  thicknessFrom: (wanted, { seam }) => seam.profile.thicknessMm.value >= wanted,
  stretchFrom: (wanted, { seam }) => seam.clothGive >= wanted,
  elastaneFrom: (wanted, { seam }) => (seam.profile.elastane ?? 0) >= wanted,
  recoveryBelow: (wanted, { seam }) => seam.profile.recovery.value < wanted,
  recoveryFrom: (wanted, { seam: { profile } }) =>
    profile.recovery.source === 'measured' && profile.recovery.value >= wanted,
  giveFrom: (wanted, { seam }) => seam.required.percent >= wanted,
  giveUpTo: (wanted, { seam }) => seam.required.percent <= wanted,
  allCotton: (wanted, { seam }) => seam.profile.allCotton === wanted,
  layersFrom: (wanted, { seam }) => seam.layers >= wanted,
  direction: (wanted, { seam }) => seam.asked.direction !== undefined && wanted.includes(seam.asked.direction),
  machineHas: (wanted, { machine }) => machine.stitches.includes(wanted),
  reverse: (wanted, { machine }) => machine.reverse === wanted,
  autoLock: (wanted, { machine }) => machine.autoLock === wanted,
  fixedPressure: (wanted, { machine }) => (machine.pressureDial === null) === wanted,
  overlocker: (wanted, { kit }) => kit.overlocker === wanted,
  school: (wanted, { schools }) =>
    Object.entries(wanted).every(([question, name]) => schools[question as keyof Schools] === name),
};

/** Whether every condition of a rule holds. */
function applies(when: When, now: Situation): boolean {
  return (Object.keys(when) as (keyof When)[]).every((key) => {
    const test = CONDITIONS[key] as (wanted: unknown, now: Situation) => boolean;
    return test(when[key], now);
  });
}

/**
 * What the rules of the trade want for one seam: of two different cloths, what they want of each, joined part by part.
 *
 * @param now - cloth and operation, the machine and kit there are, chosen schools
 * @returns costs, aims and the plan, each with the rule behind it
 */
export function aimsFor(now: Situation): Aims {
  const { seam } = now;
  const [first, second] = seam.each.map((one) => aimsOf({ ...now, seam: one }));
  return seam.each.length === 0 ? aimsOf(now) : joinAims(seam, [first, second]);
}

function aimsOf(now: Situation): Aims {
  const rules = RULES.filter((rule) => applies(rule.when, now));
  const { plan, planRules } = planFrom(rules);
  return {
    point: ruled(POINTS, rules, 'needle.point', 0),
    fibre: ruled(THREAD_FIBRES, rules, 'thread.fibre', null),
    foot: ruled(FEET, rules, 'foot', null),
    plate: ruled(PLATES, rules, 'plate', null),
    stitch: ruled(STITCHES, rules, 'stitch', null),
    tex: last(rules, 'thread.tex'),
    pressure: pressureAt(last(rules, 'pressure'), loftOf(now.seam.profile)),
    length: byStitch(now, 'lengthMm'),
    width: byStitch(now, 'widthMm'),
    position: positions(rules),
    plan,
    planRules,
  };
}

/** Between firm cloth and all air the pressure goes by the loft. */
function pressureAt({ ideal, lofty = ideal, rule }: Of<'pressure'> & { rule: Rule }, loft: number): Aims['pressure'] {
  return { ideal: ideal + (lofty - ideal) * loft, rule };
}

type Of<P extends Effect['parameter']> = Extract<Effect, { parameter: P }>;

function effects<P extends Effect['parameter']>(rules: readonly Rule[], parameter: P): { effect: Of<P>; rule: Rule }[] {
  return rules.flatMap((rule) => (rule.effect.parameter === parameter ? [{ effect: rule.effect as Of<P>, rule }] : []));
}

/** What costs this much more than the usual choice is still recommended beside it (model). */
const RECOMMENDED = 0.15;

function ruled<T extends string>(
  choices: readonly T[],
  rules: Rule[],
  parameter: 'needle.point' | 'thread.fibre' | 'foot' | 'plate' | 'stitch',
  unsaid: number | null,
): Ruled<T> {
  const first = effects(rules, parameter)[0]?.rule ?? null;
  const table = Object.fromEntries(
    choices.map((choice) => [choice, { cost: unsaid, rule: unsaid === null ? null : first, speaksFor: null }]),
  ) as Ruled<T>;
  for (const { effect, rule } of effects(rules, parameter)) {
    const least = Math.min(...Object.values(effect.costs).map((cost) => cost ?? Infinity));
    for (const choice of choices) {
      const { [choice]: named = effect.others } = effect.costs as Costs<T>;
      // What is out stays out, unless a rule names it.
      if (named === undefined || (!(choice in effect.costs) && table[choice].cost === null)) continue;
      const recommends = choice in effect.costs && named !== null && named <= least + RECOMMENDED;
      table[choice] = { cost: named, rule, speaksFor: recommends ? rule : null };
    }
  }
  return table;
}

function last<P extends 'thread.tex' | 'pressure'>(rules: Rule[], parameter: P): Of<P> & { rule: Rule } {
  const { effect, rule } = effects(rules, parameter).at(-1)!;
  return { ...effect, rule };
}

/** Of the sizes every rule speaks as far as its mass counts: between two rules the size glides from one to the other. */
function byStitch(now: Situation, parameter: 'lengthMm' | 'widthMm'): Aims['length'] {
  const all = effects(RULES, parameter).map((one) => ({ ...one, share: shareOf(one.rule.when, now) }));
  const heard = all.filter(({ share }) => share > 0);
  return Object.fromEntries(
    STITCHES.map((stitch) => {
      const own = heard.filter(({ effect }) => !effect.stitches || effect.stitches.includes(stitch));
      const aim = own.reduce((so, { effect, share }) => between(so, effect.aim, share), own[0].effect.aim);
      return [stitch, { aim, rule: own.findLast(({ share }) => share >= 0.5)!.rule }];
    }),
  ) as Aims['length'];
}

const between = (from: Aim, to: Aim, share: number): Aim =>
  share === 1
    ? to
    : {
        min: from.min + (to.min - from.min) * share,
        ideal: from.ideal + (to.ideal - from.ideal) * share,
        max: from.max + (to.max - from.max) * share,
      };

/** A limit of mass fades out over this share of itself, so that a gram more never moves a size at once (model). */
const FADES_OVER = 0.15;

/** How much of a rule holds: all, nothing, or a share where only its limit of mass is missed, and narrowly. */
function shareOf(when: When, now: Situation): number {
  if (applies(when, now)) return 1;
  const { massFrom, massBelow, ...others } = when;
  if ((massFrom === undefined && massBelow === undefined) || !applies(others, now)) return 0;
  const mass = now.seam.profile.massGsm.value;
  const above = massBelow === undefined ? 0 : (mass - massBelow) / (massBelow * FADES_OVER);
  const below = massFrom === undefined ? 0 : (massFrom - mass) / (massFrom * FADES_OVER);
  return clamp(1 - Math.max(above, below), 0, 1);
}

function positions(rules: Rule[]): Aims['position'] {
  return Object.fromEntries(
    effects(rules, 'needlePosition').map(({ effect: { foot, mm, footSide }, rule }) => [foot, { mm, footSide, rule }]),
  );
}

function planFrom(rules: Rule[]): Pick<Aims, 'plan' | 'planRules'> {
  const plan: Record<string, unknown> = {};
  const planRules: Partial<Record<keyof SewingPlan, Rule>> = {};
  for (const rule of rules) {
    if (!rule.effect.parameter.startsWith('plan.')) continue;
    const key = rule.effect.parameter.slice('plan.'.length) as keyof SewingPlan;
    const { value } = rule.effect as { value: unknown };
    // Notes add up; of everything else the last rule speaks.
    plan[key] = key === 'notes' ? [...((plan.notes as string[] | undefined) ?? []), ...(value as string[])] : value;
    planRules[key] = key === 'notes' ? (planRules.notes ?? rule) : rule;
  }
  return { plan: plan as SewingPlan, planRules };
}
