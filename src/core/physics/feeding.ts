import { FOOT, type Foot } from '../kit';
import type { SeamContext } from './seamContext';

/** Growth in percent that a fully compliant cloth shows at heaviest pressure under a plain foot (model). */
const GROWTH_AT_FULL = 20;
/** The length over which a shift of the layers is given, mm. */
export const SHIFT_OVER_MM = 300;
/** Layer shift in mm over that length that a jersey shows at normal pressure under a plain foot (model). */
const SHIFT_AT_NORMAL = 4;
/** Pressure below which a cloth of this mass (g/m²) stops feeding surely: none for light cloth (model). */
const FEEDS_FROM = { massGsm: 220, perGsm: 1 / 900, most: 0.4 };

/**
 * How much longer a seam comes out than it was cut.
 *
 * Model: growth is the foot's pressure times its drag times the cloth's compliance along the seam. Length, speed
 * and the feed teeth's shape are left out, so use it to compare settings; a measured line replaces it.
 *
 * @param seam - cloth and operation
 * @param foot - the foot
 * @param pressure - 0 … 1
 * @returns percent, 0 or more
 * @example
 * growthPercent({ compliance: 0.5 }, 'standard', 0.5) // => 5
 * growthPercent({ compliance: 0.5 }, 'walking', 0.25) // => 0.8
 */
export function growthPercent(seam: Pick<SeamContext, 'compliance'>, foot: Foot, pressure: number): number {
  // Upper teeth do not take all of the growth away: what the lower ones do to the cloth stays.
  return GROWTH_AT_FULL * seam.compliance * pressure * (0.15 + 0.85 * FOOT[foot].drag);
}

/**
 * How far the top layer ends behind the bottom one over 300 mm.
 *
 * Model: pressure times the foot's drag, by how easily the layers slide on each other, and by the machine's own creep
 * where that was measured.
 *
 * @param seam - cloth and operation
 * @param foot - the foot
 * @param pressure - 0 … 1
 * @returns mm over 300 mm, 0 for a single layer or layers that are already joined
 * @example
 * layerShiftMm({ layers: 1, operation: { joins: true } }, 'standard', 0.5) // => 0
 */
export function layerShiftMm(
  seam: Pick<SeamContext, 'layers' | 'operation' | 'profile' | 'creep'>,
  foot: Foot,
  pressure: number,
): number {
  if (seam.layers < 2) return 0;
  const { structure, traits } = seam.profile;
  const slide =
    (structure === 'knit' ? 1 : structure === 'woven' ? 0.35 : 0.7) +
    (traits.includes('slippery') ? 0.5 : 0) +
    (traits.includes('napped') && structure !== 'hide' ? 1 : 0);
  const joined = seam.operation.joins ? 1 : 0.5;
  return SHIFT_AT_NORMAL * slide * joined * FOOT[foot].drag * (0.35 + 1.3 * pressure) * (seam.creep ?? 1);
}

/**
 * How much more or less than the model one machine creeps, from a line the person measured on it.
 *
 * The model solved backwards: the same foot, pressure and cloth predict a shift; what was measured against that is the
 * machine's own factor, and the strain is what bends a strip set (`stripBow`).
 *
 * @param seam - cloth and operation of the measured line
 * @param foot - the foot it was sewn under
 * @param pressure - 0 … 1
 * @param measured - how far the top layer ended behind, mm (negative: ahead), over how many mm
 * @returns factor (1 = as the model says; null where it predicts no shift to compare with) and strain in percent
 * @throws when the measured length is not above 0
 * @example
 * feedFactor({ layers: 1, operation: { joins: true } }, 'standard', 0.5, { shiftMm: 3, overMm: 300 }) // => { factor: null, strainPercent: 1 }
 */
export function feedFactor(
  seam: Pick<SeamContext, 'layers' | 'operation' | 'profile'>,
  foot: Foot,
  pressure: number,
  measured: { shiftMm: number; overMm: number },
): { factor: number | null; strainPercent: number } {
  const { shiftMm, overMm } = measured;
  if (!(overMm > 0)) throw new Error(`feedFactor: expected a length above 0, got ${overMm}`);
  const predicted = (layerShiftMm({ ...seam, creep: 1 }, foot, pressure) * overMm) / SHIFT_OVER_MM;
  return { factor: predicted > 0 ? shiftMm / predicted : null, strainPercent: (100 * shiftMm) / overMm };
}

/**
 * The lightest pressure at which the cloth still feeds surely.
 *
 * @param massGsm - mass of one layer, g/m²
 * @param layers - how many
 * @returns 0 … 0.4
 * @example
 * feedsFromPressure(60, 2) // => 0
 */
export function feedsFromPressure(massGsm: number, layers: number): number {
  const over = Math.max(0, massGsm * (layers / 2) - FEEDS_FROM.massGsm);
  return Math.min(FEEDS_FROM.most, over * FEEDS_FROM.perGsm);
}
