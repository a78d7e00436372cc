import * as z from 'zod';
import { crossesItself, outlineAreaMm2 } from '../geometry';
import { above0, idSchema, momentSchema, oneOf, wholeWithin, within } from '../result';
import { stretchMarksSchema } from './stretch';

/** The instruments of the Cloth station, in the order they are worth picking up. */
export const GAUGES = [
  'stretch',
  'weight',
  'thickness',
  'shrink',
  'stiffness',
  'fray',
  'pin-hole',
  'bleed',
  'heat',
] as const;
export type Gauge = (typeof GAUGES)[number];

const common = {
  at: momentSchema,
  /** Set aside by the person: kept, but not used. */
  aside: z.literal(true).optional(),
};
const directionSchema = oneOf(['across', 'along']);

/** One pull of a folded edge. Marks in mm. */
const stretchReading = z.strictObject({
  gauge: z.literal('stretch'),
  direction: directionSchema,
  marks: stretchMarksSchema,
  ...common,
});

/** The least area that a kitchen scale can say anything of, mm². */
const LEAST_AREA_MM2 = 400;

const pointSchema = z.strictObject({ x: within(-5000, 5000, 'mm'), y: within(-5000, 5000, 'mm') });

/** A piece of cloth as it was cut: a rectangle, or any outline by its corners. Lengths in mm. */
export const pieceSchema = z.union([
  z.strictObject({ widthMm: above0('a width in mm', 10000), lengthMm: above0('a length in mm', 100000) }),
  z.strictObject({
    outline: z
      .array(pointSchema)
      .min(3, 'expected three corners or more')
      .max(400, 'expected at most 400 corners')
      .refine((points) => !crossesItself(points), { error: 'expected an outline that does not cross itself' }),
  }),
]);
export type Piece = z.infer<typeof pieceSchema>;

/**
 * The area of a cut piece.
 *
 * @param piece - a rectangle or an outline, mm
 * @returns mm²
 * @example
 * pieceAreaMm2({ widthMm: 100, lengthMm: 200 }) // => 20000
 */
export function pieceAreaMm2(piece: Piece): number {
  return 'outline' in piece ? outlineAreaMm2(piece.outline) : piece.widthMm * piece.lengthMm;
}

/** A piece of one layer on the scale. */
const weightReading = z
  .strictObject({ gauge: z.literal('weight'), piece: pieceSchema, grams: above0('a weight in g', 20000), ...common })
  .refine((r) => pieceAreaMm2(r.piece) >= LEAST_AREA_MM2, {
    path: ['piece'],
    error: 'expected a piece of 4 cm² or more: scales are too coarse for less',
  })
  .refine((r) => gsmOf(r) >= 5 && gsmOf(r) <= 3000, {
    path: ['grams'],
    error: 'expected a weight that makes 5 to 3000 g/m²: check the size of the piece and the unit of the scale',
  });

/** A stack of layers under a light hand weight. */
const thicknessReading = z
  .strictObject({
    gauge: z.literal('thickness'),
    layers: wholeWithin(1, 100, 'a number of layers'),
    stackMm: above0('a height in mm', 300),
    ...common,
  })
  .refine((r) => r.stackMm / r.layers <= 30, {
    path: ['stackMm'],
    error: 'expected at most 30 mm for each layer',
  });

/** A marked square before the wash and after the n-th one, both ways. */
const shrinkReading = z
  .strictObject({
    gauge: z.literal('shrink'),
    wash: wholeWithin(1, 20, 'which wash this was'),
    beforeMm: within(50, 2000, 'a marked length in mm'),
    acrossMm: above0('a length in mm', 3000),
    alongMm: above0('a length in mm', 3000),
    ...common,
  })
  .superRefine((r, context) => {
    for (const way of ['acrossMm', 'alongMm'] as const) {
      const share = r[way] / r.beforeMm;
      if (share > 1.2) context.addIssue({ code: 'custom', path: [way], message: TOO_LONG });
      if (share < 0.4) context.addIssue({ code: 'custom', path: [way], message: TOO_SHORT });
    }
  });
