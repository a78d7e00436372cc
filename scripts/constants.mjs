#!/usr/bin/env node
// npm run sabotage: moves constants and comparisons of the core by one step each, and says which nobody notices.
//   --decisions   only those that docs/decisions.md names (scripts/decisions.mjs)
//   --sample N    only a seeded sample of N over the core (300)
//   --seed S      another sample (1)
// Works on a copy of the sources, so that it can be stopped at any time. Not part of npm test: it takes about an hour.
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { createVitest } from 'vitest/node';
import { DECISIONS } from './decisions.mjs';
import { importers } from './importers.mjs';
import { root } from './steps.mjs';
import { candidatesIn, sampled } from './constantsIn.mjs';

/** Reviewed pages as a whole: they notice nearly everything, and say nothing about what was meant. */
const GOLDEN = /demo\/(cases|sameAnswers|writeCases)[^/]*\.test\.ts$/;
const LEAST_PERCENT = 85;

const flag = (name) => process.argv.includes(`--${name}`);
const numberOf = (name, usual) => (flag(name) ? Number(process.argv[process.argv.indexOf(`--${name}`) + 1]) : usual);
const wantsAll = !flag('decisions') && !flag('sample');

const copy = mkdtempSync(path.join(tmpdir(), 'bobbet-constants-'));
for (const part of ['src', 'cli', 'demo', 'docs', 'bench', 'scripts', 'package.json', 'tsconfig.json', 'vitest.config.ts', 'vitest.setup.ts'])
  cpSync(path.join(root, part), path.join(copy, part), { recursive: true });
symlinkSync(path.join(root, 'node_modules'), path.join(copy, 'node_modules'));
process.chdir(copy);

const quiet = { onInit() {} };
const vitest = await createVitest('test', { watch: false, root: copy, bail: 1, reporters: [quiet], maxWorkers: '100%' });
const everything = await vitest.globTestSpecifications();
const graph = importers(copy);

/** Tests that reach a file, the nearest first: those of its own room, then the rest of the core, then all others. */
function testsOf(file) {
  const reaching = graph.reach(file);
  const room = file.split('/').slice(0, 3).join('/');
  const usable = everything.filter(({ moduleId }) => {
    const own = path.relative(copy, moduleId);
    return reaching.has(own) && !GOLDEN.test(own);
  });
  const is = (start) => (spec) => path.relative(copy, spec.moduleId).startsWith(start);
  const near = usable.filter(is(`${room}/`));
  const core = usable.filter((spec) => is('src/core/')(spec) && !near.includes(spec));
  return [near, core, usable.filter((spec) => !near.includes(spec) && !core.includes(spec))];
}

/** Whether any test turns red; the change is taken back afterwards. */
async function noticed({ file, from, to, start }) {
  const full = path.join(copy, file);
  const before = readFileSync(full, 'utf8');
  const at = start ?? before.indexOf(from);
  if (at < 0 || before.slice(at, at + from.length) !== from) throw new Error(`${file}: “${from}” is not there any more`);
  if (start === undefined && before.indexOf(from, at + 1) >= 0) throw new Error(`${file}: “${from}” is there twice`);
  writeFileSync(full, before.slice(0, at) + to + before.slice(at + from.length));
  vitest.invalidateFile(full);
  try {
    for (const tests of testsOf(file)) {
      if (tests.length === 0) continue;
      vitest.state.filesMap.clear();
      const { testModules, unhandledErrors } = await vitest.runTestSpecifications(tests, false);
      if (unhandledErrors.length > 0 || testModules.some((module) => module.state() === 'failed')) return true;
    }
    return false;
  } finally {
    writeFileSync(full, before);
    vitest.invalidateFile(full);
  }
}

async function tried(title, changes) {
  const missed = [];
  const started = Date.now();
  for (const [i, change] of changes.entries()) {
    const line = `${change.file}${change.line ? `:${change.line}` : ''}  ${change.from} → ${change.to}`;
    const ok = await noticed(change);
    if (!ok) missed.push(line);
    console.log(`${i + 1}/${changes.length} ${ok ? 'noticed' : 'NOT NOTICED'}  ${line}`);
  }
  const percent = (100 * (changes.length - missed.length)) / Math.max(1, changes.length);
  const minutes = Math.round((Date.now() - started) / 60_000);
  console.log(`\n${title}: ${changes.length - missed.length} of ${changes.length} noticed, ${percent.toFixed(1)} %, ${minutes} min`);
  for (const line of missed) console.log(`  not noticed: ${line}`);
  return percent;
}

let failed = false;
try {
  if (wantsAll || flag('decisions')) failed = (await tried('Decisions', DECISIONS)) < 100;
  if (wantsAll || flag('sample')) {
    const sample = sampled(candidatesIn(copy), numberOf('sample', 300), numberOf('seed', 1));
    failed = (await tried('Sample of the core', sample)) < LEAST_PERCENT || failed;
  }
} finally {
  await vitest.close();
  process.chdir(root);
  rmSync(copy, { recursive: true, force: true });
}
process.exit(failed ? 1 : 0);
