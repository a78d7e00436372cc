import * as z from 'zod';
import { NEEDLE_SIZES, formatNeedleSize } from '../units';
import { oneOf, within } from '../result';

/** Needle points a home sewist can buy. */
export const POINTS = [
  'universal',
  'ballpoint',
  'stretch',
  'sharp',
  'jeans',
  'leather',
  'topstitch',
  'quilting',
  'twin',
  'twin-stretch',
] as const;
export type Point = (typeof POINTS)[number];

/** What a point is. Eye is its length against an ordinary eye; reach says how stiff the blade is. */
export interface PointFacts {
  id: Point;
  name: string;
  plain: string;
  /** Size of the eye against an ordinary one (1). */
  eye: number;
  /** Nm sizes sold. */
  sizes: readonly number[];
  /** Distances between the needles, for twins. */
  gapsMm: readonly number[];
}

// prettier-ignore
const ROWS: [Point, string, string, number, number[], number[]?][] = [
  ['universal', 'Universal', 'between a sharp and a ballpoint', 1, [60, 65, 70, 75, 80, 90, 100, 110, 120]],
  ['ballpoint', 'Ballpoint', 'slips between the loops', 1, [70, 75, 80, 90, 100]],
  ['stretch', 'Stretch', 'deeper scarf: the hook catches the loop in elastic cloth', 1, [65, 75, 90]],
  ['sharp', 'Sharp', 'pierces where it stands: the straightest line', 1, [60, 65, 70, 75, 80, 90, 100, 110]],
  ['jeans', 'Jeans', 'slim, stiff, does not push thick cloth down', 1, [70, 80, 90, 100, 110]],
  ['leather', 'Leather', 'cuts its way: real hide only', 1, [80, 90, 100, 110]],
  ['topstitch', 'Topstitch', 'long eye for thick thread', 1.5, [80, 90, 100, 110]],
  ['quilting', 'Quilting', 'slim and tapered for many layers', 1, [75, 90]],
  ['twin', 'Twin', 'two needles, one bobbin: two rows', 1, [80, 90], [1.6, 2, 2.5, 3, 4]],
  ['twin-stretch', 'Stretch twin', 'two stretch needles, kinder to knits', 1, [75], [2.5, 4]],
];

/** Every point by its id. */
export const POINT: Readonly<Record<Point, PointFacts>> = Object.fromEntries(
  ROWS.map(([id, name, plain, eye, sizes, gapsMm]) => [
    id,
    { id, name, plain, eye, sizes, gapsMm: gapsMm ?? [] } satisfies PointFacts,
  ]),
) as unknown as Record<Point, PointFacts>;

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
export function isTwin(point: Point): boolean {
  return POINT[point].gapsMm.length > 0;
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

/** Every needle that is sold: points × sizes × gaps. */
export const ALL_NEEDLES: readonly Needle[] = Object.values(POINT).flatMap(({ id, sizes, gapsMm }) =>
  sizes.flatMap((nm): Needle[] =>
    gapsMm.length === 0 ? [{ point: id, nm }] : gapsMm.map((gapMm) => ({ point: id, nm, gapMm })),
  ),
);

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
