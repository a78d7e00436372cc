import * as z from 'zod';
import {
  massFrom,
  massInputSchema,
  rigidityFrom,
  rigidityInputSchema,
  shrinkFrom,
  shrinkInputSchema,
  stretchFromMarks,
  stretchMarksSchema,
} from '../src/core/cloth';
import {
  bobbinCapacity,
  bobbinInputSchema,
  FIT_VERDICTS,
  threadNeedle,
  threadNeedleInputSchema,
} from '../src/core/kit';
import { bowInputSchema, giveInputSchema, seamGive, stripBow } from '../src/core/physics';
import { above0, wholeWithin } from '../src/core/result';
import { threadUse, threadUseInputSchema } from '../src/core/stitch';
import { spiFromLength, texFrom, THREAD_SYSTEMS, threadNumbers } from '../src/core/units';
import { command, type Command } from './command';
import { SEAM_CALCULATIONS } from './seamCalculations';

const number = z.number();

const stitchLengthInput = z.union([
  z.strictObject({ stitches: wholeWithin(1, 100000, 'a whole number of stitches'), overMm: above0('a length in mm') }),
  z.strictObject({ lengthMm: above0('a length in mm') }),
  z.strictObject({ spi: above0('stitches per inch') }),
]);

function stitchLength(input: z.infer<typeof stitchLengthInput>) {
  if ('spi' in input) return { lengthMm: spiFromLength(input.spi), spi: input.spi };
  const lengthMm = 'stitches' in input ? input.overMm / input.stitches : input.lengthMm;
  return { lengthMm, spi: spiFromLength(lengthMm) };
}

/** Counts are of one yarn; several are twisted into a thread. */
const PLIED = ['cottonCount', 'metricCount'] as const;
const plies = wholeWithin(1, 12, 'a whole number of plies').default(1);
const threadInput = z.union([
  ...THREAD_SYSTEMS.filter((system) => !PLIED.some((plied) => plied === system)).map((system) =>
    z.strictObject({ [system]: above0('a thread number') }),
  ),
  z.strictObject({ cottonCount: above0('a thread number'), plies }),
  z.strictObject({ metricCount: above0('a thread number'), plies }),
]);

function thread(input: Record<string, number>) {
  const system = THREAD_SYSTEMS.find((name) => name in input)!;
  return { ...threadNumbers(texFrom(system, input[system]) * (input.plies ?? 1)) };
}

/** `calc NAME`: plain arithmetic. */
export const CALCULATIONS: Record<string, Command> = {
  stretch: command(
    'stretch, recovery and growth from three marks',
    stretchMarksSchema,
    z.strictObject({
      stretchPercent: number,
      recoveryPercent: number.nullable().optional(),
      growthPercent: number.optional(),
    }),
    stretchFromMarks,
  ),
  mass: command(
    'how heavy a fabric is, in every unit',
    massInputSchema,
    z.strictObject({ gsm: number, ozPerSqYd: number, momme: number }),
    massFrom,
  ),
  shrink: command(
    'shrinkage, and how much to buy',
    shrinkInputSchema,
    z.strictObject({ shrinkPercent: number, buyMm: number.optional() }),
    shrinkFrom,
  ),
  rigidity: command(
    'bending length and stiffness from an overhanging strip',
    rigidityInputSchema,
    z.strictObject({ bendingLengthMm: number, rigidityMgCm: number }),
    rigidityFrom,
  ),
  'stitch-length': command(
    'stitch length and stitches per inch',
    stitchLengthInput,
    z.strictObject({ lengthMm: number, spi: number }),
    stitchLength,
  ),
  thread: command(
    'a thread in every numbering system',
    threadInput,
    z.strictObject(Object.fromEntries(THREAD_SYSTEMS.map((system) => [system, number]))),
    thread,
  ),
  'thread-needle': command(
    'how a thread fills a needle’s eye',
    threadNeedleInputSchema,
    z.strictObject({
      threadMm: number,
      eyeMm: number,
      fill: number,
      verdict: z.enum(FIT_VERDICTS),
      bestNm: z.array(number),
    }),
    threadNeedle,
  ),
  'thread-use': command(
    'thread in a seam',
    threadUseInputSchema,
    z.strictObject({ ratio: number, totalMm: number, needleMm: number, bobbinMm: number }),
    threadUse,
  ),
  give: command('how far a seam stretches', giveInputSchema, z.strictObject({ low: number, high: number }), seamGive),
  bow: command(
    'how far a set of strips bends when one layer feeds more',
    bowInputSchema,
    z.strictObject({ sagittaMm: number, rangeMm: z.tuple([number, number]) }),
    stripBow,
  ),
  bobbin: command('thread on a full bobbin', bobbinInputSchema, z.strictObject({ metres: number }), bobbinCapacity),
  ...SEAM_CALCULATIONS,
};
