/**
 * A trial of the diagnosis against the simulated machine: one or two faults are hidden, lines are sewn, and a strategy says what
 * to change until a line passes or whoever sews gives up.
 */
import { lineFacts } from '../src/core/card';
import { type Cloth, FAMILY, type Family } from '../src/core/cloth';
import {
  answersOf,
  diagnose,
  type DiagnoseInput,
  diagnoseUnanswered,
  lineToGoOnFrom,
  outcomesOf,
  type QuestionId,
  type RemedyId,
} from '../src/core/diagnose';
import { match, matchInputSchema } from '../src/core/match';
import { type SeamContext, seamContext } from '../src/core/physics';
import { sewOnStandIn, standInAfter } from '../src/core/practice';
import { seeded } from '../src/core/random';
import type { Operation, Setup } from '../src/core/setup';
import {
  FAULT,
  type HiddenFault,
  HIDDEN_FAULTS,
  NO_TROUBLE,
  observed,
  type Observer,
  standIn,
  type StandIn,
  withFault,
} from '../src/core/standin';
import {
  allSigns,
  type Finding,
  findingsOf,
  type Judged,
  passCriteria,
  passes,
  signsToLookFor,
} from '../src/core/swatch';
import { answerOf } from './answers';

/** What a strategy does next: a change, the setting it makes, and, for one who knows, the machine it makes. */
export interface Step {
  change?: RemedyId;
  setup?: Setup;
  machine?: StandIn;
  /** What was asked and answered before it. */
  answers?: DiagnoseInput['answers'];
}

/** How a strategy chooses, out of what was seen and tried; null gives up. Only one who knows looks at the machine. */
export type Strategy = (input: DiagnoseInput, seed: number, machine: StandIn) => Step | null;

/** What is hidden, in which machine, and who looks at its lines. */
export interface Task {
  faults: readonly HiddenFault[];
  seed: number;
  observer: Observer;
}

/** How it went: the lines that were sewn, or null when it was given up; what it was sewn on. */
export interface Outcome extends Task {
  lines: number | null;
  ground: string;
}

/** Overlooks one slight sign in five, and imagines one sign in a hundred. */
export const HURRIED: Observer = { missesSlight: 0.2, invents: 0.01 };

/** Lines after which a person gives up; giving up counts as one more. */
export const MOST_LINES = 8;
const GIVEN_UP = MOST_LINES + 1;

/** The share that was solved, 0 … 1. */
export const solved = (outcomes: readonly Outcome[]) =>
  outcomes.filter(({ lines }) => lines !== null).length / outcomes.length;
/** The mean number of lines. */
export const meanLines = (outcomes: readonly Outcome[]) =>
  outcomes.reduce((sum, { lines }) => sum + (lines ?? GIVEN_UP), 0) / outcomes.length;

/**
 * What a technician mends: the hook, a feed that gives half of what its dial says, and a foot that presses too much or too little at the
 * very end of its dial.
 */
const isForTechnician = (fault: HiddenFault, { pressure }: Setup) =>
  fault === 'hook-timing' ||
  fault === 'dial-short' ||
  (fault === 'pressure-low' && pressure >= 1) ||
  (fault === 'pressure-high' && pressure <= 0);

/** A cloth and a seam, with the setting that match itself gives for them. */
export interface Ground {
  name: string;
  cloth: Cloth;
  operation: Operation;
  setup: Setup;
  seam: SeamContext;
}

const SEWN: readonly [Family, Operation['kind']][] = [
  ['jersey', 'join'],
  ['jersey', 'hem'],
  ['swim', 'join'],
  ['sweater-knit', 'join'],
  ['lawn', 'join'],
  ['poplin', 'topstitch'],
  ['silk', 'join'],
  ['velvet', 'join'],
  ['denim', 'join'],
  ['canvas', 'topstitch'],
  ['hand-woven', 'topstitch'],
  ['leather', 'join'],
  ['vinyl', 'join'],
  ['neoprene', 'join'],
];

