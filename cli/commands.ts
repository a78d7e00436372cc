import * as z from 'zod';
import { diagnose, diagnoseInputSchema, diagnoseOutputSchema } from '../src/core/diagnose';
import { anyWorkroomSchema, LISTS, WORKROOM_FORMAT } from '../src/core/file';
import { schedule, scheduleInputSchema, scheduleOutputSchema } from '../src/core/job';
import {
  checkInputSchema,
  checkOutputSchema,
  checkSetup,
  match,
  matchInputSchema,
  matchOutputSchema,
} from '../src/core/match';
import { SCHOOLS } from '../src/core/setup';
import { encode } from 'fast-png';
import { sew, sewInputSchema, sewOutputSchema, sewPicture } from '../src/core/standin';
import { command, type Command } from './command';
import { countsOf } from './verifyList';

const counts = z.strictObject(Object.fromEntries(LISTS.map((list) => [list, z.number()])));

/** Commands that take a whole question, or a whole file. */
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
    checkOutputSchema,
    checkSetup,
  ),
  diagnose: command(
    'what went wrong with a line, and the one change to try next',
    diagnoseInputSchema,
    diagnoseOutputSchema,
    diagnose,
  ),
  sew: command(
    'a line sewn by the stand-in machine of a seed: simulated',
    sewInputSchema,
    sewOutputSchema,
    sew,
    (input) => encode({ ...sewPicture(input), channels: 4 }),
  ),
  schedule: command(
    'seams with what they need and what comes before what; the order that changes the machine least out',
    scheduleInputSchema,
    scheduleOutputSchema,
    schedule,
  ),
  verify: command(
    'an exported workroom, read as an import would read it',
    anyWorkroomSchema,
    z.strictObject({ format: z.literal(WORKROOM_FORMAT), version: z.number(), counts }),
    (file) => ({
      format: file.format,
      version: file.version,
      counts: countsOf(file),
    }),
  ),
};

/** Names the contract gives that this version does not answer yet. */
export const LATER: readonly string[] = ['photo'];

/** The schools that `schema match` lists beside the shapes. */
export const SCHOOL_LIST = SCHOOLS.map(({ question, asks, names, default: usual, why }) => ({
  question,
  asks,
  names,
  default: usual,
  why,
}));
