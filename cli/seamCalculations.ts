import * as z from 'zod';
import {
  bandFor,
  bandInputSchema,
  cannotSchema,
  clipsFor,
  clipsInputSchema,
  cornerAnswer,
  cornerInputSchema,
  curveAnswer,
  curveInputSchema,
  felledInputSchema,
  felledSeam,
  frenchInputSchema,
  frenchSeam,
  humpInputSchema,
  humpOver,
  seamStrength,
  strengthInputSchema,
  strengthSchema,
  topstitchInputSchema,
  topstitchRows,
  zipInputSchema,
  zipPlan,
  zipToBuy,
  zipToBuyInputSchema,
} from '../src/core/seam';
import { command, type Command } from './command';

const number = z.number();
const orCannot = <T extends z.ZodType>(shape: T) => z.union([shape, cannotSchema]);

/** `calc NAME`: the geometry and width bookkeeping of seams. */
export const SEAM_CALCULATIONS: Record<string, Command> = {
  curve: command(
    'stitch length, steering and pivots on a curve',
    curveInputSchema,
    z.strictObject({
      maxLengthMm: number,
      steerLengthMm: number,
      sewLengthMm: number,
      chordErrorMm: number,
      turnPerStitchDeg: number,
      maxSpeedSpm: number,
      pivotEvery: number.nullable(),
    }),
    curveAnswer,
  ),
  clips: command(
    'wedges outside a curve, snips inside one',
    clipsInputSchema,
    orCannot(
      z.strictObject({
        differenceMm: number,
        kind: z.enum(['notch', 'clip']),
        count: number,
        spacingMm: number.nullable(),
        trimToMm: number.optional(),
      }),
    ),
    clipsFor,
  ),
  corner: command(
    'stitches to a corner and across it',
    cornerInputSchema,
    z.strictObject({ stitches: number, lengthMm: number, across: number }),
    cornerAnswer,
  ),
  'seam-strength': command(
    'the load a seam takes, compared with its use and its fabric',
    strengthInputSchema,
    strengthSchema,
    seamStrength,
  ),
  french: command(
    'the two rows of a French seam',
    frenchInputSchema,
    orCannot(z.strictObject({ firstMm: number, trimMm: number, secondMm: number })),
    frenchSeam,
  ),
  felled: command(
    'the widths of a flat-felled seam',
    felledInputSchema,
    orCannot(
      z.strictObject({ bandMm: number, trimMm: number, tuckMm: number, topstitchFromFoldMm: number, layers: number }),
    ),
    felledSeam,
  ),
  band: command(
    'a band for an opening, quarter by quarter',
    bandInputSchema,
    z.strictObject({
      cutMm: number,
      finishedMm: number,
      ratio: number,
      quarterBandMm: number,
      quarterOpeningMm: number,
      stretchToFitPercent: number,
      passesGirth: z.boolean().nullable().optional(),
    }),
    bandFor,
  ),
  zip: command(
    'every position and row of a zip',
    zipInputSchema,
    orCannot(
      z.strictObject({
        positions: z.record(z.string(), z.strictObject({ alongMm: number.optional(), acrossMm: number.optional() })),
        stitches: z.record(z.string(), z.strictObject({ count: number, lengthMm: number })),
        tapeFromRawEdgeMm: number,
      }),
    ),
    zipPlan,
  ),
  'zip-to-buy': command(
    'the zip to buy for an opening',
    zipToBuyInputSchema,
    orCannot(
      z.strictObject({
        teethMm: number,
        leastMm: number,
        buyMm: number.nullable(),
        tooLongMm: number,
        then: z.enum(['sew-to-notch', 'as-it-is', 'shorten', 'by-the-metre']),
      }),
    ),
    zipToBuy,
  ),
  hump: command(
    'crossing a step in thickness',
    humpInputSchema,
    z.strictObject({
      stepMm: number,
      tiltDeg: number,
      shimMm: number,
      folds: number,
      clears: z.enum(['normal', 'extra', 'no']),
    }),
    humpOver,
  ),
  topstitch: command(
    'stitches along edges so that there is one at every corner',
    topstitchInputSchema,
    orCannot(
      z.strictObject({
        rows: z.array(
          z.strictObject({
            edges: z.array(z.strictObject({ rowMm: number, stitches: number, lengthMm: number })),
          }),
        ),
      }),
    ),
    topstitchRows,
  ),
};