/** What is sewn in the trial: one of each kind of cloth. */
export const GROUNDS: readonly Ground[] = SEWN.map(([family, kind]) => {
  const cloth: Cloth = { structure: FAMILY[family].structure, family, traits: [] };
  const operation: Operation = { kind };
  const { setup } = match(matchInputSchema.parse({ cloth, operation }));
  if (!setup) throw new Error(`GROUNDS: expected a setting for ${family}, got none`);
  return { name: `${family}, ${kind}`, cloth, operation, setup, seam: seamContext(cloth, operation) };
});

const PLAIN = { lengthFactor: 1, tensionSteps: 0, pressure: 0, creep: 1 };
/** A fault of middling strength, between the least and the worst that is hidden. */
const MIDDLING = 0.8;

/** Whether a fault shows on a ground, on a machine without quirks. */
function showsOn(fault: HiddenFault, { cloth, setup, seam }: Ground): boolean {
  const machine = { quirks: PLAIN, trouble: withFault(NO_TROUBLE, fault, MIDDLING) };
  const line = sewOnStandIn({ seam, cloth, setup, direction: 'across', machine, seed: 1 });
  return 'blocked' in line || !passes(passCriteria(seam, { ...line, findings: allSigns(seam, line) }));
}

const SHOWS_ON = Object.fromEntries(
  HIDDEN_FAULTS.map((fault) => [fault, GROUNDS.filter((ground) => showsOn(fault, ground))]),
) as Record<HiddenFault, Ground[]>;

/** Faults that show nowhere here, if there are any. */
export const SHOWS_NOWHERE: readonly HiddenFault[] = HIDDEN_FAULTS.filter((fault) => SHOWS_ON[fault].length === 0);

/** A ground on which the first of the faults shows. */
function groundOf({ faults, seed }: Task): Ground {
  const some = faults.map((fault) => SHOWS_ON[fault]).find((grounds) => grounds.length > 0) ?? GROUNDS;
  return some[seed % some.length];
}

/** A line of the trial, as it was sewn and as it was seen. */
interface TrialLine {
  change?: RemedyId;
  findings: Finding[];
  told: Finding[];
  setup: Setup;
  trueLengthMm?: number;
  answers?: DiagnoseInput['answers'];
}

/** Sews until a line passes, doing only what the strategy says; a change that made it worse is put back. */
export function trial(task: Task, strategy: Strategy): Outcome {
  const { faults, seed, observer } = task;
  const ground = groundOf(task);
  const { cloth, operation, seam } = ground;
  const end = (lines: number | null): Outcome => ({ ...task, lines, ground: ground.name });
  let { setup } = ground;
  let machine = standIn(seed, faults);
  let change: RemedyId | undefined;
  const lines: TrialLine[] = [];
  for (let number = 1; number <= MOST_LINES; number += 1) {
    const sewn = sewOnStandIn({ seam, cloth, setup, direction: 'across', machine, seed: seed * 100 + number });
    // What would strike is not sewn: the setting goes back, and the line is lost.
    const line = 'blocked' in sewn ? BLOCKED_LINE : sewn;
    const among = signsToLookFor(seam, setup).usual;
    const looked = { ...line, findings: observed(line.findings, observer, seed * 1000 + number, among) };
    const findings = allSigns(seam, looked);
    if (passes(passCriteria(seam, { ...looked, findings }))) return end(number);
    const told = findingsOf(seam, { ...looked, setup });
    const sewnAs: TrialLine = { change, findings, told, setup, trueLengthMm: lineFacts(line.measures).lengthMm };
    lines.push(sewnAs);
    // A change that made it worse is put back: what is known of the line before it holds again.
    const from = lines[lineToGoOnFrom(lines)];
    setup = from.setup;
    const history = outcomesOf(lines);
    const { told: seen, trueLengthMm } = from;
    const answers = answersOf(lines);
    const step = strategy({ cloth, operation, setup, findings: seen, history, trueLengthMm, answers }, seed, machine);
    if (!step) return end(null);
    if (step.change === 'technician') return end(faults.some((fault) => isForTechnician(fault, setup)) ? number : null);
    change = step.change;
    sewnAs.answers = step.answers;
    setup = step.setup ?? setup;
    machine = step.machine ?? standInAfter(machine, [change]);
  }
  return end(null);
}

