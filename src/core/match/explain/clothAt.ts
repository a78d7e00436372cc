import { type Cloth, FAMILY, type Measurable } from '../../cloth';

/** The cloth with one property as it may be; a heavier cloth of a family is thicker too, unless its thickness is known. */
export function clothAt(cloth: Cloth, measure: Measurable, value: number): Cloth {
  const property = Math.max(value, measure === 'massGsm' || measure === 'thicknessMm' ? 0.01 : 0);
  const other: Cloth = { ...cloth, [measure]: property };
  if (measure === 'massGsm' && cloth.thicknessMm === undefined)
    other.thicknessMm = property / FAMILY[cloth.family].density;
  return other;
}
