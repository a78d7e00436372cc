import { z } from 'zod';
import { above0, oneOf, within, wholeWithin } from '../result';

/** The operations whose settings are worked out so far. */
export const OPERATION_KINDS = ['join', 'topstitch', 'hem'] as const;
export type OperationKind = (typeof OPERATION_KINDS)[number];

/** Operations the contract names that have no rules yet: asked for, they are refused by name. */
export const LATER_KINDS: readonly string[] = [
  'strip-join',
  'rolled-hem',
  'blind-hem',
  'edge-finish',
  'band',
  'elastic',
  'casing',
  'binding',
  'zip-centred',
  'zip-concealed',
  'zip-exposed',
  'zip-lapped',
  'piping',
  'ditch',
  'quilt-lines',
  'baste',
  'stay',
  'understitch',
  'gather',
  'dart',
  'reinforce',
  'bar-tack',
  'buttonhole',
];

/** What an operation asks of a setting. */
export interface OperationFacts {
  id: OperationKind;
  /** Its name in a sentence: "a side seam". */
  name: string;
  layers: number;
  /** Share of the give in wear that this operation has to follow, a plain seam being 1. */
  giveShare: number;
  /** Cloth layers are joined here for the first time, so they can creep on each other. */
  joins: boolean;
  /** The stitching is meant to be seen. */
  shows: boolean;
  /** Twin needles make sense here. */
  twin: boolean;
  allowanceMm: number;
}

/** Every operation by its id. */
export const OPERATION: Readonly<Record<OperationKind, OperationFacts>> = {
  join: {
    id: 'join',
    name: 'a plain seam',
    layers: 2,
    giveShare: 1,
    joins: true,
    shows: false,
    twin: false,
    allowanceMm: 10,
  },
  topstitch: {
    id: 'topstitch',
    name: 'topstitching',
    layers: 3,
    giveShare: 0.8,
    joins: false,
    shows: true,
    twin: true,
    allowanceMm: 6,
  },
  hem: {
    id: 'hem',
    name: 'a hem',
    layers: 2,
    giveShare: 0.8,
    joins: false,
    shows: true,
    twin: true,
    allowanceMm: 20,
  },
};

const kindSchema = z
  .string({ error: `expected one of ${OPERATION_KINDS.join(', ')}` })
  .superRefine((kind, context) => {
    if ((OPERATION_KINDS as readonly string[]).includes(kind)) return;
    const message = LATER_KINDS.includes(kind)
      ? `"${kind}" is not in this version yet; it knows ${OPERATION_KINDS.join(', ')}`
      : `expected one of ${OPERATION_KINDS.join(', ')}, got "${kind}"`;
    context.addIssue({ code: 'custom', message });
  })
  .transform((kind) => kind as OperationKind);

/** One seam to be sewn. Give in percent; allowance, radius and length in mm. */
export const operationSchema = z.strictObject({
  kind: kindSchema,
  layers: wholeWithin(1, 12, 'a whole number of layers').optional(),
  requiredGive: within(0, 400, 'a give in percent').optional(),
  direction: oneOf(['across', 'along', 'bias']).optional(),
  allowanceMm: above0('an allowance in mm', 200).optional(),
  radiusMm: above0('a radius in mm', 5000).optional(),
  lengthMm: above0('a length in mm').optional(),
  second: z
    .unknown()
    .refine((second) => second === undefined, {
      error: 'two different cloths in one seam are not in this version yet',
    })
    .optional(),
});
export type Operation = z.infer<typeof operationSchema>;
