import * as z from 'zod';
import { blockedSchema } from '../result';
import { measurePhoto, type PhotoQuestion } from './measurePhoto';
import type { Pixels } from './picture/pixels';

/** What the headless command takes beside the picture. */
export const photoInputSchema = z.strictObject({
  mmPerPx: z.number().positive().max(10).optional(),
  card: z.boolean().optional(),
  stitch: z.string().optional(),
  detail: z.boolean().optional(),
});
export type PhotoInput = z.infer<typeof photoInputSchema>;

const measuredSchema = z.strictObject({
  stitch: z.enum(['straight', 'zigzag']),
  pitchMm: z.number(),
  pitchSpreadMm: z.number(),
  count: z.int(),
  puckerGrade: z.number().optional(),
  skipped: z.int(),
  widthMm: z.number(),
  straightnessMm: z.number(),
  angleDeg: z.number(),
  lengthMm: z.number(),
  confidence: z.number().min(0).max(1),
  mmPerPx: z.number(),
  positions: z.array(z.strictObject({ xPx: z.number(), yPx: z.number() })).optional(),
});
export const photoOutputSchema = z.union([measuredSchema, z.strictObject({ blocked: z.array(blockedSchema) })]);

const KINDS = ['straight', 'zigzag'] as const;

/**
 * What a picture says of its most confident line of stitching, as the headless command gives it.
 *
 * @param pixels - the picture, upright
 * @param input - scale, stitch, and whether positions are wanted; without a typed scale a card is looked for
 * @returns the measures, or why the picture is refused
 */
export function photoAnswer(pixels: Pixels, input: PhotoInput): z.output<typeof photoOutputSchema> {
  const kind = KINDS.find((known) => known === input.stitch) ?? null;
  if (input.stitch !== undefined && !kind)
    return {
      blocked: [
        {
          code: 'photo.stitch-not-read',
          text: `A photo is read for straight stitch and zigzag only, not for “${input.stitch}”.`,
        },
      ],
    };
  const scale: PhotoQuestion['scale'] =
    input.mmPerPx === undefined ? { from: 'card' } : { from: 'typed', mmPerPx: input.mmPerPx };
  const measured = measurePhoto(pixels, { scale, kind, line: null, most: 1 });
  if ('blocked' in measured) return measured;
  const [seam] = measured.seams;
  const seen = seam.penetrations.filter((one) => one.seen);
  return {
    stitch: seam.kind,
    pitchMm: seam.pitchMm,
    pitchSpreadMm: seam.pitchSpreadMm,
    count: seam.count,
    ...(seam.puckerGrade === null ? {} : { puckerGrade: seam.puckerGrade }),
    skipped: seam.skipped,
    widthMm: seam.widthMm,
    straightnessMm: seam.straightnessMm,
    angleDeg: seam.angleDeg,
    lengthMm: seam.lengthMm,
    confidence: seam.confidence,
    mmPerPx: seam.mmPerPx,
    ...(input.detail ? { positions: seen.map(({ xPx, yPx }) => ({ xPx, yPx })) } : {}),
  };
}
