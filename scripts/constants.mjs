#!/usr/bin/env node
// npm run sabotage: moves constants and comparisons of the core by one step each, and says which nobody notices.
//   --decisions   only those that docs/decisions.md names (scripts/decisions.mjs)
//   --sample N    only a seeded sample of N over the core (300)
//   --seed S      another sample (1)
//   --tables      the sample is of the knowledge tables only: what stands in a row, each with its source
//   --only TEXT   of the decisions, those whose change has this text in it; several with | between
//   --quick       asks the slow tests for none of them
//   --kept FILE   what was noticed is kept in this file; started again, only the rest is tried
// Works on a copy of the sources, so that it can be stopped at any time. Not part of npm test: it takes some hours.
import { spawn } from 'node:child_process';
import {
  appendFileSync,
  cpSync,
  existsSync,
  mkdtempSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { candidatesIn, isTable, sampled } from './constantsIn.mjs';
import { DECISIONS } from './decisions.mjs';
import { importers } from './importers.mjs';
import { root } from './steps.mjs';

/** Reviewed pages as a whole: they notice nearly everything, and say nothing about what was meant. */
const GOLDEN = /^demo\/cases\.test\.ts$/;
/** These take seconds each, so they are asked later; those that start a page of their own come last. */
const SLOW =
  /(trial|properties|lookOver|match|order|mistakes\.check|match\.check|families\.check|order\.check|variants|picture|broken|plan|search|learn|lowerBound|doubts|offsets)\.test\.ts$/;
const WITH_PAGE = /^src\/(data|features|parts|app)\//;
const LEAST_PERCENT = 85;
/** What a table says is held by a check from outside or by practice. */
const LEAST_OF_TABLES_PERCENT = 90;
/** A change that makes a loop endless is noticed too. */
const MOST_MS = 900_000;
const AT_ONCE = 2;

const flag = (name) => process.argv.includes(`--${name}`);
const numberOf = (name, usual) => (flag(name) ? Number(process.argv[process.argv.indexOf(`--${name}`) + 1]) : usual);
const wantsAll = !flag('decisions') && !flag('sample');

const NEEDED = ['src', 'cli', 'demo', 'docs', 'bench', 'scripts', 'package.json', 'tsconfig.json'];
const SETTINGS = ['vitest.config.ts', 'vitest.setup.ts'];

/** A copy of the sources to change; the packages are those of the project. */
function copied() {
  const copy = mkdtempSync(path.join(tmpdir(), 'bobbet-constants-'));
  for (const part of [...NEEDED, ...SETTINGS])
    cpSync(path.join(root, part), path.join(copy, part), { recursive: true });
  symlinkSync(path.join(root, 'node_modules'), path.join(copy, 'node_modules'));
  return copy;
}

const graph = importers();
const tests = graph.files.filter((file) => /\.test\.tsx?$/.test(file) && !GOLDEN.test(file));

/** Tests that reach a file, in the order they are asked: the quick ones, the slow ones, those with a page of their own. */
function testsOf(file) {
  const reaching = graph.reach(file);
  const usable = tests.filter((test) => reaching.has(test));
  const page = usable.filter((test) => WITH_PAGE.test(test));
  const slow = usable.filter((test) => SLOW.test(test) && !page.includes(test));
  const quick = usable.filter((test) => !page.includes(test) && !slow.includes(test));
  return (flag('quick') ? [quick] : [quick, slow, page]).filter((some) => some.length > 0);
}

/** Whether these tests turn red in a copy. */
function isRed(copy, some) {
  return new Promise((done) => {
    const tool = path.join(root, 'node_modules', 'vitest', 'vitest.mjs');
    const args = [
      tool,
      'run',
      ...some,
      '--bail=1',
      '--reporter=dot',
      '--no-file-parallelism',
      '--experimental.fsModuleCache',
    ];
    const run = spawn(process.execPath, args, { cwd: copy, stdio: 'ignore', detached: true });
    const clock = setTimeout(() => process.kill(-run.pid, 'SIGKILL'), MOST_MS);
    run.once('close', (code) => {
      clearTimeout(clock);
      done(code !== 0);
    });
  });
}

/** Whether any test turns red; the change is taken back afterwards. */
async function noticed(copy, { file, from, to, start }) {
  const full = path.join(copy, file);
  const before = readFileSync(full, 'utf8');
  const at = start ?? before.indexOf(from);
  if (before.slice(at, at + from.length) !== from) throw new Error(`${file}: “${from}” is not there any more`);
  if (start === undefined && before.includes(from, at + 1)) throw new Error(`${file}: “${from}” is there twice`);
  writeFileSync(full, before.slice(0, at) + to + before.slice(at + from.length));
  try {
    for (const some of testsOf(file)) if (await isRed(copy, some)) return true;
    return false;
  } finally {
    writeFileSync(full, before);
  }
}

const kept = flag('kept') ? process.argv[process.argv.indexOf('--kept') + 1] : undefined;
const lineOf = ({ file, line, from, to }) => `${file}${line ? `:${line}` : ''}  ${from} → ${to}`;

async function tried(title, changes) {
  const missed = [];
  const before = new Set(kept && existsSync(kept) ? readFileSync(kept, 'utf8').split('\n') : []);
  const open = [...changes.entries()].filter(([, change]) => !before.has(lineOf(change)));
  const started = Date.now();
  const worker = async (copy) => {
    for (let next = open.shift(); next; next = open.shift()) {
      const [i, change] = next;
      const line = lineOf(change);
      const ok = await noticed(copy, change);
      if (!ok) missed.push(line);
      else if (kept) appendFileSync(kept, `${line}\n`);
      console.log(`${i + 1}/${changes.length} ${ok ? 'noticed' : 'NOT NOTICED'}  ${line}`);
    }
  };
  const copies = Array.from({ length: AT_ONCE }, copied);
  try {
    await Promise.all(copies.map(worker));
  } finally {
    for (const copy of copies) rmSync(copy, { recursive: true, force: true });
  }
  const percent = (100 * (changes.length - missed.length)) / Math.max(1, changes.length);
  const minutes = Math.round((Date.now() - started) / 60_000);
  const seen = `${changes.length - missed.length} of ${changes.length} noticed`;
  console.log(`\n${title}: ${seen}, ${percent.toFixed(1)} %, ${minutes} min`);
  for (const line of missed.sort()) console.log(`  not noticed: ${line}`);
  return percent;
}

let failed = false;
const only = flag('only') ? process.argv[process.argv.indexOf('--only') + 1].split('|') : [''];
const decisions = DECISIONS.filter(({ from }) => only.some((text) => from.includes(text)));
if (wantsAll || flag('decisions')) failed = (await tried('Decisions', decisions)) < 100;
if (wantsAll || flag('sample')) {
  const files = flag('tables') ? graph.files.filter(isTable) : graph.files;
  const sample = sampled(candidatesIn(files), numberOf('sample', 300), numberOf('seed', 1));
  const [title, least] = flag('tables')
    ? ['Sample of the tables', LEAST_OF_TABLES_PERCENT]
    : ['Sample of the core', LEAST_PERCENT];
  failed = (await tried(title, sample)) < least || failed;
}
process.exit(failed ? 1 : 0);
