import * as z from 'zod';
import { NEEDLE_SIZES, formatNeedleSize } from '../units';
import { idsOf, oneOf, rowsOf, type Origin, tableOf, within } from '../result';

/** What a point is. Eye is its length against an ordinary eye; reach says how stiff the blade is. */
interface PointRow {
  name: string;
  plain: string;
  /** Length of the eye against an ordinary one (1); none is wider. */
  eye: number;
  /** Nm sizes sold. */
  sizes: readonly number[];
  /** For twins: each distance between the needles that is sold, and in which sizes. */
  gaps: readonly { mm: number; sizes: readonly number[] }[];
}

const ON_SALE: Origin = { provenance: 'memory', source: 'Packs on sale: points, sizes and gaps.' };
const LONG_EYE: Origin = { provenance: 'model', source: 'Sizes on sale; how much longer each eye is: set by us.' };

/** Needle points a home sewist can buy, by their ids. */
// prettier-ignore
export const POINT = tableOf<PointRow>()({
  universal: { ...ON_SALE, name: 'Universal', plain: 'between a sharp and a ballpoint', eye: 1, sizes: [60, 65, 70, 75, 80, 90, 100, 110, 120], gaps: [] },
  ballpoint: { ...ON_SALE, name: 'Ballpoint', plain: 'slips between the loops', eye: 1, sizes: [70, 75, 80, 90, 100], gaps: [] },
  stretch: { ...ON_SALE, name: 'Stretch', plain: 'deeper scarf, so that the hook catches the loop in elastic fabric', eye: 1, sizes: [65, 75, 90], gaps: [] },
  sharp: { ...ON_SALE, name: 'Sharp', plain: 'pierces exactly where it lands: the straightest line', eye: 1, sizes: [60, 65, 70, 75, 80, 90, 100, 110], gaps: [] },
  jeans: { ...ON_SALE, name: 'Jeans', plain: 'slim and stiff, goes straight through thick fabric', eye: 1, sizes: [70, 80, 90, 100, 110], gaps: [] },
  leather: { ...ON_SALE, name: 'Leather', plain: 'cuts its way in: for real leather only', eye: 1, sizes: [80, 90, 100, 110], gaps: [] },
  topstitch: { ...LONG_EYE, name: 'Topstitch', plain: 'long eye for thick thread', eye: 1.5, sizes: [80, 90, 100, 110], gaps: [] },
  quilting: { ...ON_SALE, name: 'Quilting', plain: 'slim and tapered for many layers', eye: 1, sizes: [75, 90], gaps: [] },
  twin: { ...ON_SALE, name: 'Twin', plain: 'two needles, one bobbin: two rows', eye: 1, sizes: [70, 80, 90, 100], gaps: [{ mm: 1.6, sizes: [70, 80] }, { mm: 2, sizes: [80] }, { mm: 2.5, sizes: [80] }, { mm: 3, sizes: [90] }, { mm: 4, sizes: [80, 90, 100] }, { mm: 6, sizes: [100] }] },
  'twin-stretch': { ...ON_SALE, name: 'Stretch twin', plain: 'two stretch needles, kinder to knits', eye: 1, sizes: [75], gaps: [{ mm: 2.5, sizes: [75] }, { mm: 4, sizes: [75] }] },
});
export type NeedlePoint = keyof typeof POINT;
export type PointFacts = (typeof POINT)[NeedlePoint];
export const POINTS = idsOf(POINT);

const SIZES = NEEDLE_SIZES.map((s) => s.nm);

/** A needle: its point, its metric size, and for twins the gap in mm. */
export const needleSchema = z
  .strictObject({
    point: oneOf(POINTS),
    nm: within(60, 120, 'a needle size').refine((nm) => SIZES.includes(nm), {
      error: `expected a size that is made: ${SIZES.join(', ')}`,
    }),
    gapMm: within(1, 6, 'a gap in mm').optional(),
  })
  .refine((n) => isTwin(n.point) === (n.gapMm !== undefined), {
    path: ['gapMm'],
    error: 'expected a gap for twin needles, and none for others',
  });
export type Needle = z.infer<typeof needleSchema>;

/**
 * Whether a point has two needles.
 *
 * @param point - the point
 * @example
 * isTwin('twin-stretch') // => true
 */
export function isTwin(point: NeedlePoint): boolean {
  return POINT[point].gaps.length > 0;
}

/**
 * A needle in words.
 *
 * @param needle - the needle
 * @returns for example `Ballpoint 75/11`
 * @example
 * needleName({ point: 'ballpoint', nm: 75 }) // => 'Ballpoint 75/11'
 * needleName({ point: 'twin', nm: 80, gapMm: 2.5 }) // => 'Twin 80/12, 2.5 mm apart'
 */
export function needleName({ point, nm, gapMm }: Needle): string {
  const name = `${POINT[point].name} ${formatNeedleSize(nm)}`;
  return gapMm === undefined ? name : `${name}, ${gapMm} mm apart`;
}

/** Every needle that is sold: points in their sizes, twins in the sizes of each gap. */
export const ALL_NEEDLES: readonly Needle[] = rowsOf(POINT).flatMap(({ id, sizes, gaps }): Needle[] =>
  gaps.length === 0
    ? sizes.map((nm) => ({ point: id, nm }))
    : gaps.flatMap(({ mm, sizes: made }) => made.map((nm) => ({ point: id, nm, gapMm: mm }))),
);

/**
 * The needles of one point that are sold, the nearest in size first.
 *
 * @param point - the point
 * @param nm - the size wanted
 * @example
 * soldNearest('twin', 90)[0] // => { point: 'twin', nm: 90, gapMm: 3 }
 */
export const soldNearest = (point: NeedlePoint, nm: number): Needle[] =>
  ALL_NEEDLES.filter((needle) => needle.point === point).sort((a, b) => Math.abs(a.nm - nm) - Math.abs(b.nm - nm));

/**
 * Whether two needles are of one kind: point, size, and for twins the gap.
 *
 * @param a - one
 * @param b - the other
 * @example
 * sameNeedle({ point: 'jeans', nm: 90 }, { point: 'jeans', nm: 100 }) // => false
 */
export const sameNeedle = (a: Needle, b: Needle): boolean =>
  a.point === b.point && a.nm === b.nm && a.gapMm === b.gapMm;

/** Order of needles in a list: by point as the points are listed, then the finer first. */
export const compareNeedles = (a: Needle, b: Needle): number =>
  POINTS.indexOf(a.point) - POINTS.indexOf(b.point) || a.nm - b.nm;
