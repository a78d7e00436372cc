import * as z from 'zod';
import { testedCardSchema } from '../../card';
import { clothProfile, clothSchema } from '../../cloth';
import { creepFactor, isTwin, type Machine, PLAIN_MACHINE } from '../../kit';
import { matchInputSchema, matchOutputSchema, planSchema } from '../../match';
import { blockedSchema } from '../../result';
import { outlineOf, type OutlineSpec } from '../../seam';
import { OPERATION_KINDS, setupSchema, USUAL_SCHOOLS } from '../../setup';
import { PROCEDURES, type ProcedureId, procedureOf } from '../all';
import { givenOf } from '../engine/givenOf';
import { procedurePrinter } from '../engine/printer';
import { rowsOfProcedure, rowsSewn } from '../engine/rows';
import { stepsOf } from '../engine/stepsOf';
import { MAIN_ROW, type Procedure } from '../engine/types';
import { problemWith, usualOf, workOut } from '../engine/workOut';
import { workOf } from '../engine/workOf';
import { suits, VERDICTS } from '../suitability/suits';
import { matchRows, nominalSetup, planOfRow } from './matchRows';
import { proofOfOperation, PROOFS, settingsOfRows } from './proofOfRows';
import { plannedSteps, type PlannedStep } from './sewnSteps';
import { readyFor } from './stepText';

const PROCEDURE_IDS = PROCEDURES.map(({ id }) => id) as [ProcedureId, ...ProcedureId[]];

/** An operation on a fabric: what is asked of `steps`. */
export const stepsInputSchema = matchInputSchema
  .omit({ operation: true, learned: true })
  .extend({
    procedure: z.enum(PROCEDURE_IDS, { error: `expected one of ${PROCEDURE_IDS.join(', ')}` }),
    second: clothSchema.optional(),
    band: clothSchema.optional(),
    outline: z
      .union([
        z.strictObject({ path: z.string().max(200_000, 'expected at most 200000 letters') }),
        z.strictObject({ shape: z.string().max(40), sizes: z.record(z.string(), z.number()).default({}) }),
      ])
      .optional(),
    answers: z.record(z.string(), z.number()).default({}),
    tested: z.array(testedCardSchema).max(5000, 'expected at most 5000 cards').optional(),
  })
  .superRefine(({ procedure: id, answers, outline }, ctx) => {
    const procedure = procedureOf(id)!;
    const refuse = (path: string[], message: string) => ctx.addIssue({ code: 'custom', path, message });
    for (const [key, value] of Object.entries(answers)) {
      const ask = procedure.asks.find((one) => one.key === key);
      const problem = ask && problemWith(ask, value);
      if (!ask) refuse(['answers', key], `expected one of ${procedure.asks.map((one) => one.key).join(', ')}`);
      else if (problem) refuse(['answers', key], `expected ${lower(problem)}, got ${value}`);
    }
    if (outline && !procedure.along) refuse(['outline'], `expected none, ${id} is sewn along no drawn line`);
  });
export type StepsInput = z.output<typeof stepsInputSchema>;

/** The message of a field as part of a sentence, lengths in mm. */
const lower = (text: string) =>
  `${text.charAt(0).toLowerCase()}${text.slice(1)}`.replace(/\.$/, '').replaceAll(/\{= ([^}]*)\}/g, '$1');

const sewsSchema = z.strictObject({
  row: z.string(),
  lengthMm: z.number(),
  stitches: z.number(),
  setup: setupSchema,
  machineReads: matchOutputSchema.shape.machineReads.unwrap(),
  start: z.array(z.string()),
  secure: planSchema.shape.secure,
  hold: planSchema.shape.hold,
});

/** What `steps` answers; only `blocked` where it cannot be sewn. */
export const stepsOutputSchema = z
  .strictObject({
    name: z.string(),
    kind: z.enum(OPERATION_KINDS),
    fits: z.strictObject({
      verdict: z.enum(VERDICTS),
      why: z.string().optional(),
      instead: z.enum(PROCEDURE_IDS).optional(),
    }),
    answers: z.record(z.string(), z.number()),
    numbers: z.record(z.string(), z.number()),
    proof: z.strictObject({ of: z.enum(PROOFS), card: z.string().optional() }),
    ready: z.array(z.string()),
    steps: z.array(
      z.strictObject({
        does: z.string(),
        check: z.string(),
        cautions: z.array(z.string()),
        sews: sewsSchema.nullable(),
      }),
    ),
    threadMm: z.strictObject({ needle: z.number(), bobbin: z.number() }),
    minutes: z.number(),
    provenance: z.record(z.string(), z.string()),
    blocked: z.array(blockedSchema),
  })
  .partial();
