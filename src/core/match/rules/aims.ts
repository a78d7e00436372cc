import {
  FEET,
  type Foot,
  type Kit,
  type Machine,
  type Plate,
  type NeedlePoint,
  POINTS,
  type ThreadFibre,
  THREAD_FIBRES,
  PLATES,
} from '../../kit';
import type { SeamContext } from '../../physics';
import { STITCHES, type StitchId } from '../../stitch';
import type { SewingPlan } from '../plan/plan';
import type { Aim, Costs, Effect, Rule as RuleOf, When } from './ruleTypes';
import { type RuleId, RULES } from './rules';
import type { Schools } from '../../setup';

type Rule = RuleOf<RuleId>;

/** What each choice costs by the rules, and which rule said so. Cost null: not for this seam. */
export type Ruled<T extends string> = Record<T, { cost: number | null; rule: Rule | null }>;

/** A length or width the rules want; `moved` says what took it from there. */
export interface Sized {
  aim: Aim;
  rule: Rule;
  moved?: 'curve' | 'dial';
}

/** What the rules want of this seam. */
export interface Aims {
  point: Ruled<NeedlePoint>;
  fibre: Ruled<ThreadFibre>;
  foot: Ruled<Foot>;
  plate: Ruled<Plate>;
  stitch: Ruled<StitchId>;
  tex: { aim: Aim; rule: Rule };
  pressure: { ideal: number; rule: Rule };
  length: Record<StitchId, Sized>;
  width: Record<StitchId, Sized>;
  /** Where a foot wants the needle; feet not named leave it in the centre. */
  position: Partial<Record<Foot, { mm: number; footSide: 'left' | 'right'; rule: Rule }>>;
  plan: SewingPlan;
  planRules: Partial<Record<keyof SewingPlan, Rule>>;
}

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
 * What the rules of the trade want for one seam.
 *
 * @param now - cloth and operation, the machine and kit there are, chosen schools
 * @returns costs, aims and the plan, each with the rule behind it
 */
export function aimsFor(now: Situation): Aims {
  const rules = RULES.filter((rule) => applies(rule.when, now));
  const { plan, planRules } = planFrom(rules);
  return {
    point: ruled(POINTS, rules, 'needle.point', 0),
    fibre: ruled(THREAD_FIBRES, rules, 'thread.fibre', null),
    foot: ruled(FEET, rules, 'foot', null),
    plate: ruled(PLATES, rules, 'plate', null),
    stitch: ruled(STITCHES, rules, 'stitch', null),
    tex: last(rules, 'thread.tex'),
    pressure: last(rules, 'pressure'),
    length: byStitch(rules, 'lengthMm'),
    width: byStitch(rules, 'widthMm'),
    position: positions(rules),
    plan,
    planRules,
  };
}

type Of<P extends Effect['parameter']> = Extract<Effect, { parameter: P }>;

function effects<P extends Effect['parameter']>(rules: Rule[], parameter: P): { effect: Of<P>; rule: Rule }[] {
  return rules.flatMap((rule) => (rule.effect.parameter === parameter ? [{ effect: rule.effect as Of<P>, rule }] : []));
}

function ruled<T extends string>(
  choices: readonly T[],
  rules: Rule[],
  parameter: 'needle.point' | 'thread.fibre' | 'foot' | 'plate' | 'stitch',
  unsaid: number | null,
): Ruled<T> {
  const first = effects(rules, parameter)[0]?.rule ?? null;
  const table = Object.fromEntries(
    choices.map((choice) => [choice, { cost: unsaid, rule: unsaid === null ? null : first }]),
  ) as Ruled<T>;
  for (const { effect, rule } of effects(rules, parameter)) {
    for (const choice of choices) {
      const { [choice]: named = effect.others } = effect.costs as Costs<T>;
      // What is out stays out, unless a rule names it.
      if (named === undefined || (!(choice in effect.costs) && table[choice].cost === null)) continue;
      table[choice] = { cost: named, rule };
    }
  }
  return table;
}

function last<P extends 'thread.tex' | 'pressure'>(rules: Rule[], parameter: P): Of<P> & { rule: Rule } {
  const { effect, rule } = effects(rules, parameter).at(-1)!;
  return { ...effect, rule };
}

function byStitch(rules: Rule[], parameter: 'lengthMm' | 'widthMm'): Aims['length'] {
  const all = effects(rules, parameter);
  return Object.fromEntries(
    STITCHES.map((stitch) => {
      const { effect, rule } = all.findLast((a) => !a.effect.stitches || a.effect.stitches.includes(stitch))!;
      return [stitch, { aim: effect.aim, rule }];
    }),
  ) as Aims['length'];
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
