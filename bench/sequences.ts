/** Random sequences of what a person may press, far more of them than the tests go through: what is lost, if anything. */
import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { readWorkroom } from '../src/core/file';
import { goThrough, type Sequence, sequences } from '../src/data/edits/sequences.testing';

const RUNS = Number(process.env.RUNS ?? 300);
const seed = Number(process.env.SEED ?? 1);
const read = readWorkroom(readFileSync(new URL('../demo/tansy-wren.json', import.meta.url), 'utf8'));
if (!read.ok) throw new Error(`sequences: ${read.error.path}: ${read.error.message}`);
const demo = read.workroom;

// The drafts of a browser lie in a box of texts, which Node has not.
const box = new Map<string, string>();
globalThis.localStorage = {
  getItem: (key: string) => box.get(key) ?? null,
  setItem: (key: string, value: string) => void box.set(key, value),
  removeItem: (key: string) => void box.delete(key),
} as unknown as Storage;

const started = Date.now();
let presses = 0;
const wrong: string[] = [];
for (const sequence of fc.sample(sequences, { numRuns: RUNS, seed }) as Sequence[]) {
  presses += sequence.length;
  const said = await goThrough(demo, sequence).catch((cause: Error) => `threw ${cause.message}`);
  if (said !== null) wrong.push(`${said}\n  ${JSON.stringify(sequence)}`);
}
const seconds = ((Date.now() - started) / 1000).toFixed(0);
console.log(
  `sequences: ${RUNS} of up to 25 presses, ${presses} in all, ${wrong.length} went wrong, ${seconds} s (seed ${seed})`,
);
for (const one of wrong.slice(0, 10)) console.log(one);
