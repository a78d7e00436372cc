import * as z from 'zod';
import { idsOf, oneOf, type Origin, provenanceSchema, tableOf } from '../../result';
import { PRACTICE } from '../rules/origins';
import type { Rule } from '../rules/ruleTypes';
import { RULE, type RuleId } from '../rules/rules';

const model = (source: string): Origin => ({ provenance: 'model', source });
const CARDS: Origin = { provenance: 'measured', source: 'Your own settings cards.' };

/** Reasons that no rule of the trade gives: worked out by a model, or learned from tested cards. */
export const WORKED_OUT = tableOf<Origin>()({
  'card.nearest': CARDS,
  'card.offset-tensionSteps': CARDS,
  'card.offset-pressure': CARDS,
  'needle.size-by-mass': model('Usual needle size by weight and thickness: core/physics.'),
  'needle.position': { provenance: PRACTICE.provenance, source: PRACTICE.source },
  'bobbin.same': { provenance: PRACTICE.provenance, source: PRACTICE.source },
  'bobbin.all-purpose': { provenance: PRACTICE.provenance, source: PRACTICE.source },
  'twin.gap': model('A wider gap raises a higher ridge: core/physics.'),
  'width.none': { provenance: PRACTICE.provenance, source: 'The needle does not move sideways.' },
  'foot.layer-shift': model('Layer shift by drag, pressure and fabric: core/physics.'),
  'tension.loose': model('Loose rows are pulled up or out again; how many steps is set by us.'),
  'tension.balance': model('Where the threads cross, by fibre and tension: core/physics.'),
  'stitch.rows': { provenance: PRACTICE.provenance, source: PRACTICE.source },
  'stitch.give': model('How far a seam of this stitch, length and width stretches: core/physics.'),
  'size.moved': model(
    'Moved from the usual size by the search, to suit the modelled stretch and density: core/match/search.',
  ),
  'size.by-hand': { provenance: PRACTICE.provenance, source: PRACTICE.source },
  'size.curve': model('A stitch and a width that can follow a curve of this radius: core/match/rules.'),
  'size.dial': { provenance: PRACTICE.provenance, source: 'What this machine’s dial can be set to.' },
  'position.fixed': { provenance: PRACTICE.provenance, source: 'How many needle positions the machine has.' },
  'pressure.fixed': { provenance: PRACTICE.provenance, source: PRACTICE.source },
  'pressure.growth': model('How far a seam comes out longer, by foot, pressure and fabric: core/physics.'),
  'press.lowered': { provenance: PRACTICE.provenance, source: 'Which dots a fibre takes: care practice.' },
  'choice.plain': { provenance: PRACTICE.provenance, source: PRACTICE.source },
  'choice.by-hand': { provenance: PRACTICE.provenance, source: PRACTICE.source },
  'choice.traded': model('What is usual: common practice; what argues against it here: the models of core/physics.'),
  'thread.nearest': model('The thread nearest to the usual one that its needle takes: core/match/search.'),
  'thread.only-cheap': { provenance: PRACTICE.provenance, source: PRACTICE.source },
  'pressure.nearest': { provenance: PRACTICE.provenance, source: 'What this machine’s dial can be set to.' },
});
export type WorkedOut = keyof typeof WORKED_OUT;

const REASON = { ...WORKED_OUT, ...RULE };
export type ReasonId = keyof typeof REASON;

/** Why one parameter is what it is. */
export const reasonSchema = z.strictObject({
  parameter: z.string(),
  rule: oneOf(idsOf(REASON)),
  text: z.string(),
  provenance: provenanceSchema,
});
export type Reason = z.infer<typeof reasonSchema>;

/** A reason that no rule gives, in its own words. */
export const workedOut = (parameter: string, rule: WorkedOut, text: string): Reason => ({
  parameter,
  rule,
  text,
  provenance: WORKED_OUT[rule].provenance,
});

/** A reason that is a rule's, in the rule's words. */
export const fromRule = (parameter: string, { id, text, provenance }: Rule<RuleId>): Reason => ({
  parameter,
  rule: id,
  text,
  provenance,
});
