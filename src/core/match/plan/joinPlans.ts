import { holdText } from '../../kit';
import { type ClothProfile, FAMILY, isFineSlippery, STRUCTURE } from '../../cloth';
import type { SeamContext } from '../../physics';
import { lowerFirst, upperFirst } from '../../units';
import type { Aims } from '../rules/aimTypes';
import { PAIR_SEAMS } from './pairSeams';
import type { SewingPlan } from './plan';

type Joined = Pick<Aims, 'plan' | 'planRules'>;

/** How an end is held: what a delicate cloth needs before what a sturdy one could take. */
const SECURES: readonly SewingPlan['secure'][] = [
  'none',
  'tails-to-back',
  'knot',
  'short-stitch',
  'lock',
  'back-stitch',
];
const STEAM: readonly SewingPlan['press']['steam'][] = ['no', 'little', 'yes'];
const SPEEDS: readonly SewingPlan['speed'][] = ['slow', 'steady', 'free'];
/** The rules for a start, the most careful first. */
const STARTS = ['start.leader', 'start.pile', 'start.sheer', 'start.skins', 'start.knit'] as const;

/**
 * Names for the two cloths of a seam, as the person calls them.
 *
 * @param each - the first and the second cloth
 * @returns two different names
 */
export function pairNames(each: readonly { name: string }[]): [string, string] {
  const [first, second] = each.map(({ name }) => name);
  return first === second ? ['the first fabric', 'the second fabric'] : [first, second];
}

/**
 * One plan for a seam of two different cloths: the more careful way of each part, and by name what each cloth needs by itself.
 *
 * @param seam - the seam, with each cloth by itself
 * @param both - what the rules want of the first and of the second
 * @returns the plan, and the rule behind each of its parts
 */
export function joinPlans({ each, operation }: SeamContext, both: readonly [Joined, Joined]): Joined {
  const [one, other] = both.map(({ plan }) => plan);
  const profiles = each.map(({ profile }) => profile);
  const names = pairNames(profiles);
  const by = <K extends keyof SewingPlan>(key: K, order: readonly SewingPlan[K][]): Joined =>
    order.indexOf(other[key]) < order.indexOf(one[key]) ? both[1] : both[0];
  const secured = by('secure', SECURES);
  const slower = by('speed', SPEEDS);
  const started = STARTS.flatMap((id) => both.filter(({ planRules }) => planRules.start?.id === id))[0] ?? both[0];
  const pair = operation.id === 'join' ? PAIR_SEAMS.find(({ when }) => when(profiles[0], profiles[1])) : undefined;
  const said = (ofOne: string, ofOther: string) =>
    ofOne === ofOther
      ? ofOne
      : `${upperFirst(names[0])}: ${lowerFirst(ofOne)}. ${upperFirst(names[1])}: ${lowerFirst(ofOther)}`;
  const plan: SewingPlan = {
    seam: pair?.seam(profiles, names) ?? one.seam,
    start: started.plan.start,
    secure: secured.plan.secure,
    hold: joinHolds(profiles, one.hold, other.hold),
    pins: one.pins === 'standard' ? other.pins : one.pins,
    leader: one.leader || other.leader,
    tissue: one.tissue || other.tissue,
    cut: {
      layers: one.cut.layers === other.cut.layers ? one.cut.layers : 'single',
      tool: said(one.cut.tool, other.cut.tool),
      sandwich: one.cut.sandwich && other.cut.sandwich,
      oneWay: one.cut.oneWay || other.cut.oneWay,
    },
    mark: said(one.mark, other.mark),
    press: {
      maxSolePlateC: Math.min(one.press.maxSolePlateC, other.press.maxSolePlateC),
      pressCloth: one.press.pressCloth || other.press.pressCloth,
      steam: earlier(STEAM, one.press.steam, other.press.steam),
    },
    speed: slower.plan.speed,
    notes: joinNotes(names, one, other),
  };
  const cooler = other.press.maxSolePlateC < one.press.maxSolePlateC ? both[1] : both[0];
  return {
    plan,
    planRules: {
      ...both[1].planRules,
      ...both[0].planRules,
      start: started.planRules.start,
      secure: secured.planRules.secure,
      speed: slower.planRules.speed,
      press: cooler.planRules.press,
      leader: (one.leader ? both[0] : both[1]).planRules.leader,
      tissue: (one.tissue ? both[0] : both[1]).planRules.tissue,
    },
  };
}

/** Of two the one that comes earlier in an order. */
const earlier = <T>(order: readonly T[], a: T, b: T): T => (order.indexOf(b) < order.indexOf(a) ? b : a);

/** What holds both without harm to either; where nothing does, the way of the more delicate one. */
function joinHolds(
  profiles: readonly ClothProfile[],
  one: SewingPlan['hold'],
  other: SewingPlan['hold'],
): SewingPlan['hold'] {
  const common = one.filter((way) => other.includes(way));
  if (common.length > 0) return common;
  return delicacy(profiles[1]) > delicacy(profiles[0]) ? other : one;
}

/** How easily a pin spoils it. */
function delicacy(profile: ClothProfile): number {
  if (STRUCTURE[profile.structure].holesStay || profile.traits.includes('holes-stay')) return 3;
  if (isFineSlippery(profile)) return 2;
  return profile.structure === 'knit' || FAMILY[profile.family].pile ? 1 : 0;
}

/** What is to be known of both is said once, what is to be known of one with its name. */
function joinNotes([first, second]: readonly string[], one: SewingPlan, other: SewingPlan): string[] {
  const shared = one.notes.filter((note) => other.notes.includes(note));
  const own = (name: string, plan: SewingPlan, beside: SewingPlan) =>
    plan.notes.filter((note) => !beside.notes.includes(note)).map((note) => `${upperFirst(name)}: ${lowerFirst(note)}`);
  const cutting = (name: string, { cut, hold, pins }: SewingPlan) =>
    `${upperFirst(name)}: hold it with ${hold.map((way) => holdText(way, pins)).join(' or ')}, cut it in ${cut.layers === 'single' ? 'a single layer' : 'two layers'}${cut.sandwich ? ' between two sheets of white tissue' : ''}${cut.oneWay ? ', all pieces one way' : ''}.`;
  const alike = JSON.stringify([one.cut, one.hold]) === JSON.stringify([other.cut, other.hold]);
  const cuts = alike ? [] : [cutting(first, one), cutting(second, other)];
  return [...shared, ...own(first, one, other), ...own(second, other, one), ...cuts];
}