const BLOCKED_LINE: Judged<'measures' | 'looked'> & { findings: { sign: 'needle-broke'; severity: 3 }[] } = {
  measures: { markedMm: 100 },
  findings: [{ sign: 'needle-broke', severity: 3 }],
  looked: true,
};

/** Bobbet's own advice, followed by someone who knows nothing of the machine and answers every question with "not sure". */
export const advised: Strategy = (input) => {
  const { change, setup } = diagnoseUnanswered(input).next;
  return change === 'nothing' ? null : { change, setup };
};

/** The same, by someone who looks where it asks to look. */
export const answering: Strategy = (input, seed, machine) => {
  const answers = [...(input.answers ?? [])];
  for (;;) {
    const { next } = diagnose({ ...input, answers });
    if (next.kind !== 'question') return next.change === 'nothing' ? null : { ...(next as Step), answers };
    const question = next.change as QuestionId;
    answers.push({ question, answer: answerOf(question, machine.trouble, seed) });
  }
};

/** What is usually tried, in one order. */
const FIXED_LIST: readonly RemedyId[] = [
  'rethread',
  'new-needle',
  'better-thread',
  'tension-down',
  'tension-up',
  'pressure-down',
  'pressure-up',
  'longer',
  'shorter',
  'smaller-needle',
  'larger-needle',
  'walking-foot',
  'stretch-needle',
  'clean-feed',
];

/** A change as the plain strategies make it: the same dials by the same amounts. */
function plainStep({ setup }: DiagnoseInput, change: RemedyId): Step {
  const turned: Partial<Record<RemedyId, Partial<Setup>>> = {
    'tension-down': { tensionSteps: setup.tensionSteps - 1 },
    'tension-up': { tensionSteps: setup.tensionSteps + 1 },
    'pressure-down': { pressure: Math.max(0, setup.pressure - 0.25) },
    'pressure-up': { pressure: Math.min(1, setup.pressure + 0.25) },
    longer: { lengthMm: setup.lengthMm + 0.5 },
    shorter: { lengthMm: Math.max(0.5, setup.lengthMm - 0.5) },
    'smaller-needle': { needle: { ...setup.needle, nm: Math.max(60, setup.needle.nm - 10) } },
    'larger-needle': { needle: { ...setup.needle, nm: Math.min(110, setup.needle.nm + 10) } },
    'walking-foot': { foot: 'walking' },
    'stretch-needle': { needle: { point: 'stretch', nm: setup.needle.nm } },
  };
  const edit = turned[change];
  return { change, ...(edit && { setup: { ...setup, ...edit } }) };
}

/** A fixed list of ours, one after the other. */
export const fixedList: Strategy = (input) => {
  const change = FIXED_LIST[input.history.length];
  return change ? plainStep(input, change) : null;
};

/** Anything of that list that was not tried yet. */
export const atRandom: Strategy = (input, seed) => {
  const left = FIXED_LIST.filter((change) => !input.history.some((h) => h.change === change));
  const change = left[Math.floor(seeded(seed * 31 + input.history.length).next() * left.length)];
  return change ? plainStep(input, change) : null;
};

/** One who knows what is wrong and puts one thing right a line, the worst first. */
export const knowing: Strategy = (_input, _seed, machine) => {
  const share = (fault: HiddenFault) => machine.trouble[FAULT[fault].trouble] / FAULT[fault].most;
  const worst = [...HIDDEN_FAULTS].sort((a, b) => share(b) - share(a))[0];
  if (share(worst) <= 0) return null;
  return { machine: { ...machine, trouble: { ...machine.trouble, [FAULT[worst].trouble]: 0 } } };
};
