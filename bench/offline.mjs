// How long a cold browser takes, with the server stopped, until Match shows an answer: node bench/offline.mjs
import { mkdtempSync, rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { chromium as chromiumPath } from '../scripts/chromium.mjs';
import { build, serve } from '../scripts/steps.mjs';

const { chromium } = createRequire(import.meta.url)('@playwright/test');
const RUNS = 7;
const PORT = 4395;
const address = `http://localhost:${PORT}/match?cloth=merino`;
const profile = mkdtempSync(path.join(tmpdir(), 'bobbet-cold-'));
const open = () =>
  chromium.launchPersistentContext(profile, { executablePath: chromiumPath({ whole: true }), args: ['--no-sandbox'] });
const usable = (page) => page.locator('dl > div dd').first().waitFor();

if (!build()) throw new Error('offline: the build failed');
try {
  const server = await serve(PORT, { quiet: true });
  const first = await open();
  const page = first.pages()[0];
  await page.goto(address);
  await usable(page);
  await page.waitForFunction(async () => (await navigator.serviceWorker.ready) && navigator.serviceWorker.controller);
  await first.close();
  const gone = new Promise((done) => server.once('exit', done));
  server.kill('SIGTERM');
  await gone;
  const times = [];
  for (let run = 0; run < RUNS; run += 1) {
    const context = await open();
    const [cold] = context.pages();
    const started = performance.now();
    await cold.goto(address);
    await usable(cold);
    times.push(performance.now() - started);
    await context.close();
  }
  times.sort((a, b) => a - b);
  const seconds = (ms) => `${(ms / 1000).toFixed(2)} s`;
  console.log(
    `cold, offline, to a usable Match: median ${seconds(times[Math.floor(RUNS / 2)])} of ${RUNS} (${seconds(times[0])} to ${seconds(times[RUNS - 1])})`,
  );
} finally {
  rmSync(profile, { recursive: true, force: true });
}
process.exit(0);
