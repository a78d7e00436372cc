#!/usr/bin/env node
// npm test: everything that must hold, on a fresh clone too. Ends with "N passed, N failed".
import { existsSync, mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { sayChecks } from './checks.mjs';
import { build, environment, install, needNode, run, runTool, runToolBeside } from './steps.mjs';

needNode();
install();
const { chromium } = await import('./chromium.mjs');
const browser = chromium();
const reports = mkdtempSync(path.join(tmpdir(), 'bobbet-'));
const unitReport = path.join(reports, 'unit.json');
const browserReport = path.join(reports, 'browser.json');

const counts = { passed: 0, failed: 0 };
const failures = [];
function count(name, passed, failed = passed ? 0 : 1) {
  counts.passed += Number(passed);
  counts.failed += failed;
  if (failed > 0) failures.push(name);
}

function step(name, work) {
  console.log(`\n── ${name}`);
  const started = Date.now();
  const ok = work();
  console.log(`   ${name}: ${ok ? 'ok' : 'FAILED'}, ${Math.round((Date.now() - started) / 1000)} s`);
  return ok;
}

/** As a step, while others run: what it prints is shown when it is through. */
async function beside(name, tool, args = []) {
  const started = Date.now();
  const { ok, text } = await runToolBeside(tool, args);
  console.log(
    `\n── ${name}\n${text}   ${name}: ${ok ? 'ok' : 'FAILED'}, ${Math.round((Date.now() - started) / 1000)} s`,
  );
  return ok;
}

/** Counts a test runner's own tests; a runner that left no report, or failed outside them, counts as a failure. */
function countSuite(name, file, ok, read) {
  if (!existsSync(file)) return count(name, 0, 1);
  const { passed, failed } = read(JSON.parse(readFileSync(file, 'utf8')));
  count(name, passed, Math.max(failed, ok ? 0 : 1));
}

const folders = ['src', 'cli', 'scripts', 'e2e', 'bench', 'demo'];
const structure = ['--config', '.dependency-cruiser.cjs', 'src', 'cli', '--output-type', 'err'];

/** Everything that only reads the sources, one after the other. */
async function sources() {
  count('lint', await beside('lint', 'eslint/bin/eslint.js', ['.', '--max-warnings', '0']));
  count('format', await beside('format', 'prettier/bin/prettier.cjs', ['--check', '--log-level', 'warn', ...folders]));
  count('types', await beside('types', 'typescript/bin/tsc', ['--noEmit']));
  const worker = ['--noEmit', '-p', 'src/offline/tsconfig.json'];
  count('types, offline worker', await beside('types, offline worker', 'typescript/bin/tsc', worker));
  count('structure', await beside('structure', 'dependency-cruiser/bin/dependency-cruise.mjs', structure));
  count('unused', await beside('unused code', 'knip/bin/knip.js'));
}

const UNIT = 'unit tests and docstring examples';
async function unitTests() {
  const args = ['run', '--reporter=dot', '--reporter=json', `--outputFile.json=${unitReport}`];
  const ok = await beside(UNIT, 'vitest/vitest.mjs', args);
  countSuite(UNIT, unitReport, ok, (r) => ({ passed: r.numPassedTests, failed: r.numFailedTests + r.numPendingTests }));
  if (existsSync(unitReport)) count('checks from outside', sayChecks(JSON.parse(readFileSync(unitReport, 'utf8'))));
}

await Promise.all([sources(), unitTests()]);
const built = step('build', build);
count('build', built);
if (built) {
  count(
    'size',
    step('first-load size', () => runTool('size-limit/bin.js')),
  );
  const exported = path.join(reports, 'exported');
  count(
    'export',
    step('export', () => run(process.execPath, ['scripts/export.mjs', '--to', exported])),
  );
  const ok = step('end to end', () =>
    runTool('@playwright/test/cli.js', ['test'], {
      env: {
        ...environment,
        CHROMIUM: browser,
        PLAYWRIGHT_JSON_OUTPUT_NAME: browserReport,
        BOBBET_EXPORTED: exported,
      },
    }),
  );
  countSuite('end to end', browserReport, ok, (r) => ({
    passed: r.stats.expected,
    failed: r.stats.unexpected + r.stats.flaky + r.stats.skipped,
  }));
}
if (failures.length > 0) console.log(`\nFailed: ${failures.join(', ')}`);
console.log(`\n${counts.passed} passed, ${counts.failed} failed`);
process.exit(counts.failed === 0 ? 0 : 1);
