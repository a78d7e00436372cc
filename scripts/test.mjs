#!/usr/bin/env node
// npm test: everything that must hold, on a fresh clone too. Ends with "N passed, N failed".
import { existsSync, mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { build, environment, install, needNode, runTool } from './steps.mjs';

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

/** Counts a test runner's own tests; a runner that left no report, or failed outside them, counts as a failure. */
function suite(name, file, read, work) {
  const ok = step(name, work);
  if (!existsSync(file)) return count(name, 0, 1);
  const { passed, failed } = read(JSON.parse(readFileSync(file, 'utf8')));
  count(name, passed, Math.max(failed, ok ? 0 : 1));
}

const quiet = ['--log-level', 'warn'];
count(
  'format',
  step('format', () =>
    runTool('prettier/bin/prettier.cjs', ['--check', ...quiet, 'src', 'cli', 'scripts', 'e2e', 'bench', 'demo']),
  ),
);
count(
  'lint',
  step('lint', () => runTool('eslint/bin/eslint.js', ['.', '--max-warnings', '0'])),
);
count(
  'types',
  step('types', () => runTool('typescript/bin/tsc', ['--noEmit'])),
);
count(
  'structure',
  step('structure', () =>
    runTool('dependency-cruiser/bin/dependency-cruise.mjs', [
      '--config',
      '.dependency-cruiser.cjs',
      'src',
      'cli',
      '--output-type',
      'err',
    ]),
  ),
);
count(
  'unused',
  step('unused code', () => runTool('knip/bin/knip.js', [])),
);
suite(
  'unit tests and docstring examples',
  unitReport,
  (r) => ({ passed: r.numPassedTests, failed: r.numFailedTests + r.numPendingTests }),
  () => runTool('vitest/vitest.mjs', ['run', '--reporter=dot', '--reporter=json', `--outputFile.json=${unitReport}`]),
);
const built = step('build', build);
count('build', built);
if (built) {
  count(
    'size',
    step('first-load size', () => runTool('size-limit/bin.js')),
  );
  suite(
    'end to end',
    browserReport,
    (r) => ({ passed: r.stats.expected, failed: r.stats.unexpected + r.stats.flaky + r.stats.skipped }),
    () =>
      runTool('@playwright/test/cli.js', ['test'], {
        env: { ...environment, CHROMIUM: browser, PLAYWRIGHT_JSON_OUTPUT_NAME: browserReport },
      }),
  );
}
if (failures.length > 0) console.log(`\nFailed: ${failures.join(', ')}`);
console.log(`\n${counts.passed} passed, ${counts.failed} failed`);
process.exit(counts.failed === 0 ? 0 : 1);
