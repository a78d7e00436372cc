import { type ClothProfile, stitchedThickness, STRUCTURE } from '../cloth';
import { clamp } from '../numbers';

/** What lies under the foot, as the simulated machine feels it. Shares 0 … 1 unless it says so. */
export interface UnderFoot {
  knit: boolean;
  woven: boolean;
  /** A hide, a coat or foam: every hole stays, and a close row of them tears. */
  skin: boolean;
  /** g/m² of one layer. */
  massGsm: number;
  /** All layers, as a stitch squashes them, mm. */
  totalMm: number;
  layers: number;
  /** How light it is: 0 from 140 g/m² on. */
  light: number;
  /** How closely its yarns lie: 0 loose and lofty … 1 packed. */
  packed: number;
  /** How firmly thick layers of it hold a thread that is drawn through. */
  grips: number;
  /** How far it stretches along the line, as a share of its length. */
  stretch: number;
  /** How easily a foot lengthens it: its stretch, by how limp it is. */
  limp: number;
  /** How much more one layer stretches than the other. */
  differs: number;
  /** How easily one layer slides on the other. */
  slides: number;
  pile: number;
  loose: number;
  slippery: number;
  /** How easily an iron spoils it. */
  tender: number;
  /** How hard it is to pierce, all layers, in kg/m². */
  resistance: number;
  /** How strongly it springs back from the needle, so that a loop is missed. */
  springs: number;
}

type Direction = 'across' | 'along' | 'bias';

/** From this weight on nothing is light, g/m². */
const LIGHT_UNDER_GSM = 140;
/** Below this weight of a cloth by its volume it is loft, and from there on yarns lie ever closer, kg/m³. */
const LOFT_KG_M3 = 230;
const PACKED_OVER_KG_M3 = 330;
/** How much of a thread's pull even loft takes up. */
const LOFT_GRIPS = 0.45;
/** How far a foot lengthens each kind of cloth against a knit that stretches as far. */
const LIMP = { knit: 1, foam: 0.25, woven: 0.5, hide: 0.1, coated: 0.1, layered: 0.2 } as const;
const SLIDES = { knit: 1, foam: 0.55, woven: 0.35, hide: 0.5, coated: 0.5, layered: 0.45 } as const;
/** From here on a knit that comes back hard springs off an ordinary needle: elastane, percent, or its stretch, percent. */
const ELASTANE_OVER = 9;
const SPRINGS_OVER = 65;

/**
 * The cloth as it lies under the foot, or two cloths as one.
 *
 * @param cloth - the cloth
 * @param partner - the other cloth of the seam, if it differs
 * @param layers - how many, 1 or more
 * @param direction - which way the line runs
 * @returns what the machine feels
 */
export function underFoot(
  cloth: ClothProfile,
  partner: ClothProfile | null,
  layers: number,
  direction: Direction,
): UnderFoot {
  const first = alone(cloth, layers, direction);
  if (!partner) return first;
  const other = alone(partner, layers, direction);
  const half = (field: 'massGsm' | 'totalMm' | 'resistance' | 'light') => (first[field] + other[field]) / 2;
  const more = (field: Exclude<keyof UnderFoot, 'knit' | 'woven' | 'skin'>) => Math.max(first[field], other[field]);
  return {
    knit: first.knit || other.knit,
    woven: first.woven && other.woven,
    skin: first.skin || other.skin,
    massGsm: half('massGsm'),
    totalMm: half('totalMm'),
    resistance: half('resistance'),
    light: half('light'),
    layers,
    packed: more('packed'),
    grips: more('grips'),
    // The firmer cloth holds the other.
    stretch: Math.min(first.stretch, other.stretch),
    limp: Math.min(first.limp, other.limp),
    differs: Math.abs(first.stretch - other.stretch),
    slides: more('slides'),
    pile: more('pile'),
    loose: more('loose'),
    slippery: more('slippery'),
    tender: more('tender'),
    springs: more('springs'),
  };
}

function alone(cloth: ClothProfile, layers: number, direction: Direction): UnderFoot {
  const has = (trait: ClothProfile['traits'][number]) => (cloth.traits.includes(trait) ? 1 : 0);
  const massGsm = cloth.massGsm.value;
  const knit = cloth.structure === 'knit';
  const stretch = stretchAlong(cloth, direction) / 100;
  const dense = massGsm / cloth.thicknessMm.value;
  const soft = cloth.structure === 'foam' ? 0.6 : 1;
  const thin = clamp(1.2 - cloth.thicknessMm.value, 0, 1);
  const bySpandex = (cloth.elastane ?? 0) > ELASTANE_OVER ? 0.22 : 0;
  const byStretch = (has('slippery') * thin * Math.max(0, cloth.stretchAcross.value - SPRINGS_OVER)) / 90;
  const packed = clamp((dense - LOFT_KG_M3) / PACKED_OVER_KG_M3, 0, 1);
  return {
    knit,
    woven: cloth.structure === 'woven',
    skin: STRUCTURE[cloth.structure].holesStay !== undefined,
    massGsm,
    totalMm: stitchedThickness(cloth, layers),
    layers,
    light: clamp(1 - massGsm / LIGHT_UNDER_GSM, 0, 1),
    packed,
    // Rubber holds a thread whatever it weighs, and even loft holds it a little.
    grips: cloth.structure === 'foam' ? 0.9 : Math.max(LOFT_GRIPS, packed),
    stretch,
    differs: 0,
    limp: LIMP[cloth.structure] * Math.min(1.2, stretch) ** 0.8,
    slides: SLIDES[cloth.structure] * (1 + 0.6 * has('slippery')) * (1 + 0.7 * has('napped')),
    pile: has('napped') * (cloth.structure === 'hide' ? 0.6 : 1),
    loose: has('loose'),
    slippery: has('slippery'),
    tender: Math.max(has('heat-sensitive'), has('napped'), 0.4),
    resistance: ((layers * massGsm) / 1000) * (1 + 0.3 * has('stiff')) * soft,
    springs: knit ? Math.max(bySpandex, byStretch) : 0,
  };
}

function stretchAlong(cloth: ClothProfile, direction: Direction): number {
  if (direction === 'along') return cloth.stretchAlong.value;
  return direction === 'bias' ? Math.max(15, cloth.stretchAcross.value) : cloth.stretchAcross.value;
}
