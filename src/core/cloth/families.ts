import { idsOf, type Origin, tableOf } from '../result';
import type { Structure } from './structures';
import type { Trait } from './words';

/** A low, usual and high value. */
export type Range = readonly [low: number, usual: number, high: number];

/** What a family is usually like. Ranges are common practice and memory; a measurement always beats them. */
interface FamilyRow {
  /** Its name in a sentence. */
  name: string;
  structure: Structure;
  massGsm: Range;
  /** Bulk density, kg/m³: thickness in mm = g/m² ÷ kg/m³. */
  density: number;
  stretchAcross: Range;
  stretchAlong: Range;
  recovery: Range;
  /** Share of the cloth's stretch that a garment seam has to follow. */
  wearShare: number;
  traits: readonly Trait[];
  /** Fine and smooth: the first stitches eat it, and sewing back chews it. */
  silky?: true;
  /** Dense and strong: it wants a stiff needle. */
  strong?: true;
  /** A pile that shows every mark. */
  pile?: true;
  /** A knit that hardly stretches out of shape, or one that does so at once. */
  knit?: 'stable' | 'limp';
  /** The fibre its name alone says; a label that says otherwise beats it. */
  fibre?: string;
  /** Turned once at a hem: a second fold would be a rope. */
  foldsOnce?: true;
  /** From this mass on it is a coating, g/m². */
  coatFromGsm?: number;
}

const NONE: Range = [0, 0, 2];
const SET: Range = [80, 95, 100];

const USUAL: Origin = {
  provenance: 'memory',
  source: 'Typical fabrics as sold; density and how much of the stretch wearing uses are set by us.',
};