const TOO_LONG = 'expected at most a fifth longer than before the wash: measure it dry and flat';
const TOO_SHORT = 'expected at least two fifths of the length before the wash: check the unit';

/** A strip slid over the edge until its tip falls to the slope of 41.5°. */
const stiffnessReading = z.strictObject({
  gauge: z.literal('stiffness'),
  direction: directionSchema,
  overhangMm: within(5, 500, 'an overhang in mm'),
  ...common,
});

/** Loose yarn after ten rubs with a thumb nail along the cut edge. */
const frayReading = z.strictObject({
  gauge: z.literal('fray'),
  looseMm: within(0, 50, 'a length of loose yarn in mm'),
  ...common,
});

/** Whether the hole of a pin is still there. */
const pinHoleReading = z.strictObject({
  gauge: z.literal('pin-hole'),
  stays: z.boolean({ error: 'expected true or false' }),
  ...common,
});

/** What a damp white rag and the rinsing water show. */
const bleedReading = z.strictObject({
  gauge: z.literal('bleed'),
  rinse: wholeWithin(1, 20, 'which rinse this was'),
  shows: oneOf(['nothing', 'a little', 'colour']),
  ...common,
});

/** Sole-plate ceilings of one, two and three dots, °C (ISO 3758:2012). */
export const IRON_STEPS = [110, 150, 200] as const;
export type IronStep = (typeof IRON_STEPS)[number];

/** What heat did to a scrap at one step of the iron. */
export const HEAT_SIGNS = ['nothing', 'shine', 'mark', 'water-mark', 'shrank', 'melted'] as const;
export type HeatSign = (typeof HEAT_SIGNS)[number];

const heatReading = z.strictObject({
  gauge: z.literal('heat'),
  soleC: z.union([z.literal(110), z.literal(150), z.literal(200)], { error: 'expected 110, 150 or 200 °C' }),
  seen: oneOf(HEAT_SIGNS),
  ...common,
});

/** One reading of any gauge, as it was read. */
export const readingSchema = z.discriminatedUnion(
  'gauge',
  [
    stretchReading,
    weightReading,
    thicknessReading,
    shrinkReading,
    stiffnessReading,
    frayReading,
    pinHoleReading,
    bleedReading,
    heatReading,
  ],
  { error: `expected a gauge: ${GAUGES.join(', ')}` },
);
export type ClothReading = z.infer<typeof readingSchema>;

const kept = { id: idSchema };

/** A reading as it is kept with its cloth: it has an id of its own. */
export const keptReadingSchema = z.discriminatedUnion(
  'gauge',
  [
    stretchReading.safeExtend(kept),
    weightReading.safeExtend(kept),
    thicknessReading.safeExtend(kept),
    shrinkReading.safeExtend(kept),
    stiffnessReading.safeExtend(kept),
    frayReading.safeExtend(kept),
    pinHoleReading.safeExtend(kept),
    bleedReading.safeExtend(kept),
    heatReading.safeExtend(kept),
  ],
  { error: `expected a gauge: ${GAUGES.join(', ')}` },
);
export type KeptReading = z.infer<typeof keptReadingSchema>;
export type ReadingOf<G extends Gauge> = Extract<ClothReading, { gauge: G }>;

/**
 * The readings of one gauge that count: those set aside are left out.
 *
 * @param readings - all readings of a cloth
 * @param gauge - which gauge
 * @returns its readings in the order they were taken
 */
export function readingsOf<G extends Gauge>(readings: readonly ClothReading[], gauge: G): ReadingOf<G>[] {
  const used = readings.filter((r): r is ReadingOf<G> => r.gauge === gauge && !r.aside);
  return used.sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
}

/**
 * Mass of one layer from a piece on the scale.
 *
 * @param reading - the piece and its weight
 * @returns g/m²
 * @example
 * gsmOf({ piece: { widthMm: 100, lengthMm: 100 }, grams: 1.6 }) // => 160
 */
export function gsmOf(reading: { piece: Piece; grams: number }): number {
  return (reading.grams * 1e6) / pieceAreaMm2(reading.piece);
}
