import { clamp } from '../numbers';
import { isLofty, type Trait } from '../cloth';
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
  hide: { min: 90, max: 110 },
  coated: { min: 70, max: 100 },
  layered: { min: 75, max: 90 },
};

/** How much finer than its mass says: loops part more easily than woven yarns, and a pile adds mass, not strength. */
const FINER = { knit: 4, pile: 8 };

/**
 * The Nm size usual for a cloth's mass, before the thread is considered.
 *
 * Between the steps of the handbook table it is smoothed, so that a gram more never jumps a size.
 *
 * @param profile - the cloth
 * @returns Nm, not rounded to sizes sold
 * @example
 * usualNm({ structure: 'woven', massGsm: { value: 380 }, thicknessMm: { value: 0.8 }, traits: [] }) // => 97
 */
export function usualNm(profile: {
  structure: SeamContext['profile']['structure'];
  massGsm: { value: number };
  thicknessMm: { value: number };
  traits: readonly Trait[];
}): number {
  const mass = profile.massGsm.value;
  const at = SIZE_BY_MASS.findIndex((row) => mass < row.below);
  const nm = SIZE_BY_MASS[at].nm;
  const from = at === 0 ? 0 : SIZE_BY_MASS[at - 1].below;
  const to = Number.isFinite(SIZE_BY_MASS[at].below) ? SIZE_BY_MASS[at].below : from * 1.5;
  const next = SIZE_BY_MASS[Math.min(at + 1, SIZE_BY_MASS.length - 1)].nm;
  const share = (mass - from) / (to - from) - 0.5;
  const before = SIZE_BY_MASS[Math.max(at - 1, 0)].nm;
  const smooth = share > 0 ? nm + (next - nm) * share : nm + (nm - before) * share;
  const pile = profile.structure === 'woven' && !profile.traits.includes('loose') && isLofty(profile);
  const finer = smooth - (profile.structure === 'knit' ? FINER.knit : pile ? FINER.pile : 0);
  const limits = SIZE_LIMITS[profile.structure];
  return Math.round(limits ? clamp(finer, limits.min, limits.max) : finer);
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

/**
 * Everything that can go wrong between needle, thread and cloth.
 *
 * @param seam - cloth and operation
 * @param needle - the needle
 * @param thread - the thread in it
 * @returns risks, each 0 … 1
 */
export function needleRisks(seam: SeamContext, needle: Needle, thread: Thread): Hazard[] {
  const { profile } = seam;
  const off = needle.nm - usualNm(profile) - thickSeamNm(seam.thicknessMm);
  const tender = profile.traits.includes('holes-stay') || profile.traits.includes('sheer') ? 1.4 : 1;
  const fit = needleThreadFit(thread, needle);
  const percent = Math.round(fit.fill * 100);
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
      why: () => `Nm ${needle.nm} is thin for ${Math.round(profile.massGsm.value)} g/m²: it bends aside.`,
    },
    {
      sign: 'shreds',
      level: riskLevel((fit.fill - 0.72) / 0.2),
      why: () => `The thread fills ${percent} % of the eye.`,
    },
    {
      sign: 'skipped',
      level: riskLevel(((0.45 - fit.fill) / 0.2) * 0.6),
      why: () => `The thread fills only ${percent} % of the eye and lies loosely in it.`,
    },
    ...threadRisks(seam, thread),
    humpRisk(seam, needle.nm),
  ];
}
