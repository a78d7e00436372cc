import { clamp } from '../../numbers';
import { STRUCTURE } from '../../cloth';
import { ALIKE_STRETCH, type SeamContext } from '../../physics';
import { joinPlans } from '../plan/joinPlans';
import type { Aims, Ruled, Sized } from './aimTypes';
import type { Aim } from './ruleTypes';

/**
 * What the rules want of two different cloths, joined part by part.
 *
 * Point, foot, plate and thread by the cloth that suffers worse, and what either rules out is out. Stitch, length and width by
 * both where the seam must give, else by the firmer one, never shorter than holes allow that stay. The lighter of two
 * pressures.
 *
 * @param seam - the seam, with each cloth by itself
 * @param both - what the rules want of the first and of the second
 * @returns one set of aims
 */
export function joinAims(seam: SeamContext, both: readonly [Aims, Aims]): Aims {
  const [first, second] = both;
  const firmer = firmerOf(seam) === 0 ? first : second;
  const gives = seam.required.percent > 0;
  const { plan, planRules } = joinPlans(seam, both);
  return {
    point: worse(first.point, second.point),
    fibre: worse(first.fibre, second.fibre),
    foot: worse(first.foot, second.foot),
    plate: worse(first.plate, second.plate),
    stitch: gives ? worse(first.stitch, second.stitch) : firmer.stitch,
    tex: { ...firmer.tex, aim: meet(first.tex.aim, second.tex.aim) },
    pressure: second.pressure.ideal < first.pressure.ideal ? second.pressure : first.pressure,
    length: lengths(seam, both, firmer),
    width: gives ? sizes(first.width, second.width, meet) : firmer.width,
    position: { ...second.position, ...first.position },
    plan,
    planRules,
  };
}

/** Which of two cloths is the firmer: the one that stretches less, and of two alike the heavier one. */
function firmerOf({ each }: SeamContext): 0 | 1 {
  const [first, second] = each;
  const apart = second.clothGive - first.clothGive;
  if (Math.abs(apart) > ALIKE_STRETCH) return apart > 0 ? 0 : 1;
  return first.profile.massGsm.value >= second.profile.massGsm.value ? 0 : 1;
}

function worse<T extends string>(one: Ruled<T>, other: Ruled<T>): Ruled<T> {
  const cost = (found: Ruled<T>[T]) => found.cost ?? Infinity;
  return Object.fromEntries(
    (Object.keys(one) as T[]).map((choice) => [
      choice,
      {
        ...(cost(other[choice]) > cost(one[choice]) ? other[choice] : one[choice]),
        speaksFor: one[choice].speaksFor ?? other[choice].speaksFor,
      },
    ]),
  ) as Ruled<T>;
}

/** The room that both leave, aimed at the middle; where they leave none, the nearest to both. */
function meet(one: Aim, other: Aim): Aim {
  const [low, high] = [Math.max(one.min, other.min), Math.min(one.max, other.max)];
  const [min, max] = low <= high ? [low, high] : [high, low];
  return { min, max, ideal: clamp((one.ideal + other.ideal) / 2, min, max) };
}

function sizes(one: Aims['length'], other: Aims['length'], joined: (a: Aim, b: Aim) => Aim): Aims['length'] {
  return Object.fromEntries(
    Object.entries(one).map(([stitch, sized]: [string, Sized]) => [
      stitch,
      { ...sized, aim: joined(sized.aim, other[stitch as keyof typeof other].aim) },
    ]),
  ) as Aims['length'];
}

function lengths(
  { each, required }: SeamContext,
  [first, second]: readonly [Aims, Aims],
  firmer: Aims,
): Aims['length'] {
  const wanted = required.percent > 0 ? sizes(first.length, second.length, meet) : firmer.length;
  const holed = [first, second].filter((_, at) => STRUCTURE[each[at].profile.structure].holesStay);
  return holed.reduce((so, { length }) => sizes(so, length, notShorter), wanted);
}

/** Not shorter than the second allows. */
const notShorter = (aim: Aim, { min, ideal }: Aim): Aim => ({
  min: Math.max(aim.min, min),
  ideal: Math.max(aim.ideal, Math.min(ideal, Math.max(aim.max, min))),
  max: Math.max(aim.max, min),
});
