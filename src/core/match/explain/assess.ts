import * as z from 'zod';
import { askedIds } from '../../card';
import { clothSchema } from '../../cloth';
import { FIT_VERDICTS, type Machine, machineSchema, needleThreadFit, PLAIN_MACHINE } from '../../kit';
import { checkInterlocks } from '../../interlock';
import {
  feedRisks,
  giveOfSetup,
  giveRisk,
  type Hazard,
  needleRisks,
  perforationRisk,
  riskSchema,
  type SeamContext,
  seamContext,
  stitchRisks,
  tellRisks,
  tensionRisks,
  tunnelRisk,
} from '../../physics';
import { blockedSchema } from '../../result';
import { operationSchema, type Setup, setupSchema } from '../../setup';

/** A setting to be looked over. */
export const checkInputSchema = z.strictObject({
  setup: setupSchema,
  cloth: clothSchema,
  operation: operationSchema,
  machine: machineSchema.optional(),
  ...askedIds,
});
export type CheckInput = z.infer<typeof checkInputSchema>;

/** What is wrong with a setting, if anything. */
export const checkOutputSchema = z.strictObject({
  blocked: z.array(blockedSchema),
  risks: z.array(riskSchema),
  needleThread: z.strictObject({ fill: z.number(), verdict: z.enum(FIT_VERDICTS) }),
});
export type CheckResult = z.infer<typeof checkOutputSchema>;

/**
 * Everything the models see coming with a setting, the worst first.
 *
 * @param seam - cloth and operation
 * @param setup - the setting
 * @returns hazards, not yet put into words
 */
export function hazardsOf(seam: SeamContext, setup: Setup): Hazard[] {
  const { needle, thread, stitch, lengthMm } = setup;
  const give = giveRisk(seam, giveOfSetup(seam, setup)[0]);
  return [
    give,
    ...needleRisks(seam, needle, thread),
    ...stitchRisks(seam, stitch, lengthMm, setup.widthMm),
    perforationRisk(seam, stitch, lengthMm, needle.nm),
    ...feedRisks(seam, setup.foot, setup.plate, stitch, setup.pressure),
    ...tensionRisks(seam, thread, setup.tensionSteps),
    ...(needle.gapMm === undefined ? [] : [tunnelRisk(seam, needle.gapMm)]),
  ];
}

/**
 * Looks a setting over: what would break, what would go wrong, and how the thread sits in the needle.
 *
 * @param input - checked input; a machine left out is a plain domestic one
 * @returns interlocks that close, risks from 0 to 1, and the needle–thread fit
 */
export function checkSetup(input: CheckInput): CheckResult {
  const seam = seamContext(input.cloth, input.operation);
  return assess(seam, input.setup, input.machine ?? PLAIN_MACHINE);
}

/** The same for a seam that is already worked out. */
export function assess(seam: SeamContext, setup: Setup, machine: Machine, more: readonly Hazard[] = []): CheckResult {
  const closed = checkInterlocks({ setup, machine, thicknessMm: seam.underFootMm });
  const strike: Hazard[] = closed
    .filter((c) => c.strike)
    .slice(0, 1)
    .map((c) => ({ sign: 'needle-broke', level: 1, why: () => c.text }));
  const { fill, verdict } = needleThreadFit(setup.thread, setup.needle);
  return {
    blocked: closed.map(({ code, text, limit, actual, unit }) => ({ code, text, limit, actual, unit })),
    risks: tellRisks([...strike, ...hazardsOf(seam, setup), ...more]),
    needleThread: { fill, verdict },
  };
}
