import { STRUCTURE } from '../cloth';
import { penetrationsPerCm, stitchFacts, type StitchId } from '../stitch';
import { worseOf } from './eachCloth';
import { type Hazard, riskLevel } from './risk';
import type { SeamContext } from './seamContext';

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
      `At the cautious end it stretches ${Math.floor(cautiousGive)}%; the seam must stretch ${seam.required.percent}%.`,
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
  seam: { profile: Pick<SeamContext['profile'], 'structure'>; each?: readonly SeamContext[] },
  stitch: StitchId,
  lengthMm: number,
  nm: number,
): Hazard {
  const skins = [seam, ...(seam.each ?? [])].map(({ profile }) => profile.structure);
  const structure = skins.find((one) => STRUCTURE[one].holesStay) ?? seam.profile.structure;
  const holes = penetrationsPerCm(stitch, lengthMm);
  const why = () => `${holes.toFixed(1)} holes per cm with a ${(nm / 100).toFixed(2)} mm needle.`;
  const { holesStay } = STRUCTURE[structure];
  if (!holesStay) return { sign: 'perforated', level: 0, why };
  return {
    sign: 'perforated',
    level: riskLevel((holes * (nm / 100) - holesStay.tearsFrom) / 1.8),
    why,
  };
}

/** What a second thread through the same hole counts, a hole of its own being 1 (model). */
const AGAIN = 0.35;

/** Zigzags wider than this begin to open when the seam is pulled apart, mm (common practice). */
const OPENS_FROM_MM = 2.5;

/**
 * What the stitch itself does to the cloth, whatever needle sews it.
 *
 * Models: dense holes spread a knit (wavy) and crowd the yarns of a dense weave (puckers); a long stitch gathers light
 * cloth; a wide zigzag opens when pulled apart, the more each of its steps crosses the seam at once; a long stitch or a
 * narrow allowance lets loose threads slip out. Where closeness is the purpose (a bar tack) density is no fault.
 *
 * @param seam - cloth and operation
 * @param stitch - the stitch
 * @param lengthMm - stitch length, mm
 * @param widthMm - whole swing, mm
 * @returns risks, each 0 … 1
 */
export function stitchRisks(seam: SeamContext, stitch: StitchId, lengthMm: number, widthMm: number): Hazard[] {
  return worseOf(seam, (one) => risksIn(one, stitch, lengthMm, widthMm));
}

function risksIn(seam: SeamContext, stitch: StitchId, lengthMm: number, widthMm: number): Hazard[] {
  const { profile, operation, lightness, tightness } = seam;
  const { crossing, holesPerLength, penetrationsPerLength } = stitchFacts(stitch);
  // A hole that is used again is spread a little more, but there is no new one.
  const holes = ((holesPerLength + AGAIN * (penetrationsPerLength - holesPerLength)) * 10) / lengthMm;
  const spreads = profile.structure === 'knit' ? 7 : 9;
  const close = operation.dense ? 0 : 1;
  return [
    {
      sign: 'wavy',
      level: riskLevel(close * ((holes - spreads) / 12) * (0.3 + seam.compliance)),
      why: () => `${holes.toFixed(1)} holes per cm push the fabric apart.`,
    },
    {
      sign: 'pucker-line',
      level: riskLevel(close * tightness * ((holes - 4.2) / 3)),
      why: () => `${holes.toFixed(1)} holes per cm crowd the yarns of such a dense weave.`,
    },
    {
      sign: 'pucker-line',
      level: operation.tensionSteps < 0 ? 0 : riskLevel((lightness * (lengthMm - 2.2)) / 3),
      why: () => 'On light fabric a long stitch gathers the fabric up between the holes.',
    },
    {
      sign: 'grinning',
      level:
        operation.joins && profile.structure !== 'foam' ? riskLevel(((widthMm - OPENS_FROM_MM) * crossing) / 9) : 0,
      why: () => `A zigzag ${widthMm.toFixed(1)} mm wide opens when the seam is pulled apart.`,
    },
    slippageRisk(seam, lengthMm),
  ];
}

/** Threads that part beside the seam: loose weaves, long stitches, narrow allowances. */
function slippageRisk({ operation, asked, looseness }: SeamContext, lengthMm: number): Hazard {
  const allowance = asked.allowanceMm ?? operation.allowanceMm;
  const narrow = Math.max(0, 8 - allowance) / 8;
  const holds = operation.joins && operation.tensionSteps === 0;
  return {
    sign: 'slippage',
    level: holds ? riskLevel(looseness * (Math.max(0, lengthMm - 2.5) / 4 + 0.6 * narrow)) : 0,
    why: () => 'The yarns slip out of a seam with long stitches or a narrow allowance.',
  };
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
    why: () => `Rows ${gapMm} mm apart on soft fabric.`,
  };
}
