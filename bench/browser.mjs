// What a person waits for in the browser: a question answered by the worker, and Lighthouse on the Match screen.
import { chromium as playwright } from '@playwright/test';
import lighthouse, { desktopConfig } from 'lighthouse';

const ARGS = ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--disable-background-networking'];
const median = (numbers) => [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)];

/** Round trips to the worker, as the page marks them, over every cloth of the demo. */
export async function answers(base, executablePath) {
  const browser = await playwright.launch({ executablePath, args: ARGS });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${base}/match`);
  await page.getByText('This is a demo workroom').waitFor();
  await page.goto(`${base}/match?cloth=merino`);
  const stitch = page.locator('dt', { hasText: /^Stitch$/ }).first();
  await stitch.waitFor();
  const seams = ['a hem', 'topstitching', 'a plain seam'];
  for (let i = 0; i < 15; i += 1) {
    await page.getByRole('button', { name: /change seam/ }).click();
    await page
      .getByRole('menuitemradio', { name: seams[i % 3], exact: false })
      .last()
      .click();
    await page.waitForTimeout(400);
  }
  await sayTimes(page, 'match');
  await browser.close();
}

/** Prints the round trips of one kind that the page marked. */
async function sayTimes(page, kind) {
  const times = await page.evaluate(
    (name) => performance.getEntriesByName(name).map((entry) => entry.duration),
    `bobbet.${kind}`,
  );
  console.log(
    `${kind} in the worker, ${times.length} round trips`.padEnd(44),
    `median ${median(times).toFixed(1)} ms   slowest ${Math.max(...times).toFixed(1)} ms`,
  );
}

/** Round trips to the worker for advice, as the page marks them: a sign of a failed line is said to be there, worse, and gone again. */
export async function advice(base, executablePath) {
  const browser = await playwright.launch({ executablePath, args: ARGS });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${base}/test?id=merino-side`);
  for (let i = 0; i < 30; i += 1) {
    await page.getByRole('button', { name: /^Came out long and wavy: / }).click();
    await page.waitForTimeout(250);
  }
  await sayTimes(page, 'diagnose');
  await browser.close();
}

/** Lighthouse on the three screens that are opened most: medians of three, with how far the page shifts as it loads. */
export async function scores(base, executablePath) {
  const port = 9333;
  const browser = await playwright.launch({ executablePath, args: [...ARGS, `--remote-debugging-port=${port}`] });
  const names = ['performance', 'accessibility', 'best-practices', 'seo'];
  const run = async (title, place, config) => {
    const found = [];
    for (let i = 0; i < 3; i += 1) {
      const { lhr } = await lighthouse(`${base}${place}`, { port, onlyCategories: names, logLevel: 'error' }, config);
      const shift = lhr.audits['cumulative-layout-shift'].numericValue;
      found.push([...names.map((name) => Math.round(100 * lhr.categories[name].score)), shift]);
    }
    const middle = names.map((name, i) => `${name} ${median(found.map((row) => row[i]))}`);
    console.log(title.padEnd(44), middle.join('   '), `  shift ${median(found.map((row) => row[4])).toFixed(3)}`);
  };
  for (const place of ['/match', '/today', '/sew']) {
    await run(`Lighthouse, desktop, ${place}`, place, desktopConfig);
    await run(`Lighthouse, mobile, ${place}`, place, undefined);
  }
  await browser.close();
}
