import type { Cloth } from '../cloth';
import { type RemedyId, REMEDIES } from '../diagnose';
import { seamContext, type SeamContext } from '../physics';
import type { Operation, Setup } from '../setup';
import { HIDDEN_FAULTS, type HiddenFault, type Quirks, quirksOf, sewLine, type SewInput } from '../standin';
import { accepted, type Judged, type TestLine, LINE_MM } from '../swatch';

/** What a change does to the stand-in itself, beside what it does to the setting. */
const DEEDS: Partial<Record<RemedyId, Partial<Quirks>>> = {
  ...Object.fromEntries(
    REMEDIES.filter((change) => change.endsWith('-needle')).map((change) => [change, { needleWear: 0.05 }]),
  ),
  'better-thread': { threadFuzz: 0.05 },
  'finer-thread': { threadFuzz: 0.05 },
  'elastic-thread': { threadFuzz: 0.05 },
  'clean-feed': { lint: 0.05 },
};

/**
 * A stand-in machine after what was done to it.
 *
 * @param quirks - as it was
 * @param changes - in order; what is no change by name does nothing
 * @returns as it is
 */
export function standInAfter(quirks: Quirks, changes: readonly (string | undefined)[]): Quirks {
  return changes.reduce<Quirks>((now, change) => ({ ...now, ...DEEDS[change as RemedyId] }), quirks);
}

/**
 * The fault hidden in a stand-in of the app.
 *
 * @param seed - its number
 * @returns a fault, or undefined for one in good order
 */
export function faultOf(seed: number): HiddenFault | undefined {
  const faults = [...HIDDEN_FAULTS.filter((fault) => fault !== 'big-needle'), undefined, undefined];
  return faults[seed % faults.length];
}

/** A line for the stand-in: what is sewn, on which one, and what was done to it before. */
export interface StandInLine {
  seam: SeamContext;
  cloth: Cloth;
  setup: Setup;
  direction: TestLine['direction'];
  quirks: Quirks;
  /** Seed of the random numbers of this line. */
  seed: number;
}

/** The line as the stand-in takes it. */
export const standInInput = ({ seam, cloth, setup, direction }: StandInLine): SewInput => ({
  setup,
  cloth,
  direction,
  layers: seam.layers,
  lengthMm: LINE_MM.marked,
});

/**
 * A line sewn by the stand-in, measured and looked at as a person would.
 *
 * It is pulled as far as it has to hold: then it either held, or popped where it popped.
 *
 * @param line - what is sewn, and by which machine in which state
 * @returns measures and findings of a line; never a real result
 */
export function sewOnStandIn(line: StandInLine): Judged<'measures' | 'looked'> {
  const { seam, setup } = line;
  const sewn = sewLine(standInInput(line), line.quirks, line.seed);
  const { stitches, afterMm, shiftMm, popPercent, pucker, ridgeMm } = sewn.measures;
  const needed = accepted(seam, { markedMm: LINE_MM.marked }).givePercent;
  const pulled =
    needed === 0
      ? {}
      : popPercent < needed
        ? { poppedAtMm: LINE_MM.marked + popPercent }
        : { heldToMm: Math.ceil(LINE_MM.marked * (1 + needed / 100)) };
  return {
    measures: {
      markedMm: LINE_MM.marked,
      stitches,
      afterMm,
      ...(seam.layers > 1 && { shiftMm }),
      ...(setup.needle.gapMm !== undefined && { ridgeMm }),
      pucker: Math.round(pucker * 2) / 2,
      ...pulled,
    },
    findings: sewn.findings,
    looked: true,
  };
}

/** The quirks of a stand-in of the app, with its hidden fault, after what was done to it. */
export const standInNow = (seed: number, changes: readonly (string | undefined)[]): Quirks =>
  standInAfter(quirksOf(seed, faultOf(seed)), changes);

/** A line of the app, for one of its stand-ins. */
export interface StandInTask {
  cloth: Cloth;
  operation: Operation;
  setup: Setup;
  direction: TestLine['direction'];
  /** Which stand-in. */
  standIn: number;
  /** Which line of its scrap. */
  number: number;
  /** What was changed for the lines it sewed before, and for this one. */
  changes: readonly (string | undefined)[];
}

/** The task with the machine as it is by now. */
export const standInLineOf = ({ cloth, operation, standIn, number, changes, ...line }: StandInTask): StandInLine => ({
  ...line,
  cloth,
  seam: seamContext(cloth, operation),
  quirks: standInNow(standIn, changes),
  seed: standIn * 1000 + number,
});
