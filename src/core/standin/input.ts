import * as z from 'zod';
import { clothSchema } from '../cloth';
import { blockedSchema, oneOf, wholeWithin, within } from '../result';
import { operationSchema, setupSchema } from '../setup';
import { SIGNS } from '../stitch';
import { HIDDEN_FAULTS, MOST_FAULTS, standIn } from './faults';
import { observed, SEES_ALL } from './observe';
import { sewnPicture } from './picture';
import type { Raster } from './raster';
import type { SewInput, SewnLine } from './line';
import { sewLine } from './sew';

const share = (what: string) => within(0, 1, what).default(0);

/** What the simulated machine is asked to sew, which machine it is, what is hidden in it and who looks at the line. */
export const sewInputSchema = z.strictObject({
  setup: setupSchema,
  cloth: clothSchema,
  operation: operationSchema.default({ kind: 'join' }),
  machineSeed: wholeWithin(0, 2 ** 31, 'a whole number'),
  faults: z
    .array(oneOf(HIDDEN_FAULTS))
    .max(MOST_FAULTS, `expected at most ${MOST_FAULTS} faults`)
    .refine((faults) => new Set(faults).size === faults.length, 'expected each fault once')
    .default([]),
  observer: z
    .strictObject({ missesSlight: share('a share from 0 to 1'), invents: share('a share from 0 to 1') })
    .default(SEES_ALL),
  lengthMm: within(20, 1000, 'a length in mm').default(100),
  direction: oneOf(['across', 'along', 'bias']).default('across'),
});

const orNothing = z.number().nullable();

/** A line the simulated machine sewed: null where sewing ended before there was anything to measure. */
const sewnSchema = z.strictObject({
  measures: z.strictObject({
    stitches: z.number(),
    overMm: z.number(),
    afterMm: orNothing,
    shiftMm: orNothing,
    popPercent: orNothing,
    ridgeMm: orNothing,
    pucker: z.number().min(1).max(5).nullable(),
  }),
  findings: z.array(z.strictObject({ sign: oneOf(SIGNS), severity: z.number() })),
  simulated: z.literal(true),
});

/** A line, or what the needle would strike. */
export const sewOutputSchema = z.union([sewnSchema, z.strictObject({ blocked: z.array(blockedSchema) })]);

type Sew = z.output<typeof sewInputSchema>;

/**
 * Sews a line on the simulated machine of a seed.
 *
 * @param input - checked input
 * @returns measures and what the observer sees, marked as simulated; or what the needle would strike
 */
export function sew(input: Sew): z.output<typeof sewOutputSchema> {
  const line = sewLine(lineOf(input), machineOf(input), seedOf(input));
  return 'blocked' in line ? { blocked: [line.blocked] } : { ...line, findings: seenBy(line, input) };
}

const seenBy = ({ findings }: SewnLine, { observer, machineSeed }: Sew) => observed(findings, observer, machineSeed);

/** Pixels to the mm of a written picture. */
const PX_PER_MM = 10;

/**
 * The picture of the line that `sew` sews, front above back, at 10 pixels to the mm.
 *
 * @param input - checked input
 * @returns the picture; null where nothing is sewn
 */
export function sewPicture(input: Sew): Raster | null {
  return sewnPicture(lineOf(input), machineOf(input), seedOf(input), PX_PER_MM);
}

const seedOf = ({ machineSeed }: Sew) => machineSeed + 1;
const machineOf = ({ machineSeed, faults }: Sew) => standIn(machineSeed, faults);
const lineOf = ({ setup, cloth, operation, lengthMm, direction }: Sew): SewInput => ({
  setup,
  cloth,
  operation,
  lengthMm,
  direction,
});
