/** The simulated machine: how far match agrees with it, and how the diagnosis does in it. docs/trial.md keeps what it prints. */
import { FAMILIES } from '../src/core/cloth';
import { canBeAtOnce, HIDDEN_FAULTS, type HiddenFault, SEES_ALL } from '../src/core/standin';
import { seeded } from '../src/core/random';
import { agreement, inGoodOrder, TRIED } from './agreement';
import {
  advised,
  answering,
  atRandom,
  fixedList,
  HURRIED,
  knowing,
  meanLines,
  type Outcome,
  solved,
  type Strategy,
  type Task,
  trial,
} from './trial';

const SEEDS = Number(process.env.SEEDS ?? 200);
const PAIRS = 2000;
const MACHINES = 60;
const STRATEGIES: readonly (readonly [string, Strategy])[] = [
  ['advice', advised],
  ['advice, looked where asked', answering],
  ['fixed list', fixedList],
  ['at random', atRandom],
  ['one who knows', knowing],
];

const told = (outcomes: readonly Outcome[]) =>
  `${(100 * solved(outcomes)).toFixed(0)}%, ${meanLines(outcomes).toFixed(1)}`;
const row = (cells: readonly string[]) => console.log(`| ${cells.join(' | ')} |`);
const head = (cells: readonly string[]) => (row(cells), row(cells.map(() => '---')));

console.log('\nMatch’s own setting on machines in good order: lines that pass, of', MACHINES);
head(['family', ...TRIED]);
const machines = inGoodOrder(MACHINES);
for (const family of FAMILIES)
  row([family, ...TRIED.map((kind) => String(agreement(family, kind, machines)?.clean ?? 'match blocks'))]);

const names = STRATEGIES.map(([name]) => name);
for (const [who, observer] of [
  ['sees everything', SEES_ALL],
  ['is in a hurry', HURRIED],
] as const) {
  console.log(`\nOne fault, ${SEEDS} machines each; looked at by someone who ${who}: solved, mean lines`);
  head(['hidden fault', ...names]);
  const all: Outcome[][] = names.map(() => []);
  for (const fault of HIDDEN_FAULTS) {
    const tasks = Array.from({ length: SEEDS }, (_, i): Task => ({ faults: [fault], seed: i + 1, observer }));
    const columns = STRATEGIES.map(([, strategy]) => tasks.map((task) => trial(task, strategy)));
    columns.forEach((column, i) => all[i].push(...column));
    row([fault, ...columns.map(told)]);
  }
  row(['all', ...all.map(told)]);
}

const every = HIDDEN_FAULTS.flatMap((a, i) => HIDDEN_FAULTS.slice(i + 1).map((b) => [a, b] as const));
const possible = every.filter(([a, b]) => canBeAtOnce(a, b));
const listed = (some: Iterable<readonly HiddenFault[]>) =>
  [...some].map((pair) => pair.join(' + ')).join('; ') || 'none';
console.log('\nPairs that cannot be at once:', listed(every.filter(([a, b]) => !canBeAtOnce(a, b))));

/** Pairs drawn at random out of those that can be at once. */
const { next } = seeded(20);
const pairs = Array.from({ length: PAIRS }, (_, i) => ({
  faults: possible[Math.floor(next() * possible.length)],
  seed: i + 1,
}));
console.log(`\nTwo faults at once, ${PAIRS} drawn pairs: solved, mean lines`);
head(['someone who', ...names]);
const hopeless = new Set<readonly HiddenFault[]>();
const masked = new Set<readonly HiddenFault[]>();
for (const [who, observer] of [
  ['sees everything', SEES_ALL],
  ['is in a hurry', HURRIED],
] as const) {
  const columns = STRATEGIES.map(([, strategy]) => pairs.map((pair) => trial({ ...pair, observer }, strategy)));
  row([who, ...columns.map(told)]);
  if (observer !== SEES_ALL) continue;
  for (const { faults, lines } of columns[STRATEGIES.length - 1]) {
    if (lines === null) hopeless.add(faults);
    if (lines === 1) masked.add(faults);
  }
}
console.log('\nPairs that even one who knows cannot bring to a pass:', listed(hopeless));
console.log('Pairs of which one hid the other, so that a first line passed:', listed(masked));
