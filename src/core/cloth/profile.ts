import type { Cloth } from './cloth';
import { FAMILY, type Range, SOFT_SQUASH, SQUASH } from './families';
import type { Family, Structure, Trait } from './words';

/** One property with where it came from and the range it honestly lies in. */
export interface Property {
  value: number;
  low: number;
  high: number;
  source: 'measured' | 'inferred';
}

/** A cloth with every property filled in. */
export interface ClothProfile {
  name: string;
  family: Family;
  structure: Structure;
  massGsm: Property;
  thicknessMm: Property;
  stretchAcross: Property;
  stretchAlong: Property;
  recovery: Property;
  /** Percent of elastane and its like; null when the fibres are not known. */
  elastane: number | null;
  /** True when every known fibre is cotton and they make up nearly all of it. */
  allCotton: boolean;
  traits: readonly Trait[];
  wearShare: number;
}

/** The properties a person can measure to sharpen the answer. */
export const MEASURABLE = ['massGsm', 'thicknessMm', 'stretchAcross', 'stretchAlong', 'recovery'] as const;
export type Measurable = (typeof MEASURABLE)[number];

const STRETCHES: readonly Structure[] = ['knit', 'foam'];
const NO_STRETCH: Range = [0, 0, 3];
const SOME_STRETCH: Range = [15, 35, 80];

/**
 * Fills in what was not measured from the family, with an honest range.
 *
 * A cloth of a family other than its usual structure (a stretch woven called jersey, say) keeps its own
 * structure and takes stretch from that. Thickness follows mass through the family's bulk density.
 *
 * @param cloth - checked cloth
 * @returns every property with value, low, high and source
 * @example
 * clothProfile({ structure: 'knit', family: 'jersey', traits: [], stretchAcross: 50 }).massGsm.value // => 170
 * clothProfile({ structure: 'knit', family: 'jersey', traits: [] }).stretchAcross.source // => 'inferred'
 */
export function clothProfile(cloth: Cloth): ClothProfile {
  const facts = FAMILY[cloth.family];
  const own = facts.structure === cloth.structure;
  const fallback = STRETCHES.includes(cloth.structure) ? SOME_STRETCH : NO_STRETCH;
  const massGsm = property(massOf(cloth), facts.massGsm);
  const thick = [massGsm.low * 0.85, massGsm.value, massGsm.high * 1.2].map((m) => m / facts.density);
  return {
    name: cloth.name ?? facts.name,
    family: cloth.family,
    structure: cloth.structure,
    massGsm,
    thicknessMm: property(cloth.thicknessMm, thick as unknown as Range),
    stretchAcross: property(cloth.stretchAcross, own ? facts.stretchAcross : fallback),
    stretchAlong: property(cloth.stretchAlong, own ? facts.stretchAlong : fallback),
    recovery: property(cloth.recovery, facts.recovery),
    elastane: elastaneOf(cloth.fibres),
    allCotton: (cloth.fibres?.cotton ?? 0) >= 95 && (elastaneOf(cloth.fibres) ?? 0) === 0,
    traits: [...new Set([...(own ? facts.traits : []), ...cloth.traits])],
    wearShare: own ? facts.wearShare : STRETCHES.includes(cloth.structure) ? 0.5 : 0,
  };
}

/**
 * Total thickness of a number of layers as a stitch squashes them.
 *
 * @param profile - the cloth
 * @param layers - how many layers, 1 or more
 * @returns mm
 * @example
 * stitchedThickness({ thicknessMm: { value: 0.5 }, structure: 'knit', traits: [] }, 2) // => 0.7
 */
export function stitchedThickness(
  profile: { thicknessMm: Pick<Property, 'value'>; structure: Structure; traits: readonly Trait[] },
  layers: number,
): number {
  const soft = profile.traits.includes('napped') || profile.traits.includes('loose');
  const squash = Math.min(SQUASH[profile.structure], soft ? SOFT_SQUASH : 1);
  return profile.thicknessMm.value * layers * squash;
}

function property(measured: number | undefined, [low, value, high]: Range): Property {
  return measured === undefined
    ? { value, low, high, source: 'inferred' }
    : { value: measured, low: measured, high: measured, source: 'measured' };
}

// A measured thickness says something about an unweighed cloth.
function massOf({ massGsm, thicknessMm, family }: Cloth): number | undefined {
  if (massGsm !== undefined || thicknessMm === undefined) return massGsm;
  return thicknessMm * FAMILY[family].density;
}

const ELASTIC_FIBRES = ['elastane', 'spandex', 'elasthane', 'elastodiene'];

function elastaneOf(fibres: Cloth['fibres']): number | null {
  if (!fibres || Object.keys(fibres).length === 0) return null;
  return Object.entries(fibres)
    .filter(([name]) => ELASTIC_FIBRES.includes(name.toLowerCase()))
    .reduce((sum, [, part]) => sum + part, 0);
}
