import type { Cloth } from '../cloth';
import { type RemedyId, REMEDIES } from '../diagnose';
import { seamContext, type SeamContext } from '../physics';
import type { Blocked } from '../result';
import type { Operation, Setup } from '../setup';
import { sewLine, type SewInput, standIn, type StandIn, type Trouble } from '../standin';
import { accepted, type Judged, type TestLine, LINE_MM } from '../swatch';
import { faultsOf } from './standIns';

const OF_THE_NEEDLE = ['needleWear', 'needleBend', 'needleTurned', 'needleKind', 'needleSize'] as const;
// Another thread above and below means a bobbin newly wound and put in.
const OF_THE_THREAD = ['threadFuzz', 'threadThick', 'threadOld', 'leverMissed', 'bobbinSoft', 'bobbinTurned'] as const;

/** The trouble that a change ends, beside what it does to the setting. */
const ENDS: Partial<Record<RemedyId, readonly (keyof Trouble)[]>> = {
  ...Object.fromEntries(
    REMEDIES.filter((change) => change.endsWith('-needle')).map((change) => [change, OF_THE_NEEDLE]),
  ),
  'better-thread': OF_THE_THREAD,
  'finer-thread': OF_THE_THREAD,
  'elastic-thread': OF_THE_THREAD,
  'cotton-thread': OF_THE_THREAD,
  'narrower-gap': OF_THE_NEEDLE,
  'clear-fragments': OF_THE_NEEDLE,
  'bobbin-round': ['bobbinTurned'],
  'rewind-bobbin': ['bobbinSoft', 'bobbinTurned'],
  'feed-up': ['feedLowered'],
  'length-up': ['lengthZero'],
  'clean-sole': ['soleSticks'],
  'roller-foot': ['soleSticks'],
  'tissue-on-top': ['soleSticks'],
  'new-plate': ['slotWide'],
  'other-end': ['sameEnd'],
  'match-layers': ['unequalCloths'],
  'grade-and-flatten': ['hump'],
  'hand-needle': ['metal', 'hump'],
  rethread: ['leverMissed'],
  'lever-up-hold-tails': ['leverDown', 'tailsLoose'],
  'bobbin-tension': ['bobbinScrew'],
  'clean-feed': ['lint'],
  'walking-foot': ['soleSticks'],
  'glide-foot': ['soleSticks'],
  'straight-plate': ['slotWide'],
  'start-inside': ['begunAtEdge'],
  leader: ['begunAtEdge', 'tailsLoose'],
  'do-not-pull': ['pulled'],
  shim: ['hump'],
  'hand-wheel': ['metal'],
  'press-cloth': ['hotIron'],
  technician: ['hookTiming', 'slotWide'],
};

/**
 * A simulated machine after what was done to it.
 *
 * @param machine - as it was
 * @param changes - in order; what is no change by name does nothing
 * @returns as it is
 */
export function standInAfter(machine: StandIn, changes: readonly (string | undefined)[]): StandIn {
  const ended = changes.flatMap((change) => ENDS[change as RemedyId] ?? []);
  return { ...machine, trouble: { ...machine.trouble, ...Object.fromEntries(ended.map((part) => [part, 0])) } };
}

/** A line for a simulated machine: what is sewn, on which one, and what was done to it before. */
export interface StandInLine {
  seam: SeamContext;
  cloth: Cloth;
  setup: Setup;
  direction: TestLine['direction'];
  machine: StandIn;
  /** Seed of the random numbers of this line. */
  seed: number;
}

/** The line as a simulated machine takes it. */
export const standInInput = ({ seam, cloth, setup, direction }: StandInLine): SewInput => ({
  setup,
  cloth,
  direction,
  operation: seam.asked,
  lengthMm: LINE_MM.marked,
});

/**
 * A line sewn by a simulated machine, measured and looked at as a person would.
 *
 * It is pulled as far as it has to hold: then it either held, or popped where it popped.
 *
 * @param line - what is sewn, and by which machine in which state
 * @returns measures and findings of a line, never a real result; or what the needle would strike
 */
export function sewOnStandIn(line: StandInLine): Judged<'measures' | 'looked'> | { blocked: Blocked } {
  const { seam, setup } = line;
  const sewn = sewLine(standInInput(line), line.machine, line.seed);
  if ('blocked' in sewn) return sewn;
  const { stitches, overMm, afterMm, shiftMm, popPercent, pucker, ridgeMm } = sewn.measures;
  const whole = overMm === LINE_MM.marked;
  return {
    measures: {
      markedMm: LINE_MM.marked,
      // Stitches are counted between the marks: a line that ended before has no count.
      ...(whole && { stitches }),
      ...(afterMm !== null && { afterMm }),
      ...(shiftMm !== null && seam.layers > 1 && { shiftMm }),
      ...(ridgeMm !== null && setup.needle.gapMm !== undefined && { ridgeMm }),
      ...(pucker !== null && { pucker: Math.round(pucker * 2) / 2 }),
      ...(popPercent !== null && pulled(seam, popPercent)),
    },
    findings: sewn.findings,
    looked: true,
  };
}

/** Pulled as far as it has to hold, or to where it popped. */
function pulled(seam: SeamContext, popPercent: number): { poppedAtMm?: number; heldToMm?: number } {
  const needed = accepted(seam, { markedMm: LINE_MM.marked }).givePercent;
  if (needed === 0) return {};
  if (popPercent < needed) return { poppedAtMm: LINE_MM.marked + popPercent };
  return { heldToMm: Math.ceil(LINE_MM.marked * (1 + needed / 100)) };
}

/** A simulated machine of the app, with what it hides, after what was done to it. */
export const standInNow = (seed: number, changes: readonly (string | undefined)[]): StandIn =>
  standInAfter(standIn(seed, faultsOf(seed)), changes);

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
export const standInLineOf = ({
  cloth,
  operation,
  standIn: seed,
  number,
  changes,
  ...line
}: StandInTask): StandInLine => ({
  ...line,
  cloth,
  seam: seamContext(cloth, operation),
  machine: standInNow(seed, changes),
  seed: seed * 1000 + number,
});
