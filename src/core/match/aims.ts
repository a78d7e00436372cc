import { FEET, type Foot, type Machine, type Plate, type Point, POINTS, type ThreadFibre, THREAD_FIBRES } from '../kit';
import { PLATES } from '../kit';
import type { SeamContext } from '../physics';
import { STITCHES, type StitchId } from '../stitch';
import type { Plan } from './plan';
import type { Aim, Effect, Rule, When } from './ruleTypes';
import { PART_RULES } from './rules/partRules';
import { PLAN_RULES } from './rules/planRules';
import { STITCH_RULES } from './rules/stitchRules';
import type { Schools } from './schools';

/** Every rule, general ones first: a later rule overrides an earlier one where both speak. */
export const RULES: readonly Rule[] = [...STITCH_RULES, ...PART_RULES, ...PLAN_RULES];

/** What each choice costs by the rules, and which rule said so. Cost null: not for this seam. */
export type Ruled<T extends string> = Record<T, { cost: number | null; rule: Rule | null }>;

/** What the rules want of this seam. */
export interface Aims {
  point: Ruled<Point>;
  fibre: Ruled<ThreadFibre>;
  foot: Ruled<Foot>;
  plate: Ruled<Plate>;
  stitch: Ruled<StitchId>;
  tex: { aim: Aim; rule: Rule };
  pressure: { ideal: number; rule: Rule };
  length: Record<StitchId, { aim: Aim; rule: Rule }>;
  width: Record<StitchId, { aim: Aim; rule: Rule }>;
  plan: Omit<Plan, 'notes'>;
  planRules: Partial<Record<keyof Plan, Rule>>;
}

const CONDITIONS: {
  [K in keyof Required<When>]: (wanted: NonNullable<When[K]>, s: SeamContext, m: Machine, c: Schools) => boolean;
} = {
  structure: (wanted, { profile }) => wanted.includes(profile.structure),
  family: (wanted, { profile }) => wanted.includes(profile.family),
  kind: (wanted, { operation }) => wanted.includes(operation.id),
  traits: (wanted, { profile }) => wanted.some((trait) => profile.traits.includes(trait)),
  massFrom: (wanted, { profile }) => profile.massGsm.value >= wanted,
  massBelow: (wanted, { profile }) => profile.massGsm.value < wanted,
  thicknessFrom: (wanted, { profile }) => profile.thicknessMm.value >= wanted,
  stretchFrom: (wanted, { clothGive }) => clothGive >= wanted,
  elastaneFrom: (wanted, { profile }) => (profile.elastane ?? 0) >= wanted,
  recoveryBelow: (wanted, { profile }) => profile.recovery.value < wanted,
  recoveryFrom: (wanted, { profile }) => profile.recovery.source === 'measured' && profile.recovery.value >= wanted,
  giveFrom: (wanted, { required }) => required.percent >= wanted,
  giveUpTo: (wanted, { required }) => required.percent <= wanted,
  allCotton: (wanted, { profile }) => profile.allCotton === wanted,
  reverse: (wanted, _, machine) => machine.reverse === wanted,
  school: (wanted, _, __, chosen) => chosen[wanted.question] === wanted.name,
};

/** Whether every condition of a rule holds. */
function applies(when: When, seam: SeamContext, machine: Machine, schools: Schools): boolean {
  return (Object.keys(when) as (keyof When)[]).every((key) => {
    const test = CONDITIONS[key] as (wanted: unknown, s: SeamContext, m: Machine, c: Schools) => boolean;
    return test(when[key], seam, machine, schools);
  });
}

/**
 * What the rules of the trade want for one seam.
 *
 * @param seam - cloth and operation
 * @param machine - the machine, for rules that depend on what it can do
 * @param schools - chosen schools
 * @returns costs, aims and the plan, each with the rule behind it
 */
export function aimsFor(seam: SeamContext, machine: Machine, schools: Schools): Aims {
  const rules = RULES.filter((rule) => applies(rule.when, seam, machine, schools));
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
    for (const [choice, cost] of Object.entries(effect.costs) as [T, number | null][]) table[choice] = { cost, rule };
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

function planFrom(rules: Rule[]): Pick<Aims, 'plan' | 'planRules'> {
  const plan: Record<string, unknown> = {};
  const planRules: Partial<Record<keyof Plan, Rule>> = {};
  for (const rule of rules) {
    if (!rule.effect.parameter.startsWith('plan.')) continue;
    const key = rule.effect.parameter.slice('plan.'.length) as keyof Plan;
    plan[key] = (rule.effect as { value: unknown }).value;
    planRules[key] = rule;
  }
  return { plan: plan as Omit<Plan, 'notes'>, planRules };
}
