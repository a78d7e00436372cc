import * as z from 'zod';
import { diagnose, diagnoseInputSchema, diagnoseOutputSchema } from '../src/core/diagnose';
import { migrateCard, workroomSchema } from '../src/core/file';
import { schedule, scheduleInputSchema, scheduleOutputSchema } from '../src/core/job';
import {
  checkInputSchema,
  checkOutputSchema,
  checkSetup,
  match,
  matchInputSchema,
  matchOutputSchema,
} from '../src/core/match';
import { PROCEDURES, stepsAnswer, stepsInputSchema, stepsOutputSchema } from '../src/core/procedure';
import { KNOWLEDGE } from '../src/core/result';
import { SCHOOLS } from '../src/core/setup';
import { encode } from 'fast-png';
import { sew, sewInputSchema, sewOutputSchema, sewPicture } from '../src/core/standin';
import { command, type Command, type TextCommand } from './command';
import { verifiedSchema, verify } from './verifyList';

/** A command whose answer also says which version of the tables it was worked out with. */
function knowing<I extends z.ZodType, S extends z.ZodRawShape>(
  about: string,
  input: I,
  output: z.ZodObject<S>,
  run: (input: z.output<I>) => z.output<z.ZodObject<S>>,
): Command {
  const whole = output.extend({ knowledge: z.string() });
  const found = command(about, input, whole, (asked) => ({ ...run(asked), knowledge: KNOWLEDGE }) as never);
  return { ...found, brought: withCards };
}

/** Cards that an older version wrote, as this one keeps them. */
function withCards(input: unknown): unknown {
  const { tested } = (input ?? {}) as { tested?: unknown };
  return Array.isArray(tested) ? { ...(input as object), tested: tested.map(migrateCard) } : input;
}

/** Commands that take a whole question, or a whole file. */
export const COMMANDS: Record<string, Command | TextCommand> = {
  match: knowing(
    'a fabric and a seam in, a complete setting with reasons out',
    matchInputSchema,
    matchOutputSchema,
    match,
  ),
  check: knowing(
    'checks a setting: what would break, what could go wrong',
    checkInputSchema,
    checkOutputSchema,
    checkSetup,
  ),
  diagnose: knowing(
    'what went wrong with a test, and the one change to try next',
    diagnoseInputSchema,
    diagnoseOutputSchema,
    diagnose,
  ),
  steps: {
    ...knowing(
      'an operation on a fabric: every step with its numbers, every row with its setting, and what a test has confirmed',
      stepsInputSchema,
      stepsOutputSchema,
      stepsAnswer,
    ),
    lists: PROCEDURES.map(({ id, name, asks }) => `${id} (${name}): ${asks.map(({ key }) => key).join(', ')}`),
  },
  sew: command('a row sewn by the simulated machine of a seed', sewInputSchema, sewOutputSchema, sew, (input) => {
    const picture = sewPicture(input);
    return picture && encode({ ...picture, channels: 4 });
  }),
  schedule: command(
    'seams with what they need and what comes first; returns the order with the fewest machine changes',
    scheduleInputSchema,
    scheduleOutputSchema,
    schedule,
  ),
  verify: {
    about: 'reads an exported file, of a workroom or of one item, as an import would',
    input: workroomSchema,
    output: verifiedSchema,
    read: verify,
  },
};

/** The schools that `schema match` lists beside the shapes. */
export const SCHOOL_LIST = SCHOOLS.map(({ question, asks, names, default: usual, why }) => ({
  question,
  asks,
  names,
  default: usual,
  why,
}));
