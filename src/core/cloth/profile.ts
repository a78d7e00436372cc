import type { Cloth } from './cloth';
import { elastaneOf, isAllCotton } from './fibres';
import { type Family, FAMILY, type Range } from './families';
import { type Heat, heatOf, traitsByFibre } from './heat';
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
  /** The hottest sole plate it stands, and how that is known. */
  heat: Heat;
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
/** Denim lighter than this is a shirting by another name: chambray (common practice), g/m². */
const CHAMBRAY_BELOW = 170;

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
    heat: heatOf(cloth),
    traits: traitsOf(cloth, own ? facts.traits : []),
    wearShare: own ? facts.wearShare : STRUCTURE[cloth.structure].stretches ? 0.5 : 0,
    notes,
  };
}

/** What its family brings and what was said of it, less what it was said not to have. */
function traitsOf(cloth: Cloth, ofFamily: readonly Trait[]): Trait[] {
  const brought = traitsByFibre(cloth, ofFamily).filter((trait) => !cloth.without?.includes(trait));
  return [...new Set([...brought, ...cloth.traits])];
}

/** What the cloth really is, where its name misleads. */
function takenFor(cloth: Cloth): { cloth: Cloth; notes: string[] } {
  if (cloth.family === 'denim' && cloth.massGsm !== undefined && cloth.massGsm < CHAMBRAY_BELOW) {
    return {
      cloth: { ...cloth, family: 'poplin' },
      notes: ['Denim this light is a chambray: sew it like shirting, not like jeans.'],
    };
  }
  const thick =
    cloth.thicknessMm ?? (cloth.massGsm === undefined ? undefined : cloth.massGsm / FAMILY.neoprene.density);
  const thin = cloth.structure === 'knit' || (thick !== undefined && thick < THIN_FOAM_MM);
  if (cloth.family !== 'neoprene' || !thin) return { cloth, notes: [] };
  return {
    cloth: { ...cloth, family: 'scuba', structure: 'knit' },
    notes: ['Neoprene this thin is a scuba knit, not foam: Bobbet treats it as a stable knit.'],
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
