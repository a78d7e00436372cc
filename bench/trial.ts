/**
 * A trial of the diagnosis against the stand-in machine: a fault is hidden, lines are sewn, and only the advice is followed
 * until a line passes. Two plain strategies do the same, for comparison.
 */
import { lineFacts } from '../src/core/card';
import { type Cloth, FAMILY, type Family } from '../src/core/cloth';
import { type RemedyId, type DiagnoseInput, diagnoseUnanswered, outcomesOf } from '../src/core/diagnose';
import { match, matchInputSchema } from '../src/core/match';
import { seamContext } from '../src/core/physics';
import { seeded } from '../src/core/random';
import type { Setup } from '../src/core/setup';
import { sewOnStandIn, standInAfter } from '../src/core/practice';
import { HIDDEN_FAULTS, type HiddenFault, quirksOf } from '../src/core/standin';
import { allSigns, type Finding, findingsOf, passCriteria, passes } from '../src/core/swatch';

/** How a strategy chooses what to do next, out of what was seen and tried. */
export type Strategy = (input: DiagnoseInput, seed: number) => Step | null;
interface Step {
  change: RemedyId;
  setup?: Setup;
}

/** What became of one trial: how many lines until one passed, or null when none did. */
export interface Trial {
  fault: HiddenFault;
  seed: number;
  lines: number | null;
}

/** Lines after which a person gives up. */
const MOST_LINES = 8;

/** The cloth on which each fault shows. */
const CLOTHS: Record<HiddenFault, Family> = {
  'dull-needle': 'jersey',
  'pressure-high': 'jersey',
  'dial-short': 'vinyl',
  'cheap-thread': 'jersey',
  'big-needle': 'jersey',
  'tension-high': 'lawn',
  lint: 'canvas',
};

const starts = new Map<HiddenFault, { cloth: Cloth; setup: Setup }>();

/** Cloth and first setting of a fault, worked out once. */
function start(fault: HiddenFault): { cloth: Cloth; setup: Setup } {
  const known = starts.get(fault) ?? firstSetting(fault);
  starts.set(fault, known);
  return known;
}

function firstSetting(fault: HiddenFault): { cloth: Cloth; setup: Setup } {
  const family = CLOTHS[fault];
  const cloth: Cloth = {
    structure: FAMILY[family].structure,
    family,
    traits: [],
    ...(family === 'jersey' && { stretchAcross: 50 }),
  };
  const { setup } = match(matchInputSchema.parse({ cloth, operation: { kind: 'join' } }));
  if (!setup) throw new Error(`start: expected a setting for ${family}, got none`);
  // A walking foot would hide a heavy pressure; a plain start is what most people have on.
  const plain: Setup = { ...setup, foot: 'standard', pressure: Math.min(setup.pressure, 0.25) };
  if (fault === 'big-needle') return { cloth, setup: { ...plain, needle: { point: 'ballpoint', nm: 100 } } };
  return { cloth, setup: family === 'jersey' ? plain : setup };
}

/** Sews until a line passes, doing only what the strategy says; a change that made it worse is put back. */
export function trial(fault: HiddenFault, seed: number, strategy: Strategy): Trial {
  const { cloth, setup: first } = start(fault);
  const operation = { kind: 'join' as const };
  const seam = seamContext(cloth, operation);
  let setup = first;
  let quirks = quirksOf(seed, fault);
  const lines: { change?: RemedyId; findings: Finding[]; setup: Setup }[] = [];
  let change: RemedyId | undefined;
  for (let number = 1; number <= MOST_LINES; number += 1) {
    const line = sewOnStandIn({ seam, cloth, setup, direction: 'across', quirks, seed: seed * 100 + number });
    const findings = allSigns(seam, line);
    if (passes(passCriteria(seam, { ...line, findings }))) return { fault, seed, lines: number };
    lines.push({ change, findings, setup });
    const history = outcomesOf(lines);
    if (history.at(-1)?.result === 'worse' && lines.length > 1) setup = lines.at(-2)!.setup;
    const trueLengthMm = lineFacts(line.measures).lengthMm;
    const told = findingsOf(seam, { ...line, setup });
    const step = strategy({ cloth, operation, setup, findings: told, history, trueLengthMm }, seed);
    if (!step || step.change === 'technician') return { fault, seed, lines: null };
    change = step.change;
    setup = step.setup ?? setup;
    quirks = standInAfter(quirks, [change]);
  }
  return { fault, seed, lines: null };
}

/** Bobbet's own advice, followed by someone who knows nothing of the machine and answers every question with "not sure". */
export const advised: Strategy = (input) => diagnoseUnanswered(input).next;

/** Everything a textbook lists, always in the same order. */
const TEXTBOOK: RemedyId[] = [
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
    'stretch-needle': { needle: { ...setup.needle, point: 'stretch' } },
  };
  const edit = turned[change];
  return { change, ...(edit && { setup: { ...setup, ...edit } }) };
}

/** The same list for every fault, one after the other. */
export const textbook: Strategy = (input) => {
  const change = TEXTBOOK[input.history.length];
  return change ? plainStep(input, change) : null;
};

/** Anything of the list that was not tried yet. */
export const atRandom: Strategy = (input, seed) => {
  const left = TEXTBOOK.filter((change) => !input.history.some((h) => h.change === change));
  const change = left[Math.floor(seeded(seed * 31 + input.history.length).next() * left.length)];
  return change ? plainStep(input, change) : null;
};

/** How a strategy did over faults and seeds. */
export function tally(strategy: Strategy, seeds: number): { fault: HiddenFault; passed: number; median: number }[] {
  return HIDDEN_FAULTS.map((fault) => {
    const trials = Array.from({ length: seeds }, (_, seed) => trial(fault, seed + 1, strategy));
    const lines = trials.map((t) => t.lines ?? MOST_LINES + 1).sort((a, b) => a - b);
    return {
      fault,
      passed: trials.filter((t) => t.lines !== null).length / seeds,
      median: lines[Math.floor((seeds - 1) / 2)],
    };
  });
}
