import { clamp } from '../numbers';
import { loftOf, type Trait } from '../cloth';
import { NEEDLE_SIZES } from '../units';
import { worseOf } from './eachCloth';
import { type Needle, needleThreadFit, type Thread } from '../kit';
import { humpRisk } from './humpRisk';
import { elasticSkipRisk, pointRisk } from './pointRisk';
import { type Hazard, riskLevel } from './risk';
import type { SeamContext } from './seamContext';
import { threadRisks } from './threadRisks';

/** Needle size by mass of one layer, g/m²: up to this mass, this Nm (common practice). */
const SIZE_BY_MASS: readonly { below: number; nm: number }[] = [
  { below: 60, nm: 60 },
  { below: 100, nm: 68 },
  { below: 170, nm: 75 },
  { below: 260, nm: 82 },
  { below: 360, nm: 90 },
  { below: 450, nm: 100 },
  { below: Infinity, nm: 110 },
];

/** A family's own limits, where practice differs from the general table by mass. */
const SIZE_LIMITS: Partial<Record<SeamContext['profile']['structure'], { min: number; max: number }>> = {
  knit: { min: 70, max: 90 },
  foam: { min: 90, max: 100 },
  hide: { min: 80, max: 110 },
  coated: { min: 70, max: 100 },
  layered: { min: 75, max: 90 },
};

/** How much finer than its mass says: loops part more easily than woven yarns, and what is air adds mass, not strength. */
const FINER = { knit: 4, allAir: 12 };

/** Hide is pierced by its thickness: up to this, mm, this Nm; in between it is smoothed (common practice). */
const HIDE_BY_THICKNESS: readonly (readonly [mm: number, nm: number])[] = [
  [0.5, 80],
  [0.9, 88],
  [1, 95],
  [1.5, 110],
];

/**
 * The Nm size usual for a cloth's mass, before the thread is considered.
 *
 * Between the steps of the handbook table it is smoothed, so that a gram more never jumps a size.
 *
 * @param profile - the cloth
 * @returns Nm, not rounded to sizes sold
 * @example
 * usualNm({ structure: 'woven', massGsm: { value: 380 }, thicknessMm: { value: 0.8 }, traits: [] }) // => 97
 * usualNm({ structure: 'hide', massGsm: { value: 850 }, thicknessMm: { value: 1 }, traits: [] }) // => 95
 */
export function usualNm(profile: {
  structure: SeamContext['profile']['structure'];
  massGsm: { value: number };
  thicknessMm: { value: number };
  traits: readonly Trait[];
}): number {
  if (profile.structure === 'hide') return hideNm(profile.thicknessMm.value);
  const mass = profile.massGsm.value;
  const at = SIZE_BY_MASS.findIndex((row) => mass < row.below);
  const nm = SIZE_BY_MASS[at].nm;
  const from = at === 0 ? 0 : SIZE_BY_MASS[at - 1].below;
  const to = Number.isFinite(SIZE_BY_MASS[at].below) ? SIZE_BY_MASS[at].below : from * 1.5;
  const next = SIZE_BY_MASS[Math.min(at + 1, SIZE_BY_MASS.length - 1)].nm;
  const share = (mass - from) / (to - from) - 0.5;
  const before = SIZE_BY_MASS[Math.max(at - 1, 0)].nm;
  const smooth = share > 0 ? nm + (next - nm) * share : nm + (nm - before) * share;
  // The yarns of an open weave are as thick as they weigh; only a pile or a felt is air above them.
  const air = profile.structure === 'woven' && !profile.traits.includes('loose') ? loftOf(profile) : 0;
  const finer = smooth - (profile.structure === 'knit' ? FINER.knit : FINER.allAir * air);
  const limits = SIZE_LIMITS[profile.structure];
  return Math.round(limits ? clamp(finer, limits.min, limits.max) : finer);
}

function hideNm(thicknessMm: number): number {
  const [first, last] = [HIDE_BY_THICKNESS[0], HIDE_BY_THICKNESS[HIDE_BY_THICKNESS.length - 1]];
  const mm = clamp(thicknessMm, first[0], last[0]);
  const above = Math.max(
    1,
    HIDE_BY_THICKNESS.findIndex(([at]) => at >= mm),
  );
  const [[fromMm, fromNm], [toMm, toNm]] = [HIDE_BY_THICKNESS[above - 1], HIDE_BY_THICKNESS[above]];
  return Math.round(fromNm + ((toNm - fromNm) * (mm - fromMm)) / (toMm - fromMm));
}

/** A needle this much finer than usual still pierces the thicker of two cloths, Nm (common practice). */
const STILL_PIERCES = 10;

