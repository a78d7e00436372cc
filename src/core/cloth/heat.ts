import type { Cloth } from './cloth';
import { FAMILY } from './families';
import { fibreCeiling, fibreGlazes, fibreManners, fibresNamed } from './fibres';
import { STRUCTURE } from './structures';
import type { Trait } from './words';

/** The hottest sole plate a cloth stands, °C, and how that is known. */
export interface Heat {
  ceilingC: number;
  from: 'scrap' | 'fibre' | 'unknown';
  /** The fibre that decides; null where none did. */
  fibre: string | null;
}

/** Where the fibre is not known the iron starts at one dot, °C (ISO 3758:2012), and a scrap says more (common practice). */
const UNKNOWN_C = 110;
/** Polyester that is fine, smooth or sheer shines from one dot on, °C (common practice). */
const FINE_POLYESTER_C = 110;

const fine = ({ family, traits }: Cloth) => FAMILY[family].silky === true || traits.includes('sheer');

/** The fibres of a label, else those its own name speaks of. */
const fibresTold = (cloth: Cloth): Cloth['fibres'] =>
  Object.keys(cloth.fibres ?? {}).length > 0 ? cloth.fibres : fibresNamed(cloth.name);

/**
 * How hot a cloth may be ironed: what a scrap of it stood, else its most delicate fibre, else one dot.
 *
 * @param cloth - checked cloth
 * @returns °C with where it comes from
 * @example
 * heatOf({ structure: 'woven', family: 'poplin', traits: [], fibres: { cotton: 60, polyester: 40 } }) // => { ceilingC: 150, from: 'fibre', fibre: 'polyester' }
 * heatOf({ structure: 'woven', family: 'poplin', traits: [] }) // => { ceilingC: 110, from: 'unknown', fibre: null }
 * heatOf({ structure: 'woven', family: 'linen', traits: [] }).ceilingC // => 200
 */
export function heatOf(cloth: Cloth): Heat {
  if (cloth.ceilingC !== undefined) return { ceilingC: cloth.ceilingC, from: 'scrap', fibre: null };
  const { fibre: usual } = FAMILY[cloth.family];
  const known = fibreCeiling(fibresTold(cloth) ?? (usual === undefined ? undefined : { [usual]: 100 }));
  if (!known) return { ceilingC: UNKNOWN_C, from: 'unknown', fibre: null };
  const glazes = fibreGlazes(known.fibre) && fine(cloth);
  return { ...known, ceilingC: glazes ? FINE_POLYESTER_C : known.ceilingC, from: 'fibre' };
}

/**
 * The traits a family brings, as far as the fibres bear them out: silk does not melt, polyester takes no water marks.
 *
 * @param cloth - checked cloth
 * @param ofFamily - traits of its family
 * @returns those that hold, and the ones its fibres add; all of them where no fibre is known
 * @example
 * traitsByFibre({ structure: 'woven', family: 'satin', traits: [], fibres: { silk: 100 } }, ['slippery', 'heat-sensitive']) // => ['slippery', 'water-marks']
 */
export function traitsByFibre(cloth: Cloth, ofFamily: readonly Trait[]): Trait[] {
  const told = fibresTold(cloth);
  const manners = fibreManners(told);
  if (!manners || STRUCTURE[cloth.structure].holesStay) return [...ofFamily];
  const marked = manners.waterMarks === 'always' || (manners.waterMarks === 'in-pile' && FAMILY[cloth.family].pile);
  const low = manners.melts && heatOf(cloth).ceilingC <= UNKNOWN_C;
  const kept = ofFamily.filter(
    (trait) => (trait !== 'heat-sensitive' || manners.melts) && (trait !== 'water-marks' || marked),
  );
  const added: Trait[] = [...(low ? ['heat-sensitive' as const] : []), ...(marked ? ['water-marks' as const] : [])];
  return [...new Set([...kept, ...added])];
}
