import { z } from 'zod';
import { clothSchema } from '../cloth';
import { FULL_KIT, type Kit, kitSchema, type Machine, machineSchema, PLAIN_MACHINE } from '../kit';
import { seamContext, type SeamContext } from '../physics';
import { operationSchema } from '../setup';
import { type Schools, schoolsSchema } from './schools';
import { aimsFor, type Aims } from './aims';

/** What is asked of match: a cloth, a seam in it, and who sews it on what. */
export const matchInputSchema = z.strictObject({
  cloth: clothSchema,
  operation: operationSchema,
  machine: machineSchema.optional(),
  kit: kitSchema.optional(),
  schools: schoolsSchema.optional(),
  tested: z
    .unknown()
    .refine((tested) => tested === undefined, {
      error: 'starting from tested cards is not in this version yet',
    })
    .optional(),
});
export type MatchInput = z.infer<typeof matchInputSchema>;
export type MatchRequest = z.input<typeof matchInputSchema>;

/** The question with every default filled in and the rules applied: what the search works on. */
export interface Question {
  input: MatchInput;
  seam: SeamContext;
  machine: Machine;
  kit: Kit;
  schools: Schools;
  aims: Aims;
}

/**
 * Fills in what the question left out and applies the rules of the trade to it, once.
 *
 * @param input - checked input
 * @returns everything the search and the reasons need
 */
export function openQuestion(input: MatchInput): Question {
  const seam = seamContext(input.cloth, input.operation);
  const machine = input.machine ?? PLAIN_MACHINE;
  const kit = input.kit ?? FULL_KIT;
  const schools = input.schools ?? schoolsSchema.parse({});
  return { input, seam, machine, kit, schools, aims: aimsFor(seam, machine, schools) };
}
