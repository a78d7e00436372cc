import * as z from 'zod';
import { STRUCTURES, type Structure } from '../cloth';
import { FIBRE, threadSchema } from '../kit';
import { above0, idsOf, oneOf, type Origin, tableOf } from '../result';
import { MM_PER_INCH, N_PER_LBF } from '../units';

/** How much a row of one stitch bears: two threads hold each stitch, and the loops weaken both. */
interface HoldRow {
  /** Times the strength of the thread, for each stitch. */
  factor: number;
}

const BULLETIN: Origin = {
  provenance: 'handbook',
  source: 'Thread makers’ bulletins: stitches per inch × strength of the thread × this.',
};

/** Rows whose strength thread makers give a rule for, by their ids: 301 and 401 of ISO 4915. */
export const HOLD = tableOf<HoldRow>()({
  lockstitch: { ...BULLETIN, factor: 1.5 },
  chainstitch: { ...BULLETIN, factor: 1.7 },
});
export type Hold = keyof typeof HOLD;
export const HOLDS = idsOf(HOLD);

/** What a seam has to bear. */
interface SeamUseRow {
  name: string;
  /** Force across each inch of the seam, N. */
  needsN: number;
}

const SUPPOSED: Origin = { provenance: 'model', source: 'How much load a seam takes in use is set by us.' };

/** Uses of a seam, by their ids: the lightest first. */
export const SEAM_USE = tableOf<SeamUseRow>()({
  light: { ...SUPPOSED, name: 'Light: a lining, a scarf, a loose top', needsN: 60 },
  daily: { ...SUPPOSED, name: 'Everyday: a shirt, a skirt, a dress', needsN: 90 },
  hard: { ...SUPPOSED, name: 'Hard: trousers, a bag, a cushion to sit on', needsN: 160 },
});
export type SeamUse = keyof typeof SEAM_USE;
export const SEAM_USES = idsOf(SEAM_USE);

/** Force that tears an inch of fabric for each g/m² of it, N (model). */
const TEARS_N_PER_GSM: Readonly<Record<Structure, number>> = {
  woven: 1.6,
  knit: 1.1,
  foam: 0.6,
  hide: 0.8,
  coated: 0.8,
  layered: 0.6,
};

/** A seam, its thread, and, where they are known, its fabric and its use. */
export const strengthInputSchema = z.strictObject({
  lengthMm: above0('a stitch length in mm', 12),
  thread: threadSchema,
  /** Strength of the thread as its maker gives it, N; otherwise worked out from fibre and Tex. */
  threadN: above0('a force in newton', 1000).optional(),
  hold: oneOf(HOLDS).default('lockstitch'),
  fabric: z.strictObject({ structure: oneOf(STRUCTURES), massGsm: above0('g/m²', 3000) }).optional(),
  use: oneOf(SEAM_USES).optional(),
});

/** What a seam bears; forces across each inch of it. */
export const strengthSchema = z.strictObject({
  threadN: z.number(),
  perInchN: z.number(),
  perInchLbf: z.number(),
  use: z.strictObject({ needsN: z.number(), isEnough: z.boolean() }).optional(),
  fabric: z.strictObject({ tearsN: z.number(), breaksFirst: z.enum(['thread', 'fabric']) }).optional(),
});
export type Strength = z.infer<typeof strengthSchema>;

/**
 * What a seam bears, pulled apart across it: stitches per inch × strength of the thread × a factor of the stitch.
 *
 * The thread should break before the fabric: a seam is sewn again, a tear is not.
 *
 * @param input - stitch length in mm, thread, and what is known of fabric and use
 * @returns newton and pounds of force for each inch, against what the use needs and the fabric bears
 * @example
 * seamStrength({ lengthMm: 2.54, thread: { fibre: 'polyester', tex: 27 }, threadN: 10, hold: 'lockstitch' }).perInchN // => 150
 */
export function seamStrength(input: z.output<typeof strengthInputSchema>): Strength {
  const { lengthMm, thread, hold, fabric, use } = input;
  const threadN = input.threadN ?? (FIBRE[thread.fibre].tenacityCnPerTex * thread.tex) / 100;
  const perInchN = (MM_PER_INCH / lengthMm) * threadN * HOLD[hold].factor;
  const tearsN = fabric && TEARS_N_PER_GSM[fabric.structure] * fabric.massGsm;
  const needsN = use && SEAM_USE[use].needsN;
  return {
    threadN,
    perInchN,
    perInchLbf: perInchN / N_PER_LBF,
    ...(needsN !== undefined && { use: { needsN, isEnough: perInchN >= needsN } }),
    ...(tearsN !== undefined && { fabric: { tearsN, breaksFirst: perInchN <= tearsN ? 'thread' : 'fabric' } }),
  };
}
