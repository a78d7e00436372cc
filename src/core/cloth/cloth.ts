import * as z from 'zod';
import { above0, oneOf, within, words } from '../result';
import { FAMILIES } from './families';
import { STRUCTURES } from './structures';
import { TRAITS } from './words';

/** A percent of stretch a cloth can have; past 400 it is a slip of the pen, not a cloth. */
export const stretchPercentSchema = within(0, 400, 'a stretch in percent');

const fibresSchema = z
  .record(words('a fibre', 40), within(0, 100, 'a percent'))
  .refine((fibres) => Object.values(fibres).reduce((sum, part) => sum + part, 0) <= 100.5, {
    error: 'expected fibres that add up to at most 100 percent',
  });

/** A cloth as it goes into every computation. Mass in g/m² and thickness in mm, both of one layer. */
export const clothSchema = z.strictObject({
  name: words('a name').optional(),
  structure: oneOf(STRUCTURES),
  family: oneOf(FAMILIES).default('other'),
  massGsm: above0('a number', 3000).optional(),
  thicknessMm: above0('a number', 30).optional(),
  stretchAcross: stretchPercentSchema.optional(),
  stretchAlong: stretchPercentSchema.optional(),
  recovery: within(0, 100, 'a percent').optional(),
  fibres: fibresSchema.optional(),
  traits: z.array(oneOf(TRAITS)).default([]),
});

/**
 * A cloth as its owner knows it: what goes into every computation, and where it differs from its family.
 *
 * `without` lists traits of its family that this cloth does not have; `ceilingC` is the sole plate a scrap of it stood.
 */
export const knownClothSchema = clothSchema.safeExtend({
  without: z.array(oneOf(TRAITS)).optional(),
  ceilingC: within(0, 230, 'a temperature in °C').optional(),
});
export type Cloth = z.infer<typeof knownClothSchema>;
export type ClothInput = z.input<typeof clothSchema>;
