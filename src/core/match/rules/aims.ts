import { isCoatWeight, isFineSlippery, loftOf } from '../../cloth';
import { FEET, type Kit, type Machine, PLATES, POINTS, THREAD_FIBRES } from '../../kit';
import type { SeamContext } from '../../physics';
import { STITCHES } from '../../stitch';
import type { SewingPlan } from '../plan/plan';
import { joinAims } from './joinAims';
import type { Costs, Effect, When } from './ruleTypes';
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
  glazes: (_, { seam }) => seam.profile.heat.fibre?.trim().toLowerCase() === 'polyester',
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
    length: byStitch(rules, 'lengthMm'),
    width: byStitch(rules, 'widthMm'),
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
