import { z } from 'zod';
import {
  massFrom,
  massInputSchema,
  shrinkFrom,
  shrinkInputSchema,
  stretchFromMarks,
  stretchMarksSchema,
} from '../src/core/cloth';
import { threadNeedle, threadNeedleInputSchema } from '../src/core/kit';
import { checkInputSchema, checkSetup, match, matchInputSchema, matchOutputSchema, SCHOOLS } from '../src/core/match';
import { giveInputSchema, riskSchema, seamGive } from '../src/core/physics';
import { above0, blockedSchema, wholeWithin } from '../src/core/result';
import { threadUse, threadUseInputSchema } from '../src/core/stitch';
import { spiFromLength, texFrom, THREAD_SYSTEMS, threadNumbers } from '../src/core/units';

/** One thing the command can do: what it takes, what it gives, and how. */
export interface Command {
  about: string;
  input: z.ZodType;
  output: z.ZodType;
  run: (input: never) => unknown;
}

const number = z.number();

function command<I extends z.ZodType, O extends z.ZodType>(
  about: string,
  input: I,
  output: O,
  run: (input: z.output<I>) => unknown,
): Command {
  return { about, input, output, run };
}

const stitchLengthInput = z.union([
  z.strictObject({
    stitches: wholeWithin(1, 100000, 'a whole number of stitches'),
    overMm: above0('a length in mm'),
  }),
  z.strictObject({ lengthMm: above0('a length in mm') }),
  z.strictObject({ spi: above0('stitches per inch') }),
]);

const threadInput = z.union(THREAD_SYSTEMS.map((system) => z.strictObject({ [system]: above0('a thread number') })));

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
    'how heavy a cloth is, in every unit',
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
  'stitch-length': command(
    'stitch length and stitches per inch',
    stitchLengthInput,
    z.strictObject({ lengthMm: number, spi: number }),
    (input) => {
      const lengthMm =
        'stitches' in input
          ? input.overMm / input.stitches
          : 'spi' in input
            ? spiFromLength(input.spi)
            : input.lengthMm;
      return { lengthMm, spi: spiFromLength(lengthMm) };
    },
  ),
  thread: command(
    'a thread in every numbering system',
    threadInput,
    z.strictObject(Object.fromEntries(THREAD_SYSTEMS.map((system) => [system, number]))),
    (input) => {
      const [system] = Object.keys(input) as (typeof THREAD_SYSTEMS)[number][];
      return threadNumbers(texFrom(system, input[system]));
    },
  ),
  'thread-needle': command(
    'how a thread fills a needle’s eye',
    threadNeedleInputSchema,
    z.strictObject({
      threadMm: number,
      eyeMm: number,
      fill: number,
      verdict: z.enum(['sloppy', 'good', 'tight', 'shreds']),
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
};

/** Commands that take a whole question. */
export const COMMANDS: Record<string, Command> = {
  match: command(
    'a cloth and a seam in, a complete setting with reasons out',
    matchInputSchema,
    matchOutputSchema,
    match,
  ),
  check: command(
    'a setting looked over: what would break, what would go wrong',
    checkInputSchema,
    z.strictObject({
      blocked: z.array(blockedSchema),
      risks: z.array(riskSchema),
      needleThread: z.strictObject({ fill: number, verdict: z.string() }),
    }),
    checkSetup,
  ),
};

/** Names the contract gives that this version does not answer yet. */
export const LATER: readonly string[] = [
  'diagnose',
  'schedule',
  'photo',
  'sew',
  'verify',
  'calc rigidity',
  'calc curve',
  'calc clips',
  'calc corner',
  'calc french',
  'calc felled',
  'calc band',
  'calc zip',
  'calc hump',
  'calc bow',
  'calc bobbin',
  'calc topstitch',
];

/** The schools that `schema match` lists beside the shapes. */
export const SCHOOL_LIST = SCHOOLS.map(({ question, asks, names, default: usual, why }) => ({
  question,
  asks,
  names,
  default: usual,
  why,
}));