/** How many sizes above its own the finer of two cloths stands (common practice). */
const SIZES_ABOVE = 2;

/**
 * The Nm size a seam wants: by its cloth and its thickness; of two cloths the smallest that pierces the thicker one, but
 * not more than two sizes above what the finer one wants.
 *
 * @param seam - cloth and operation
 * @returns Nm, not rounded to sizes sold
 */
export function seamNm({ profile, each, thicknessMm }: Pick<SeamContext, 'profile' | 'each' | 'thicknessMm'>): number {
  const thick = thickSeamNm(thicknessMm);
  if (each.length === 0) return usualNm(profile) + thick;
  const [fine, coarse] = each.map((one) => usualNm(one.profile)).sort((a, b) => a - b);
  const sizes = NEEDLE_SIZES.map(({ nm }) => nm);
  const nearest = sizes.findLastIndex((nm) => nm <= fine);
  const most = sizes[Math.min(sizes.length - 1, Math.max(0, nearest) + SIZES_ABOVE)];
  return Math.max(fine, Math.min(coarse - STILL_PIERCES, most)) + thick;
}

/**
 * How much stiffer a needle thick seams want, whatever one layer weighs: jeans hems take 110/18 (common practice).
 *
 * @param thicknessMm - total thickness, stitched down, mm
 * @returns Nm to add, 0 … 12
 * @example
 * thickSeamNm(1.4) // => 0
 * thickSeamNm(5.7) // => 10
 */
export function thickSeamNm(thicknessMm: number): number {
  return Math.round(clamp((thicknessMm - 3.2) * 4, 0, 12));
}

/** How much finer than usual a twin may be before it counts, Nm (common practice). */
const TWIN_MAY_BE_FINER = -5;

/**
 * What a needle does to the cloth, whatever thread is in it: point, size, and how it stands at a thick place.
 *
 * @param seam - cloth and operation
 * @param needle - the needle
 * @returns risks, each 0 … 1
 */
export function bladeRisks(seam: SeamContext, needle: Needle): Hazard[] {
  const from = needle.nm - seamNm(seam);
  // Twins are sold in few sizes and pierce one row each: a thick knit does not rule them out.
  const off = needle.gapMm === undefined ? from : Math.max(from, TWIN_MAY_BE_FINER);
  return worseOf(seam, (one) => bladeIn(one, needle, off));
}

function bladeIn(seam: SeamContext, needle: Needle, off: number): Hazard[] {
  const { profile } = seam;
  const tender = profile.traits.includes('holes-stay') || profile.traits.includes('sheer') ? 1.4 : 1;
  return [
    pointRisk(seam, needle.point),
    elasticSkipRisk(seam, needle.point),
    {
      sign: profile.structure === 'knit' ? 'holes' : 'pucker-away',
      level: riskLevel(((off - 2) / 32) * tender),
      why: () => `Nm ${needle.nm} is thick for ${Math.round(profile.massGsm.value)} g/m².`,
    },
    {
      sign: profile.massGsm.value > 300 ? 'needle-broke' : 'skipped',
      level: riskLevel((-off - 2) / 32),
      why: () => `Nm ${needle.nm} is thin for ${Math.round(profile.massGsm.value)} g/m²: it bends.`,
    },
    humpRisk(seam, needle.nm),
  ];
}

/**
 * How a thread sits in the eye of a needle.
 *
 * @param needle - the needle
 * @param thread - the thread in it
 * @returns risks, each 0 … 1
 */
export function eyeRisks(needle: Needle, thread: Thread): Hazard[] {
  const fit = needleThreadFit(thread, needle);
  const percent = Math.round(fit.fill * 100);
  return [
    {
      sign: 'shreds',
      level: riskLevel((fit.fill - 0.72) / 0.2),
      why: () => `The thread fills ${percent}% of the eye.`,
    },
    {
      sign: 'skipped',
      level: riskLevel(((0.45 - fit.fill) / 0.2) * 0.6),
      why: () => `The thread fills only ${percent}% of the eye and lies loose in it.`,
    },
  ];
}

/**
 * Everything that can go wrong between needle, thread and cloth.
 *
 * @param seam - cloth and operation
 * @param needle - the needle
 * @param thread - the thread in it
 * @returns risks, each 0 … 1
 */
export const needleRisks = (seam: SeamContext, needle: Needle, thread: Thread): Hazard[] => [
  ...bladeRisks(seam, needle),
  ...eyeRisks(needle, thread),
  ...worseOf(seam, (one) => threadRisks(one, thread)),
];
