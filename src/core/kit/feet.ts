import { idsOf, type Origin, tableOf } from '../result';

/** Free space either side of the machine's centre, mm. */
export interface Opening {
  left: number;
  right: number;
}

/** What a foot is. */
interface FootRow {
  name: string;
  plain: string;
  /** Free space for the needle either side of the machine's centre, mm; null = as wide as the machine's swing. */
  openingMm: Opening | null;
  /** The same when the foot stands to the left or to the right of the needle, for feet that can. */
  sideOpeningMm?: { left: Opening; right: Opening };
  /** How much its sole holds the upper layer back, a plain metal sole being 1 (model). */
  drag: number;
  /** Serves ordinary seams, and not only one special job. */
  general: boolean;
  /** Part of the machine, not something to buy for any machine. */
  builtIn?: boolean;
  /** Many of this foot dislike stitches that feed backwards: warn, and defer to its manual. */
  dislikesReverse?: boolean;
}

const both = (mm: number): Opening => ({ left: mm, right: mm });
const HOLE = both(0.8);
/** Wide enough for a 7 mm zigzag with a thick needle, and no wider: a 9 mm swing strikes it (memory). */
const WIDE = both(4.1);

/** What a foot is for is common practice. */
const SHAPE: Origin = {
  provenance: 'model',
  source: 'What it is for: common practice; its opening and drag: set by us.',
};

/** Presser feet by their ids. */
// prettier-ignore
export const FOOT = tableOf<FootRow>()({
  standard: { ...SHAPE, name: 'Standard', plain: 'the one the machine came with', openingMm: null, drag: 1, general: true },
  walking: { ...SHAPE, name: 'Walking', plain: 'has teeth that move the top layer too', openingMm: WIDE, drag: 0.2, general: true, dislikesReverse: true },
  'dual-feed': { ...SHAPE, name: 'Dual feed', plain: 'built into the machine: feeds the top layer as well', openingMm: null, drag: 0.2, general: true, builtIn: true },
  glide: { ...SHAPE, name: 'Glide-soled', plain: 'has a slippery sole', openingMm: WIDE, drag: 0.5, general: true },
  knit: { ...SHAPE, name: 'Knit', plain: 'has a small spring arm that moves with the fabric', openingMm: WIDE, drag: 0.4, general: true },
  zip: { ...SHAPE, name: 'Zip', plain: 'has one bar: sews close beside teeth and cord', openingMm: both(1.2), sideOpeningMm: { left: { left: 0.8, right: 4.6 }, right: { left: 4.6, right: 0.8 } }, drag: 1, general: false },
  'concealed-zip': { ...SHAPE, name: 'Concealed zip', plain: 'has two grooves that roll the coil aside', openingMm: HOLE, drag: 1, general: false },
  straight: { ...SHAPE, name: 'Straight-stitch', plain: 'has one small hole: holds light fabric down', openingMm: HOLE, drag: 0.9, general: true },
  'quarter-inch': { ...SHAPE, name: 'Quarter-inch guide', plain: 'a guide 1/4 inch from the needle', openingMm: HOLE, drag: 0.9, general: false },
  ditch: { ...SHAPE, name: 'Ditch', plain: 'has a blade that follows a seam', openingMm: both(2.5), drag: 1, general: false },
  grooved: { ...SHAPE, name: 'Grooved', plain: 'has room underneath for satin stitch and ridges', openingMm: WIDE, drag: 0.9, general: false },
  roller: { ...SHAPE, name: 'Roller', plain: 'rolls over sticky fabric', openingMm: WIDE, drag: 0.35, general: true },
  'blind-hem': { ...SHAPE, name: 'Blind-hem', plain: 'has a guide for the fold', openingMm: WIDE, drag: 1, general: false },
  'rolled-hem': { ...SHAPE, name: 'Rolled-hem', plain: 'curls the edge as it sews', openingMm: both(2), drag: 1, general: false },
  binding: { ...SHAPE, name: 'Binding', plain: 'folds a binding round the edge', openingMm: both(2.5), drag: 1, general: false },
  buttonhole: { ...SHAPE, name: 'Buttonhole', plain: 'slides along the buttonhole', openingMm: WIDE, drag: 1, general: false },
});
export type Foot = keyof typeof FOOT;
export type FootFacts = (typeof FOOT)[Foot];
export const FEET = idsOf(FOOT);

/**
 * Where the needle may pass a foot.
 *
 * @param foot - the foot
 * @param footSide - which side of the needle a one-bar foot stands on
 * @returns free space either side of the machine's centre, mm; null when it is as wide as the machine's swing
 * @example
 * footOpening('zip', 'left') // => { left: 0.8, right: 4.6 }
 * footOpening('standard', undefined) // => null
 */
export function footOpening(foot: Foot, footSide: 'left' | 'right' | undefined): Opening | null {
  const { openingMm, sideOpeningMm } = FOOT[foot];
  return footSide && sideOpeningMm ? sideOpeningMm[footSide] : openingMm;
}

const HOLES: Origin = { provenance: 'memory', source: 'Plates of home machines.' };

/** Needle plates by their ids. Its hole is the free space either side of the needle, mm; null = the machine's swing. */
export const PLATE = tableOf<{ name: string; plain: string; holeMm: number | null }>()({
  standard: { ...HOLES, name: 'Standard', plain: 'wide slot', holeMm: null },
  straight: { ...HOLES, name: 'Straight-stitch', plain: 'one small hole', holeMm: 0.8 },
});
export type Plate = keyof typeof PLATE;
export const PLATES = idsOf(PLATE);