/** The cloth families a person can start from, by their ids. Stretch and recovery in %, mass in g/m², density in kg/m³. */
// prettier-ignore
export const FAMILY = tableOf<FamilyRow>()({
  jersey: { ...USUAL, name: 'jersey', structure: 'knit', massGsm: [120, 170, 260], density: 290, stretchAcross: [25, 50, 90], stretchAlong: [5, 25, 60], recovery: [70, 88, 98], wearShare: 0.5, traits: ['curls'] },
  'slinky-jersey': { ...USUAL, name: 'slinky jersey', structure: 'knit', massGsm: [140, 200, 280], density: 380, stretchAcross: [50, 80, 130], stretchAlong: [25, 50, 100], recovery: [60, 80, 95], wearShare: 0.55, traits: ['curls', 'slippery'], knit: 'limp' },
  rib: { ...USUAL, name: 'rib', structure: 'knit', massGsm: [180, 260, 380], density: 260, stretchAcross: [60, 100, 160], stretchAlong: [5, 20, 40], recovery: [80, 92, 99], wearShare: 0.5, traits: [], knit: 'limp' },
  'double-knit': { ...USUAL, name: 'double knit', structure: 'knit', massGsm: [220, 300, 400], density: 330, stretchAcross: [15, 30, 60], stretchAlong: [3, 15, 40], recovery: [80, 92, 99], wearShare: 0.5, traits: [], knit: 'stable' },
  scuba: { ...USUAL, name: 'scuba', structure: 'knit', massGsm: [220, 300, 420], density: 300, stretchAcross: [20, 40, 70], stretchAlong: [10, 25, 60], recovery: [85, 94, 99], wearShare: 0.5, traits: [], fibre: 'polyester', knit: 'stable' },
  fleece: { ...USUAL, name: 'fleece', structure: 'knit', massGsm: [150, 240, 350], density: 110, stretchAcross: [20, 35, 60], stretchAlong: [2, 5, 20], recovery: [70, 85, 96], wearShare: 0.5, traits: ['napped', 'heat-sensitive'], fibre: 'polyester', knit: 'stable' },
  'sweater-knit': { ...USUAL, name: 'sweater knit', structure: 'knit', massGsm: [200, 320, 500], density: 160, stretchAcross: [40, 70, 130], stretchAlong: [15, 40, 90], recovery: [50, 75, 92], wearShare: 0.45, traits: ['loose'], knit: 'limp' },
  swim: { ...USUAL, name: 'swimwear fabric', structure: 'knit', massGsm: [150, 190, 260], density: 360, stretchAcross: [70, 110, 180], stretchAlong: [50, 80, 150], recovery: [88, 95, 99], wearShare: 0.65, traits: ['slippery', 'heat-sensitive'], fibre: 'nylon' },
  terry: { ...USUAL, name: 'terry', structure: 'woven', massGsm: [250, 380, 550], density: 150, stretchAcross: NONE, stretchAlong: NONE, recovery: SET, wearShare: 0, traits: ['frays'], foldsOnce: true },
  lace: { ...USUAL, name: 'lace', structure: 'knit', massGsm: [60, 110, 200], density: 260, stretchAcross: [5, 25, 80], stretchAlong: [2, 10, 50], recovery: [60, 85, 98], wearShare: 0.4, traits: ['sheer'], foldsOnce: true },
  mesh: { ...USUAL, name: 'mesh', structure: 'knit', massGsm: [30, 90, 180], density: 240, stretchAcross: [10, 50, 120], stretchAlong: [5, 35, 100], recovery: [70, 88, 98], wearShare: 0.5, traits: ['sheer'] },
  lawn: { ...USUAL, name: 'lawn', structure: 'woven', massGsm: [60, 80, 105], density: 480, stretchAcross: NONE, stretchAlong: NONE, recovery: SET, wearShare: 0, traits: ['frays'] },
  poplin: { ...USUAL, name: 'poplin', structure: 'woven', massGsm: [105, 130, 180], density: 540, stretchAcross: NONE, stretchAlong: NONE, recovery: SET, wearShare: 0, traits: ['frays'] },
  linen: { ...USUAL, name: 'linen', structure: 'woven', massGsm: [120, 190, 280], density: 450, stretchAcross: NONE, stretchAlong: NONE, recovery: SET, wearShare: 0, traits: ['frays'], fibre: 'linen' },
  'viscose-woven': { ...USUAL, name: 'woven viscose', structure: 'woven', massGsm: [90, 120, 170], density: 480, stretchAcross: NONE, stretchAlong: NONE, recovery: SET, wearShare: 0, traits: ['frays', 'slippery'], fibre: 'viscose' },
  wool: { ...USUAL, name: 'wool', structure: 'woven', massGsm: [180, 280, 450], density: 330, stretchAcross: [0, 2, 6], stretchAlong: [0, 1, 4], recovery: SET, wearShare: 0, traits: ['frays'], fibre: 'wool', coatFromGsm: 350 },
  denim: { ...USUAL, name: 'denim', structure: 'woven', massGsm: [200, 370, 560], density: 480, stretchAcross: NONE, stretchAlong: NONE, recovery: SET, wearShare: 0, traits: ['frays', 'stiff'], strong: true, fibre: 'cotton' },
  canvas: { ...USUAL, name: 'canvas', structure: 'woven', massGsm: [220, 340, 600], density: 540, stretchAcross: NONE, stretchAlong: NONE, recovery: SET, wearShare: 0, traits: ['frays', 'stiff'], strong: true },
  corduroy: { ...USUAL, name: 'corduroy', structure: 'woven', massGsm: [180, 290, 420], density: 330, stretchAcross: NONE, stretchAlong: NONE, recovery: SET, wearShare: 0, traits: ['frays', 'napped'], pile: true, foldsOnce: true },
  silk: { ...USUAL, name: 'light silk', structure: 'woven', massGsm: [30, 60, 110], density: 420, stretchAcross: NONE, stretchAlong: NONE, recovery: SET, wearShare: 0, traits: ['frays', 'slippery', 'water-marks'], silky: true, fibre: 'silk' },
  satin: { ...USUAL, name: 'satin', structure: 'woven', massGsm: [70, 100, 160], density: 480, stretchAcross: NONE, stretchAlong: NONE, recovery: SET, wearShare: 0, traits: ['frays', 'slippery', 'holes-stay', 'heat-sensitive'], silky: true },
  chiffon: { ...USUAL, name: 'chiffon', structure: 'woven', massGsm: [20, 40, 70], density: 330, stretchAcross: [0, 1, 4], stretchAlong: [0, 1, 4], recovery: SET, wearShare: 0, traits: ['frays', 'slippery', 'sheer'], silky: true },
  lining: { ...USUAL, name: 'lining', structure: 'woven', massGsm: [45, 70, 110], density: 450, stretchAcross: NONE, stretchAlong: NONE, recovery: SET, wearShare: 0, traits: ['frays', 'slippery'], silky: true },
  velvet: { ...USUAL, name: 'velvet', structure: 'woven', massGsm: [180, 260, 380], density: 210, stretchAcross: [0, 1, 5], stretchAlong: [0, 1, 5], recovery: SET, wearShare: 0, traits: ['napped', 'frays', 'water-marks'], pile: true, foldsOnce: true },
  'double-gauze': { ...USUAL, name: 'double gauze', structure: 'woven', massGsm: [90, 125, 160], density: 240, stretchAcross: [0, 2, 5], stretchAlong: [0, 2, 5], recovery: SET, wearShare: 0, traits: ['frays', 'loose'] },
  ripstop: { ...USUAL, name: 'ripstop', structure: 'woven', massGsm: [30, 55, 110], density: 620, stretchAcross: NONE, stretchAlong: NONE, recovery: SET, wearShare: 0, traits: ['slippery', 'holes-stay', 'heat-sensitive'], fibre: 'nylon' },
  neoprene: { ...USUAL, name: 'neoprene', structure: 'foam', massGsm: [350, 700, 1200], density: 280, stretchAcross: [15, 40, 80], stretchAlong: [10, 30, 60], recovery: [85, 95, 99], wearShare: 0.25, traits: ['holes-stay', 'heat-sensitive'] },
  leather: { ...USUAL, name: 'leather', structure: 'hide', massGsm: [450, 850, 1400], density: 800, stretchAcross: [0, 3, 10], stretchAlong: [0, 2, 8], recovery: SET, wearShare: 0, traits: ['holes-stay', 'heat-sensitive', 'stiff'] },
  suede: { ...USUAL, name: 'suede', structure: 'hide', massGsm: [350, 600, 1000], density: 700, stretchAcross: [0, 4, 12], stretchAlong: [0, 3, 10], recovery: SET, wearShare: 0, traits: ['holes-stay', 'heat-sensitive', 'napped'] },
  vinyl: { ...USUAL, name: 'vinyl', structure: 'coated', massGsm: [300, 600, 900], density: 850, stretchAcross: [0, 5, 20], stretchAlong: [0, 3, 10], recovery: SET, wearShare: 0, traits: ['holes-stay', 'heat-sensitive'] },
  waterproof: { ...USUAL, name: 'waterproof fabric', structure: 'coated', massGsm: [80, 150, 300], density: 520, stretchAcross: [0, 2, 10], stretchAlong: [0, 2, 8], recovery: SET, wearShare: 0, traits: ['holes-stay', 'heat-sensitive', 'slippery'] },
  'faux-fur': { ...USUAL, name: 'faux fur', structure: 'knit', massGsm: [300, 550, 900], density: 140, stretchAcross: [0, 10, 25], stretchAlong: [0, 5, 15], recovery: [60, 80, 95], wearShare: 0.2, traits: ['napped', 'heat-sensitive'], fibre: 'acrylic', foldsOnce: true },
  sequins: { ...USUAL, name: 'sequinned fabric', structure: 'layered', massGsm: [180, 300, 500], density: 300, stretchAcross: [0, 10, 50], stretchAlong: [0, 5, 30], recovery: [60, 80, 95], wearShare: 0.2, traits: ['heat-sensitive'], fibre: 'polyester' },
  'hand-woven': { ...USUAL, name: 'hand-woven fabric', structure: 'woven', massGsm: [150, 280, 450], density: 260, stretchAcross: [0, 2, 6], stretchAlong: [0, 2, 6], recovery: SET, wearShare: 0, traits: ['frays', 'loose'] },
  'quilt-sandwich': { ...USUAL, name: 'quilt sandwich', structure: 'layered', massGsm: [300, 420, 650], density: 75, stretchAcross: [0, 1, 4], stretchAlong: [0, 1, 4], recovery: SET, wearShare: 0, traits: [] },
  other: { ...USUAL, name: 'fabric', structure: 'woven', massGsm: [60, 160, 450], density: 420, stretchAcross: [0, 0, 15], stretchAlong: [0, 0, 10], recovery: [60, 90, 100], wearShare: 0.4, traits: [] },
});
export type Family = keyof typeof FAMILY;
export type FamilyFacts = (typeof FAMILY)[Family];
export const FAMILIES = idsOf(FAMILY);

/**
 * The families of which something is true.
 *
 * @param holds - what is asked of each
 * @example
 * familiesThat(({ silky }) => silky === true) // => ['silk', 'satin', 'chiffon', 'lining']
 */
export const familiesThat = (holds: (facts: FamilyFacts) => boolean): readonly Family[] =>
  FAMILIES.filter((id) => holds(FAMILY[id]));
