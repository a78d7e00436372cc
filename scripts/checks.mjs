#!/usr/bin/env node
// npm run checks: how many checks hold a value from outside, by where it comes from. Every `*.check.test.ts` says so at the beginning of its
// groups; `npm test` counts them too.
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { runTool } from './steps.mjs';

/** Where an expected value comes from; the first four are truly outside of this project. */
export const KINDS = {
  published: 'a standard or a definition',
  handbook: 'a number of handbooks and makers’ tables',
  library: 'a general library that knows nothing of sewing',
  mathematics: 'exact mathematics',
  practice: 'what sewists and their teachers do',
  memory: 'remembered, from no source at hand',
  own: 'our own formula or model, worked by hand',
};
export const OUTSIDE = ['published', 'handbook', 'library', 'mathematics'];
/** So many have to come from outside. */
export const LEAST_OUTSIDE = 150;

/**
 * Counts the checks of a report by kind.
 *
 * @param report - what vitest writes as JSON
 * @returns how many of each kind, how many are outside, and the groups that do not say
 */
export function countChecks(report) {
  const counts = Object.fromEntries(Object.keys(KINDS).map((kind) => [kind, 0]));
  const untold = new Set();
  for (const { name, assertionResults } of report.testResults) {
    if (!/\.check\.test\.tsx?$/.test(name)) continue;
    for (const { ancestorTitles, status } of assertionResults) {
      if (status !== 'passed') continue;
      const [kind] = (ancestorTitles[0] ?? '').split(':');
      if (kind in counts) counts[kind] += 1;
      else untold.add(`${path.basename(name)}: ${ancestorTitles[0] ?? ''}`);
    }
  }
  return { counts, outside: OUTSIDE.reduce((sum, kind) => sum + counts[kind], 0), untold: [...untold] };
}

/** Prints the count; true where enough are outside and every group says where it comes from. */
export function sayChecks(report) {
  const { counts, outside, untold } = countChecks(report);
  for (const [kind, words] of Object.entries(KINDS))
    console.log(`${String(counts[kind]).padStart(6)}  ${kind}: ${words}`);
  console.log(`   ${outside} from outside; ${LEAST_OUTSIDE} at least`);
  for (const group of untold) console.log(`   does not say where its values come from: ${group}`);
  return outside >= LEAST_OUTSIDE && untold.length === 0;
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const file = path.join(mkdtempSync(path.join(tmpdir(), 'bobbet-')), 'checks.json');
  runTool('vitest/vitest.mjs', [
    'run',
    '.check.test.',
    '--reporter=dot',
    '--reporter=json',
    `--outputFile.json=${file}`,
  ]);
  process.exit(sayChecks(JSON.parse(readFileSync(file, 'utf8'))) ? 0 : 1);
}
