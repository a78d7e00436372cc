// Long lists in the browser: 2,000 cloths and 10,000 needles, opened, scrolled and searched. Frames and tasks over 50 ms.
import { chromium as playwright } from '@playwright/test';
import { ARGS, scroll, tasks, watched } from './watched.mjs';

const CLOTHS = ['Name,Most like', ...Array.from({ length: 2000 }, (_, i) => `Bolt ${i + 1},jersey`)];
const NEEDLES = [
  'Point,Size,Count,Kept in',
  ...Array.from({ length: 20 }, (_, i) => `Universal,80/12,500,drawer ${i + 1}`),
];

async function importList(page, name, label, lines) {
  const buffer = Buffer.from(lines.join('\n'));
  await page.getByLabel(`Import ${label} from CSV`).setInputFiles({ name, mimeType: 'text/csv', buffer });
  await page.getByRole('button', { name: 'Import it' }).click();
  await page.getByText(`${name} imported.`).waitFor();
}

const told = (list) => (list.length === 0 ? 'none' : list.map((ms) => `${Math.round(ms)} ms`).join(', '));

/** Opens, scrolls and searches both lists, and prints what stood still. */
export async function lists(base, executablePath) {
  const browser = await playwright.launch({ executablePath, args: ARGS });
  const page = await watched(browser);
  await page.goto(`${base}/match`);
  await page.getByText('This is a demo workroom').waitFor();
  await page.goto(`${base}/workroom?place=files`);
  await importList(page, 'bolts.csv', 'Cloths', CLOTHS);
  await importList(page, 'tin.csv', 'Needles', NEEDLES);
  for (const [title, url, list, box, text] of [
    ['2,000 cloths', '/fabric', 'Cloths', 'Find a cloth', 'bolt 199'],
    ['10,000 needles', '/workroom?place=needles', 'Needles in the tin', 'Find a needle', 'drawer 17'],
  ]) {
    await page.goto(base + url);
    await page.getByRole('list', { name: list }).waitFor();
    await page.waitForTimeout(2500);
    const opening = await tasks(page);
    const frames = await page.evaluate(scroll);
    const scrolling = await tasks(page);
    await page.evaluate(() => window.scrollTo(0, 0));
    await page.getByRole('textbox', { name: box }).pressSequentially(text, { delay: 60 });
    await page.waitForTimeout(2000);
    const at = (share) => frames[Math.floor(share * (frames.length - 1))].toFixed(0);
    console.log(
      `${title}, scrolled`.padEnd(44),
      `frames: median ${at(0.5)} ms   95 % ${at(0.95)} ms   longest ${at(1)} ms`,
    );
    console.log(
      `${title}, tasks over 50 ms`.padEnd(44),
      `opening: ${told(opening)}   scrolling: ${told(scrolling)}   searching: ${told(await tasks(page))}`,
    );
  }
  await browser.close();
}