export type StepsOutput = z.output<typeof stepsOutputSchema>;

/**
 * An operation worked out for a fabric, a machine and a person, row by row.
 *
 * @param input - checked input
 * @returns everything that is sewn, in texts with metric lengths still marked; or why it cannot be sewn
 */
export function stepsAnswer(input: StepsInput): StepsOutput {
  const { procedure: id, cloth, second, band, answers, outline, tested = [], ...rest } = input;
  const procedure = procedureOf(id)!;
  const machine: Machine = input.machine ?? PLAIN_MACHINE;
  const schools = { ...USUAL_SCHOOLS, ...input.schools, ...procedure.schools?.(answers) };
  const rows = matchRows(procedure, { ...rest, cloth, second, band, tested, schools });
  const ids = { clothId: input.clothId, machineId: input.machineId, secondId: input.secondId };
  const settings = settingsOfRows(procedure, rows, { cloth, second, band }, tested, ids);
  const fits = suits(id, { fabric: clothProfile(cloth), ...(band && { band: clothProfile(band) }) });
  const setups = Object.fromEntries(
    Object.entries(rowsOfProcedure(procedure)).flatMap(([row, facts]) => {
      // What is not for this fabric keeps its steps, with the word against it beside them.
      const refused = () => (fits.verdict === 'not-this' ? nominalSetup(facts, { ...rest, cloth }) : null);
      const setup = settings[row].setup ?? refused();
      return setup ? [[row, setup] as const] : [];
    }),
  );
  const line = outline && outlineOf(specOf(outline));
  if (line && 'blocked' in line) return { blocked: [...line.blocked] };
  const person = { creep: creepFactor(machine), schools: input.schools ?? USUAL_SCHOOLS };
  const known = givenOf(cloth, procedure, machine, MAIN_ROW in setups ? setups : null, person, band);
  const given = line ? { ...known.given, outline: line } : known.given;
  const worked = workOut(procedure, answers, given);
  if (!worked.ok) {
    if ('blocked' in worked) return { blocked: [...worked.blocked] };
    throw new Error(`stepsAnswer: expected answers within their bounds, got ${JSON.stringify(worked.problems)}`);
  }
  const { numbers } = worked;
  const steps = stepsOf(procedure, numbers);
  const sewn = rowsSewn(steps);
  const missing = sewn.find((row) => !setups[row]);
  if (missing !== undefined) return { blocked: rows[missing].blocked };
  const proof = proofOfOperation(procedure, settings, sewn);
  const { fill } = procedurePrinter(procedure, numbers, 'metric');
  const twins = (row: string) => isTwin((setups[row] ?? setups[MAIN_ROW]).needle.point);
  const work = workOf(steps, numbers, { given, how: known.how, twins, times: 1 });
  return {
    name: procedure.name,
    kind: procedure.kind,
    fits,
    answers: Object.fromEntries(procedure.asks.map((ask) => [ask.key, answers[ask.key] ?? usualOf(ask, given)])),
    numbers: { ...numbers },
    proof: { of: proof.of, ...(proof.card?.id && { card: proof.card.id }) },
    ready: readyFor(procedure, planOfRow(rows[MAIN_ROW])).map(fill),
    steps: plannedSteps(steps, numbers, rows, sewn.length > 0 ? setups : null, machine).map((step) =>
      saidStep(step, fill),
    ),
    threadMm: { needle: Math.round(work.needleMm), bobbin: Math.round(work.bobbinMm) },
    minutes: Math.round(10 * (work.needleMin + work.handlingMin)) / 10,
    provenance: provenanceOf(procedure),
  };
}

const provenanceOf = ({ provenance }: Procedure): Record<string, string> => ({
  answers: provenance,
  numbers: provenance,
  fits: 'common-practice',
  steps: 'model',
  threadMm: 'model',
  minutes: 'model',
});

function saidStep({ text, sews, row }: PlannedStep, fill: (text: string) => string) {
  const does = [text.does, text.pressing, text.pace, text.end].filter((part) => part !== null).join(' ');
  return {
    does: fill(does),
    check: fill(text.check),
    cautions: text.cautions.map(fill),
    sews: sews && {
      row,
      lengthMm: sews.lengthMm,
      stitches: sews.stitches,
      setup: sews.setup,
      machineReads: sews.machineReads,
      start: text.begin.map(fill),
      secure: sews.secure,
      hold: [...sews.hold],
    },
  };
}

const specOf = (outline: NonNullable<StepsInput['outline']>): OutlineSpec =>
  'path' in outline
    ? { from: 'svg', name: '', d: outline.path, mmPerUnit: 1, side: 'usual' }
    : { from: 'shape', shape: outline.shape, sizes: outline.sizes, side: 'usual' };
