/** Presser feet. */
export const FEET = [
  'standard',
  'walking',
  'dual-feed',
  'glide',
  'knit',
  'zip',
  'concealed-zip',
  'straight',
  'quarter-inch',
  'ditch',
  'grooved',
  'roller',
  'blind-hem',
  'rolled-hem',
  'binding',
  'buttonhole',
] as const;
export type Foot = (typeof FEET)[number];

/** What a foot is. */
export interface FootFacts {
  id: Foot;
  name: string;
  plain: string;
  /** Free space for the needle either side of the foot's centre, mm; null = as wide as the machine's swing. */
  openingMm: { left: number; right: number } | null;
  /** How much its sole holds the upper layer back, a plain metal sole being 1 (model). */
  drag: number;
  /** Serves ordinary seams, and not only one special job. */
  general: boolean;
  /** Part of the machine, not something to buy for any machine. */
  builtIn?: boolean;
  /** Many of this foot dislike stitches that feed backwards: warn, and defer to its manual. */
  dislikesReverse?: boolean;
}

const HOLE = { left: 0.8, right: 0.8 };

// prettier-ignore
const ROWS: FootFacts[] = [
  { id: 'standard', name: 'Standard', plain: 'the one the machine came with', openingMm: null, drag: 1, general: true },
  { id: 'walking', name: 'Walking', plain: 'its own teeth move the top layer too', openingMm: null, drag: 0.2, general: true, dislikesReverse: true },
  { id: 'dual-feed', name: 'Dual feed', plain: 'built into the machine: feeds from above', openingMm: null, drag: 0.2, general: true, builtIn: true },
  { id: 'glide', name: 'Glide-soled', plain: 'a slippery sole', openingMm: null, drag: 0.5, general: true },
  { id: 'knit', name: 'Knit', plain: 'small spring arm that moves with the cloth', openingMm: null, drag: 0.4, general: true },
  { id: 'zip', name: 'Zip', plain: 'one bar: sews beside teeth and cord', openingMm: { left: 1.2, right: 1.2 }, drag: 1, general: false },
  { id: 'concealed-zip', name: 'Concealed zip', plain: 'two grooves that roll the coil aside', openingMm: HOLE, drag: 1, general: false },
  { id: 'straight', name: 'Straight-stitch', plain: 'one small hole: holds light cloth down', openingMm: HOLE, drag: 0.9, general: true },
  { id: 'quarter-inch', name: 'Quarter-inch guide', plain: 'a guide 1/4 inch from the needle', openingMm: HOLE, drag: 0.9, general: false },
  { id: 'ditch', name: 'Ditch', plain: 'a blade that follows a seam', openingMm: { left: 2.5, right: 2.5 }, drag: 1, general: false },
  { id: 'grooved', name: 'Grooved', plain: 'room beneath for satin stitch and ridges', openingMm: null, drag: 0.9, general: false },
  { id: 'roller', name: 'Roller', plain: 'rolls over sticky cloth', openingMm: null, drag: 0.35, general: true },
  { id: 'blind-hem', name: 'Blind-hem', plain: 'a guide for the fold', openingMm: null, drag: 1, general: false },
  { id: 'rolled-hem', name: 'Rolled-hem', plain: 'curls the edge as it goes', openingMm: { left: 2, right: 2 }, drag: 1, general: false },
  { id: 'binding', name: 'Binding', plain: 'folds a binding round the edge', openingMm: { left: 2.5, right: 2.5 }, drag: 1, general: false },
  { id: 'buttonhole', name: 'Buttonhole', plain: 'slides along the buttonhole', openingMm: null, drag: 1, general: false },
];

/** Every foot by its id. */
export const FOOT: Readonly<Record<Foot, FootFacts>> = Object.fromEntries(ROWS.map((row) => [row.id, row])) as Record<
  Foot,
  FootFacts
>;

/** Needle plates: a wide slot, or one small hole. */
export const PLATES = ['standard', 'straight'] as const;
export type Plate = (typeof PLATES)[number];

/** What a plate is. Reach is the free space either side of the needle's hole, mm; null = the machine's swing. */
export const PLATE: Readonly<Record<Plate, { id: Plate; name: string; plain: string; holeMm: number | null }>> = {
  standard: { id: 'standard', name: 'Standard', plain: 'wide slot', holeMm: null },
  straight: { id: 'straight', name: 'Straight-stitch', plain: 'one small hole', holeMm: 0.8 },
};
