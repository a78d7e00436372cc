import { defineConfig } from '@playwright/test';

/** Both servers share one production build: the demo workroom, and an empty start. */
const DEMO = 4310;
const EMPTY = 4311;
const server = (port: number, more = '') => ({
  command: `node scripts/start.mjs --port ${port}${more}`,
  env: { BOBBET_APART: '1' },
  url: `http://localhost:${port}/match`,
  timeout: 240_000,
  reuseExistingServer: false,
});

export default defineConfig({
  testDir: 'e2e',
  workers: 3,
  // Every test has a browser context, and with it a workroom, of its own.
  fullyParallel: true,
  retries: 0,
  timeout: 180_000,
  expect: { timeout: 20_000 },
  reporter: [['list'], ['json']],
  use: {
    // What is not there after this long will not come.
    actionTimeout: 20_000,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    // Keeping Bobbet on the device fetches all of it; the tests about that allow it.
    serviceWorkers: 'block',
    // On a busy machine a list can still be growing when it is pressed, and the press lands beside what was aimed at.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--disable-background-networking'],
    },
  },
  projects: [
    { name: 'demo', testMatch: /.*\.demo\.spec\.ts/, use: { baseURL: `http://localhost:${DEMO}` } },
    { name: 'empty', testMatch: /.*\.empty\.spec\.ts/, use: { baseURL: `http://localhost:${EMPTY}` } },
    // Their servers are their own: they are stopped, or serve the exported folder.
    { name: 'offline', testMatch: /.*\.offline\.spec\.ts/, use: { serviceWorkers: 'allow' } },
  ],
  webServer: [server(DEMO), server(EMPTY, ' --empty')],
});
