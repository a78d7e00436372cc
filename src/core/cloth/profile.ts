import type { Cloth } from './cloth';
import { elastaneOf, fibreCeiling, isAllCotton } from './fibres';
import { type Family, FAMILY, type Range, SOFT_SQUASH } from './families';
import { STRUCTURE, type Structure } from './structures';
import type { Trait } from './words';

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
  /** The hottest sole plate its fibres stand, °C; 200 when they are not known. */
  ceilingC: number;
  traits: readonly Trait[];
  wearShare: number;
  /** What it was taken for, where its name would mislead. */
  notes: readonly string[];
}

/** The properties a person can measure to sharpen the answer. */
export const MEASURABLE = ['massGsm', 'thicknessMm', 'stretchAcross', 'stretchAlong', 'recovery'] as const;
export type Measurable = (typeof MEASURABLE)[number];

/** Each of them in words for a screen. */
export const MEASURABLE_TEXT: Readonly<Record<Measurable, string>> = {
  massGsm: 'Weight',
  thicknessMm: 'Thickness',
  stretchAcross: 'Stretch across',
  stretchAlong: 'Stretch along',
  recovery: 'Recovery',
};

const NO_STRETCH: Range = [0, 0, 3];
const SOME_STRETCH: Range = [15, 35, 80];
/** A woven with elastane in it gives, mostly across, and comes back; it stays a woven (common practice). */
const ELASTIC_WOVEN = { from: 1.5, across: [8, 18, 35], along: [0, 2, 6] } as const;
/** Knits come back by their elastane; all-cotton ones without it only after a wash (common practice). */
const KNIT_RECOVERY = { elastaneFrom: 3, elastic: [82, 93, 99], allCotton: [50, 70, 85] } as const;
/** Foam thinner than this is not foam: sold as neoprene, it is a scuba knit (common practice). */
const THIN_FOAM_MM = 1.5;
/** Nothing said of the fibres: the ceiling of three dots (ISO 3758:2012), lowered by the rules of the family. */
const HOTTEST_C = 200;

/**
 * Fills in what was not measured from family, fibres and mass, with an honest range.
 *
 * A cloth of a family other than its usual structure (a stretch woven called jersey, say) keeps its own
 * structure and takes stretch from that. Thickness follows mass through the family's bulk density.
 *
 * @param given - checked cloth
 * @returns every property with value, low, high and source; `notes` say what it was taken for and why
 * @example
 * clothProfile({ structure: 'knit', family: 'jersey', traits: [], stretchAcross: 50 }).massGsm.value // => 170
 * clothProfile({ structure: 'foam', family: 'neoprene', traits: [], thicknessMm: 1 }).family // => 'scuba'
 * clothProfile({ structure: 'woven', family: 'denim', traits: [], fibres: { cotton: 98, elastane: 2 } }).stretchAcross.value // => 18
 */
export function clothProfile(given: Cloth): ClothProfile {
  const { cloth, notes } = takenFor(given);
  const facts = FAMILY[cloth.family];
  const own = facts.structure === cloth.structure;
  const massGsm = property(massOf(cloth), facts.massGsm);
  const thick = [massGsm.low * 0.85, massGsm.value, massGsm.high * 1.2].map((m) => m / facts.density);
  const elastane = elastaneOf(cloth.fibres);
  const allCotton = isAllCotton(cloth.fibres);
  return {
    name: cloth.name ?? facts.name,
    family: cloth.family,
    structure: cloth.structure,
    massGsm,
    thicknessMm: property(cloth.thicknessMm, thick as unknown as Range),
    stretchAcross: property(cloth.stretchAcross, usualStretch(cloth, own, elastane, 'across')),
    stretchAlong: property(cloth.stretchAlong, usualStretch(cloth, own, elastane, 'along')),
    recovery: property(cloth.recovery, usualRecovery(cloth, elastane, allCotton)),
    elastane,
    allCotton,
    ceilingC: cloth.ceilingC ?? fibreCeiling(cloth.fibres)?.ceilingC ?? HOTTEST_C,
    traits: traitsOf(cloth, own ? facts.traits : []),
    wearShare: own ? facts.wearShare : STRUCTURE[cloth.structure].stretches ? 0.5 : 0,
    notes,
  };
}

/** What its family brings and what was said of it, less what it was said not to have. */
function traitsOf(cloth: Cloth, ofFamily: readonly Trait[]): Trait[] {
  const brought = ofFamily.filter((trait) => !cloth.without?.includes(trait));
  return [...new Set([...brought, ...cloth.traits])];
}

/** What the cloth really is, where its name misleads. */
function takenFor(cloth: Cloth): { cloth: Cloth; notes: string[] } {
  const thick =
    cloth.thicknessMm ?? (cloth.massGsm === undefined ? undefined : cloth.massGsm / FAMILY.neoprene.density);
  const thin = cloth.structure === 'knit' || (thick !== undefined && thick < THIN_FOAM_MM);
  if (cloth.family !== 'neoprene' || !thin) return { cloth, notes: [] };
  return {
    cloth: { ...cloth, family: 'scuba', structure: 'knit' },
    notes: ['Neoprene this thin is a scuba knit, not foam: it is treated as a stable knit.'],
  };
}

function usualStretch(cloth: Cloth, own: boolean, elastane: number | null, way: 'across' | 'along'): Range {
  if (cloth.structure === 'woven' && (elastane ?? 0) >= ELASTIC_WOVEN.from) return ELASTIC_WOVEN[way];
  if (!own) return STRUCTURE[cloth.structure].stretches ? SOME_STRETCH : NO_STRETCH;
  return FAMILY[cloth.family][way === 'across' ? 'stretchAcross' : 'stretchAlong'];
}

function usualRecovery(cloth: Cloth, elastane: number | null, allCotton: boolean): Range {
  if (cloth.structure !== 'knit') return FAMILY[cloth.family].recovery;
  if ((elastane ?? 0) >= KNIT_RECOVERY.elastaneFrom) return KNIT_RECOVERY.elastic;
  return allCotton ? KNIT_RECOVERY.allCotton : FAMILY[cloth.family].recovery;
}

/** Cloth with so much air in it is pressed flat by a stitch, kg/m³ (model). */
const LOFTY_BELOW = 200;

/**
 * Whether a cloth is mostly air: a pile, loops, an open weave, wadding.
 *
 * @param profile - the cloth
 * @returns true when a stitch presses it far below its thickness
 * @example
 * isLofty({ massGsm: { value: 380 }, thicknessMm: { value: 2.5 }, traits: [] }) // => true
 */
export function isLofty(profile: {
  massGsm: Pick<Property, 'value'>;
  thicknessMm: Pick<Property, 'value'>;
  traits: readonly Trait[];
}): boolean {
  const { massGsm, thicknessMm, traits } = profile;
  return traits.includes('napped') || traits.includes('loose') || massGsm.value / thicknessMm.value < LOFTY_BELOW;
}

/**
 * Total thickness of a number of layers as a stitch squashes them.
 *
 * @param profile - the cloth
 * @param layers - how many layers, 1 or more
 * @returns mm
 * @example
 * stitchedThickness({ thicknessMm: { value: 0.5 }, massGsm: { value: 150 }, structure: 'knit', traits: [] }, 2) // => 0.7
 */
export function stitchedThickness(
  profile: Parameters<typeof isLofty>[0] & { structure: Structure },
  layers: number,
): number {
  const soft = profile.structure !== 'foam' && isLofty(profile);
  const squash = Math.min(STRUCTURE[profile.structure].squash, soft ? SOFT_SQUASH : 1);
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
