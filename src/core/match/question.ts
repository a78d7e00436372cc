import { clamp } from '../numbers';
import * as z from 'zod';
import { askedIds, testedCardSchema } from '../card';
import { clothSchema } from '../cloth';
import {
  creepFactor,
  FULL_KIT,
  holdOwned,
  type Kit,
  type Pins,
  kitSchema,
  type Machine,
  machineSchema,
  PLAIN_MACHINE,
} from '../kit';
import { seamContext, type SeamContext } from '../physics';
import { wholeWithin, within } from '../result';
import { operationSchema, type Schools, schoolsSchema, USUAL_SCHOOLS } from '../setup';
import type { Aims } from './rules/aimTypes';
import { aimsFor } from './rules/aims';
import { learnFrom, type Learned, moveAims } from './search/learn';
import { withinReach } from './search/reach';

/** What is asked of match: a cloth, a seam in it, and who sews it on what. */
export const matchInputSchema = z.strictObject({
  cloth: clothSchema,
  operation: operationSchema,
  machine: machineSchema.optional(),
  kit: kitSchema.optional(),
  schools: schoolsSchema.optional(),
  /** What the machine's own cards have in common, beside the rules; from how many cards. */
  learned: z
    .strictObject({
      tensionSteps: within(-5, 5, 'tension steps').optional(),
      pressure: within(-1, 1, 'a share').optional(),
      cards: wholeWithin(1, 5000, 'a number of cards'),
    })
    .optional(),
  tested: z.array(testedCardSchema).max(5000, 'expected at most 5000 cards').optional(),
  ...askedIds,
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
  /** What the rules and cards want, whatever this curve and these dials can reach of it. */
  wanted: Aims;
  /** What the person's own tested cards say. */
  learned: Learned;
  /** Pins that would suit the fabric and are not owned; empty where something else of what suits it is. */
  lacksPins: readonly Pins[];
}

const within01 = (share: number) => clamp(share, 0, 1);

/**
 * Fills in what the question left out and applies the rules of the trade to it, once.
 *
 * @param input - checked input
 * @returns everything the search and the reasons need
 */
export function openQuestion(input: MatchInput): Question {
  const machine: Machine = input.machine ?? PLAIN_MACHINE;
  const seam = seamContext(input.cloth, input.operation, creepFactor(machine));
  const kit = input.kit ?? FULL_KIT;
  const schools = input.schools ?? USUAL_SCHOOLS;
  const learned = learnFrom(input.tested ?? [], seam, input);
  const byRule = aimsFor({ seam, machine, kit, schools });
  const { lacks, hold, pins } = holdOwned(byRule.plan, kit.pins);
  const ruled = { ...byRule, plan: { ...byRule.plan, hold: [...hold], pins } };
  const offset = input.learned?.pressure ?? 0;
  const wanted = moveAims(
    { ...ruled, pressure: { ...ruled.pressure, ideal: within01(ruled.pressure.ideal + offset) } },
    learned,
  );
  const aims = withinReach(wanted, seam, machine);
  return { input, seam, machine, kit, schools, aims, wanted, learned, lacksPins: lacks };
}
