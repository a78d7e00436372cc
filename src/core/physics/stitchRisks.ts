import { penetrationsPerCm, type StitchId } from '../stitch';
import { type Hazard, riskLevel } from './risk';
import type { SeamContext } from './seamContext';

/** Holes per cm × blade Ø mm from which a cloth without yarns begins to tear along the line (model). */
const PERFORATES_FROM = { hide: 3.3, coated: 2.9, foam: 3.4 } as const;

/**
 * The seam's cautious give against what it must give.
 *
 * @param seam - cloth and operation
 * @param cautiousGive - percent
 * @returns one risk, 0 when it gives enough
 * @example
 * giveRisk({ required: { percent: 25 } }, 30).level // => 0
 * giveRisk({ required: { percent: 40 } }, 20).level // => 0.75
 */
export function giveRisk(seam: { required: Pick<SeamContext['required'], 'percent'> }, cautiousGive: number): Hazard {
  const short = seam.required.percent - cautiousGive;
  return {
    sign: 'popped',
    level: short <= 0 ? 0 : riskLevel(0.25 + short / seam.required.percent),
    why: () =>
      `Gives ${Math.floor(cautiousGive)} % at the cautious end; the seam must give ${seam.required.percent} %.`,
  };
}

/**
 * Tearing along the holes in cloth that has no yarns to close round them.
 *
 * @param seam - cloth and operation
 * @param stitch - the stitch
 * @param lengthMm - stitch length, mm
 * @param nm - needle size
 * @returns one risk, 0 for woven and knitted cloth
 * @example
 * perforationRisk({ profile: { structure: 'coated' } }, 'straight', 3.5, 90).level // => 0
 * perforationRisk({ profile: { structure: 'coated' } }, 'straight', 1.5, 90).level // => 1
 */
export function perforationRisk(
  seam: { profile: Pick<SeamContext['profile'], 'structure'> },
  stitch: StitchId,
  lengthMm: number,
  nm: number,
): Hazard {
  const { structure } = seam.profile;
  const holes = penetrationsPerCm(stitch, lengthMm);
  const why = () => `${holes.toFixed(1)} holes in each cm with a ${(nm / 100).toFixed(2)} mm blade.`;
  if (structure !== 'hide' && structure !== 'coated' && structure !== 'foam')
    return { sign: 'perforated', level: 0, why };
  return {
    sign: 'perforated',
    level: riskLevel((holes * (nm / 100) - PERFORATES_FROM[structure]) / 1.8),
    why,
  };
}

/**
 * What the stitch itself does to the cloth, whatever needle sews it: waves from density, puckers, yarns crowded.
 *
 * @param seam - cloth and operation
 * @param stitch - the stitch
 * @param lengthMm - stitch length, mm
 * @returns risks, each 0 … 1
 */
export function stitchRisks(seam: SeamContext, stitch: StitchId, lengthMm: number): Hazard[] {
  const holes = penetrationsPerCm(stitch, lengthMm);
  const dense = seam.profile.structure === 'knit' ? 7 : 9;
  return [
    {
      sign: 'wavy',
      level: riskLevel(((holes - dense) / 12) * (0.3 + seam.compliance)),
      why: () => `${holes.toFixed(1)} holes in each cm spread the cloth.`,
    },
    {
      sign: 'pucker-line',
      level: riskLevel((seam.lightness * (lengthMm - 2.2)) / 3),
      why: () => 'On light cloth a long stitch gathers it up between the holes.',
    },
  ];
}

/**
 * The ridge between two rows of a twin needle.
 *
 * @param seam - cloth and operation
 * @param gapMm - distance between the needles, mm
 * @returns one risk; the wider the gap and the softer the cloth, the higher
 * @example
 * tunnelRisk({ compliance: 0.5, lightness: 0 }, 4).level // => 0.4
 */
export function tunnelRisk(seam: Pick<SeamContext, 'compliance' | 'lightness'>, gapMm: number): Hazard {
  const soft = 0.3 + seam.compliance + 0.5 * seam.lightness;
  return {
    sign: 'tunnel',
    level: riskLevel(((gapMm - 1) / 6) * soft),
    why: () => `Rows ${gapMm} mm apart on soft cloth.`,
  };
}
