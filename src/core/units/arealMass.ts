import { parseQuantity } from './quantity';

/** Grams per square metre in one ounce per square yard: 28.349523125 g / 0.83612736 m² (both exact). */
export const GSM_PER_OZ_SQ_YD = 28.349523125 / 0.83612736;

/** Grams per square metre in one momme: the weight in pounds of 100 yards of silk 45 inches wide. */
export const GSM_PER_MOMME = 453.59237 / (45 * 0.0254 * 100 * 0.9144);

/** Grams per square metre in each unit the weight of fabric is written in. */
export const GSM_PER: Readonly<Record<string, number>> = {
  '': 1,
  gsm: 1,
  g: 1,
  'g/m²': 1,
  'g/m2': 1,
  'g/sqm': 1,
  'g/sq m': 1,
  'g per m²': 1,
  'g per m2': 1,
  'g per square metre': 1,
  'grams per square metre': 1,
  grams: 1,
  ounces: GSM_PER_OZ_SQ_YD,
  ounce: GSM_PER_OZ_SQ_YD,
  'oz/sq yd': GSM_PER_OZ_SQ_YD,
  'oz per square yard': GSM_PER_OZ_SQ_YD,
  oz: GSM_PER_OZ_SQ_YD,
  'oz/yd²': GSM_PER_OZ_SQ_YD,
  'oz/yd2': GSM_PER_OZ_SQ_YD,
  momme: GSM_PER_MOMME,
  mm: GSM_PER_MOMME,
};

/**
 * Reads how heavy a cloth is.
 *
 * `12 oz` means ounces per square yard, as denim is sold; `19 mm` or `19 momme` is the silk weight.
 *
 * @param text - for example `160`, `160 g/m²`, `12 oz`, `19 momme`
 * @returns g/m², or null when it is not a weight
 * @example
 * parseArealMassGsm('160 gsm') // => 160
 * parseArealMassGsm('12 oz') // => 406.869
 * parseArealMassGsm('19 momme') // => 82.459
 */
export function parseArealMassGsm(text: string): number | null {
  const read = parseQuantity(text);
  if (!read) return null;
  const scale = GSM_PER[read.unit];
  return scale === undefined ? null : read.value * scale;
}

/**
 * One areal mass in the three units cloth is sold by.
 *
 * @param gsm - g/m², 0 or more
 * @returns the same mass in g/m², oz/yd² and momme
 * @example
 * arealMass(100) // => { gsm: 100, ozPerSqYd: 2.9493, momme: 23.0418 }
 */
export function arealMass(gsm: number): { gsm: number; ozPerSqYd: number; momme: number } {
  return { gsm, ozPerSqYd: gsm / GSM_PER_OZ_SQ_YD, momme: gsm / GSM_PER_MOMME };
}
