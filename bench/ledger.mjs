// The ledger at its largest, and an hour's use: what stands still, and what the page's memory comes to.
import { readFileSync } from 'node:fs';
import { chromium as playwright } from '@playwright/test';
import { ARGS, scroll, tasks, watched } from './watched.mjs';

const LINES = 10_000;
const CARDS = 2_000;
const JOBS = 200;

/** The demo with very many lines, cards and jobs in it, as a workroom file. */
function largeWorkroom() {
  const file = JSON.parse(readFileSync(new URL('../demo/tansy-wren.json', import.meta.url), 'utf8'));
  const at = (i) => new Date(Date.UTC(2020, 0, 1) + i * 3_600_000 * 5).toISOString();
  const many = (list, count, change) =>
    Array.from({ length: count }, (_, i) => ({ ...list[i % list.length], ...change(i) }));
  const sewn = file.lines.filter((line) => line.status !== 'planned');
  return JSON.stringify({
    ...file,
    lines: many(sewn, LINES, (i) => ({
      id: `line-${i}`,
      sewnAt: at(i),
      notes: `note ${i} ${['rippled', 'flat', 'creased'][i % 3]}`,
    })),
    cards: many(file.cards, CARDS, (i) => ({ id: `card-${i}`, passedAt: at(i), name: `Card ${i}, a seam` })),
    jobs: many(file.jobs, JOBS, (i) => ({ id: `job-${i}`, name: `Job ${i}`, addedAt: at(i) })),
    runs: [],
  });
}

const told = (list) => (list.length === 0 ? 'none' : `longest ${Math.round(Math.max(...list))} ms of ${list.length}`);

/** 10,000 lines, 2,000 cards, 200 jobs: opened, scrolled, searched, filtered. */
export async function ledger(base, executablePath) {
  const browser = await playwright.launch({ executablePath, args: ARGS });
  const page = await watched(browser);
  await page.goto(`${base}/match`);
  await page.getByText('This is a demo workroom').waitFor();
  await page.goto(`${base}/workroom?place=files`);
  const buffer = Buffer.from(largeWorkroom());
  await page.getByLabel('Import a file').setInputFiles({ name: 'large.json', mimeType: 'application/json', buffer });
  await page.getByRole('button', { name: 'Replace everything' }).click({ timeout: 120_000 });
  await page.getByText('The file is imported.').waitFor({ timeout: 120_000 });
  await page.goto(`${base}/log`);
  await page.getByRole('list', { name: 'What happened' }).waitFor({ timeout: 60_000 });
  await page.waitForTimeout(3000);
  const opening = await tasks(page);
  const frames = await page.evaluate(scroll);
  const scrolling = await tasks(page);
  await page.evaluate(() => window.scrollTo(0, 0));
  await page.getByLabel('Find').pressSequentially('rippld 73', { delay: 90 });
  await page.waitForTimeout(3500);
  const searching = await tasks(page);
  const title = `ledger, ${LINES + CARDS + JOBS} entries`;
  const share = (part) => frames[Math.floor(part * (frames.length - 1))].toFixed(0);
  console.log(`${title}, tasks over 50 ms`.padEnd(44), `opening: ${told(opening)}   searching: ${told(searching)}`);
  console.log(
    `${title}, scrolled`.padEnd(44),
    `frames: median ${share(0.5)} ms   95 % ${share(0.95)} ms   longest ${share(1)} ms   tasks over 50 ms: ${told(scrolling)}`,
  );
  await browser.close();
}

const CHANGES = 500;
const WRITTEN = 200;
const STATIONS = ['Today', 'Cloth', 'Match', 'Swatch', 'Sew', 'Ledger', 'Jobs', 'Workroom'];

async function heapMb(session) {
  await session.send('HeapProfiler.collectGarbage');
  const { usedSize } = await session.send('Runtime.getHeapUsage');
  return usedSize / 1e6;
}

/** An hour’s use: 500 changes of screen and 200 lines added to a scrap, without the page ever being loaded anew. */
export async function hour(base, executablePath) {
  const browser = await playwright.launch({ executablePath, args: ARGS });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${base}/match`);
  await page.getByText('This is a demo workroom').waitFor();
  const session = await page.context().newCDPSession(page);
  await session.send('HeapProfiler.enable');
  const go = async (name) => {
    await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name, exact: true }).click();
    await page.getByRole('heading', { level: 1 }).waitFor();
    await page.waitForTimeout(120);
  };
  let [first, written] = [0, 0];
  for (let i = 0; i < CHANGES; i += 1) {
    const name = STATIONS[i % STATIONS.length];
    await go(name);
    if (name === 'Swatch' || (name === 'Sew' && written < WRITTEN)) {
      await go('Swatch');
      await page.getByRole('link', { name: /Merino jersey, a plain seam/ }).click();
      const notes = page.getByRole('textbox', { name: 'Notes' });
      await notes.waitFor();
      for (let k = 0; k < 2 && written < WRITTEN; k += 1, written += 1) {
        const givenUp = page.getByRole('button', { name: 'Skip this line' });
        if (await givenUp.isVisible()) await givenUp.click();
        await page.getByRole('button', { name: 'Sew it once more' }).click();
        await givenUp.waitFor();
        await notes.fill(`Line ${written}, written at the machine.`);
      }
    }
    if (i === 9) first = await heapMb(session);
  }
  // On the same screen as the first time: the scrap of all these lines, drawn, is no measure of what is left behind.
  await go(STATIONS[9 % STATIONS.length]);
  const last = await heapMb(session);
  console.log(
    `an hour: ${CHANGES} changes, ${written} lines written`.padEnd(44),
    `heap ${first.toFixed(1)} MB after ten, ${last.toFixed(1)} MB at the end: ${(last / first).toFixed(2)} times`,
  );
  await browser.close();
}
