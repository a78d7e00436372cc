import type { Page } from '@playwright/test';
import { STATIONS } from '@/parts/frame/stations';
import { PRINTING_TEXT, TEXT as SEW_TEXT } from '@/features/sew/text';
import { RUNNING_TEXT, WAY_TEXT } from '@/features/workroom/running/text';
import { onDevice, starter, up } from './server';
import { answered, ask, away, expect, openDemo, printed, reading, settled, test } from './page';

const PORT = 4321;
test.use({ baseURL: `http://localhost:${PORT}` });

/** The heading of a station that is really there. */
async function isThere(page: Page, href: string) {
  await expect(page.locator('main h1, main h2').first(), `${href} without a server`).toBeVisible();
  await expect(page.getByText('This page could not be found')).toHaveCount(0);
}

test('with the server stopped every station opens and reloads, a setting is found, a seam is sewn, its steps are printed', async ({
  page,
}) => {
  const server = starter(PORT);
  try {
    await up(PORT);
    await openDemo(page);
    await onDevice(page);
  } finally {
    await server.stop();
  }
  // Pages for which the network answers nothing any more.
  for (const { href } of STATIONS) {
    await page.goto(href);
    await isThere(page, href);
    await page.reload();
    await isThere(page, href);
  }
  for (const href of [
    '/',
    '/cloth?id=merino',
    '/test/signs',
    '/start',
    '/shop',
    '/words',
    '/check-up',
    '/no-such-page',
  ]) {
    await page.goto(href);
    await isThere(page, href);
  }
  await expect(page).toHaveURL(/\/today/);

  await page.goto('/match?cloth=merino');
  await answered(page);
  await page.reload();
  await answered(page);
  await expect(reading(page, 'Needle')).not.toBeEmpty();

  await ask(page, 'lawn', 'Seam along any line');
  await page.getByRole('button', { name: PRINTING_TEXT.printTheSteps }).click();
  await expect((await printed(page)).first()).toContainText('Seam along any line');
  await away(page);
  await page.getByRole('button', { name: SEW_TEXT.begin }).click();
  await expect(page.getByText(/step 1 of/)).toBeVisible();
  await page.getByRole('button', { name: 'Done, next' }).click();
  await expect(page.getByText(/step 2 of/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/step 2 of/)).toBeVisible();

  // Stations are gone to without the page being fetched again: what can be undone stays.
  await page.evaluate(() => void Object.assign(window, { sameWindow: true }));
  for (const { name } of STATIONS) {
    await page.getByRole('link', { name, exact: true }).first().click();
    await settled(page);
  }
  expect(await page.evaluate(() => 'sameWindow' in window)).toBe(true);
});

test('by plain http on another host name it works with what it can, and says so', async ({ playwright }, info) => {
  const server = starter(4322);
  const { args = [], ...launch } = info.project.use.launchOptions ?? {};
  const browser = await playwright.chromium.launch({
    ...launch,
    args: [...args, '--host-resolver-rules=MAP sewing-room.test 127.0.0.1'],
  });
  try {
    await up(4322);
    const page = await browser.newPage({ baseURL: 'http://sewing-room.test:4322', locale: 'en-GB' });
    const errors: string[] = [];
    page.on('pageerror', (error) => errors.push(error.message));
    await openDemo(page, '/match?cloth=merino');
    await answered(page);
    expect(await page.evaluate(() => window.isSecureContext)).toBe(false);
    await page.goto('/workroom?place=running');
    await expect(page.getByText(WAY_TEXT.plain.is)).toBeVisible();
    await expect(page.getByText(RUNNING_TEXT.offlineSoon)).toHaveCount(0);
    await expect(page.getByRole('cell', { name: 'not by http' })).toHaveCount(6);
    await page.goto('/workroom?place=files');
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Export the workroom' }).click();
    expect((await download).suggestedFilename()).toMatch(/\.json$/);
    await ask(page, 'lawn', 'Seam along any line');
    await page.getByRole('button', { name: SEW_TEXT.begin }).click();
    await expect(page.getByText(/step 1 of/)).toBeVisible();
    expect(errors).toEqual([]);
  } finally {
    await browser.close();
    await server.stop();
  }
});

test('a script that was not built into a page does not run', async ({ browser }) => {
  const page = await browser.newPage({ serviceWorkers: 'block' });
  const server = starter(4323);
  try {
    await up(4323);
    await page.goto('http://localhost:4323/match');
    await expect(page.getByText('Demo workroom')).toBeVisible();
    // The attempt is what this test is about: the page's own note of it is not a slip.
    const blocked = await page.evaluate(
      () =>
        new Promise<string>((done) => {
          document.addEventListener(
            'securitypolicyviolation',
            (event) => {
              event.stopImmediatePropagation();
              done(event.violatedDirective);
            },
            { capture: true },
          );
          const script = document.createElement('script');
          script.textContent = 'window.ran = true';
          document.body.append(script);
        }),
    );
    expect(blocked).toMatch(/^script-src/);
    expect(await page.evaluate(() => 'ran' in window)).toBe(false);
  } finally {
    await server.stop();
  }
});
