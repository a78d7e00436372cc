import { execFileSync } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { STATIONS } from '@/parts/frame/stations';
import { FRAME_TEXT } from '@/parts/frame/text';
import { SEW_LIKE_THIS_TEXT, START_TEXT } from '@/features/match/text';
import { FILES_TEXT } from '@/features/workroom/files/text';
import { BUILD_TEXT } from '@/parts/offline/text';
import { PASS_ON_TEXT } from '@/parts/things/text';
import { TEXT as SEW_TEXT } from '@/features/sew/text';
import { TAKE_TEXT, TAKEN_CARD_TEXT } from '@/features/workroom/take/text';
import { MEASURES_TEXT, SIGNS_TEXT, SIMULATED_TEXT } from '@/features/swatch/text';
import { serveFolder } from '../scripts/serveFolder.mjs';
import { onDevice } from './server';
import { answered, ask, expect, openDemo, stored, test } from './page';

/** What `npm run export` made. */
const FOLDER = path.resolve(process.env.BOBBET_EXPORTED ?? 'exported');
const PORT = 4331;
test.use({ baseURL: `http://localhost:${PORT}` });
test.describe.configure({ mode: 'serial' });

const closed = (server: Server) =>
  new Promise<void>((done) => {
    server.close(() => done());
    server.closeAllConnections();
  });

/** A part that only the first of two builds has. */
const ONLY_FIRST = '/_next/static/chunks/only-first.js';

/** The same Bobbet as a build of its own: the first has a part more, the pages of the next say that they are. */
function built(as: 'first' | 'next'): string {
  const folder = path.join(mkdtempSync(path.join(tmpdir(), 'bobbet-build-')), 'build');
  cpSync(FOLDER, folder, { recursive: true });
  if (as === 'first') writeFileSync(path.join(folder, ONLY_FIRST), '// a part');
  else
    for (const { href } of STATIONS) {
      const file = path.join(folder, href, 'index.html');
      writeFileSync(file, readFileSync(file, 'utf8').replace('<html lang="en"', '<html lang="en" data-build="next"'));
    }
  const tsx = path.resolve('node_modules', 'tsx', 'dist', 'cli.mjs');
  execFileSync(process.execPath, [tsx, 'scripts/seal.ts', 'folder', folder]);
  return folder;
}

test('the exported folder on a plain static server: the whole path, then without the server', async ({ page }) => {
  const server = await serveFolder(FOLDER, PORT);
  try {
    await openDemo(page, '/match/?cloth=merino');
    await answered(page);
    for (const { name } of STATIONS) {
      await page.getByRole('link', { name, exact: true }).first().click();
      await expect(page.locator('main h1, main h2').first()).toBeVisible();
      await expect(page.getByRole('link', { name, exact: true }).first()).toHaveAttribute('aria-current', 'page');
    }
    // An empty workroom of one's own: fabric, setting, scrap, card.
    await page.getByRole('button', { name: FRAME_TEXT.startMyOwnWorkroom }).click();
    await page.getByLabel(START_TEXT.name).fill('Plum interlock jersey');
    await page.getByLabel(/Stretched, how long is it/).fill('16');
    await page.getByRole('button', { name: START_TEXT.find }).click();
    await answered(page);
    await page.getByRole('button', { name: 'All set' }).click();
    await page.getByRole('button', { name: SEW_LIKE_THIS_TEXT.testOnScrap }).click();
    await page.getByLabel(`${MEASURES_TEXT.afterSewing}, cm`).fill('10.1');
    await page.getByLabel(`${MEASURES_TEXT.pulledToHeld}, cm`).fill('13.4');
    await page.getByRole('button', { name: SIGNS_TEXT.nothingWrong }).click();
    await page.getByRole('button', { name: SIMULATED_TEXT.passKeepItAs }).click();
    await expect(page.getByRole('link', { name: /Open its settings card/ })).toBeVisible();
    await onDevice(page);
  } finally {
    await closed(server);
  }
  await page.reload();
  await page.getByRole('link', { name: /Open its settings card/ }).click();
  await expect(page.getByText('✓ Tested on a swatch today')).toBeVisible();
  // The demo is on the device too.
  await page.goto('/workroom/?place=files');
  await page.getByRole('button', { name: FILES_TEXT.demo }).click();
  await expect(page.getByRole('region', { name: FRAME_TEXT.demoWorkroom })).toBeVisible();
  await ask(page, 'lawn', 'Seam along any line');
  await page.getByRole('button', { name: SEW_TEXT.begin }).click();
  await expect(page.getByText(/step 1 of/)).toBeVisible();
  for (const { href } of STATIONS) {
    await page.goto(`${href}/`);
    await expect(page.locator('main h1, main h2').first()).toBeVisible();
    await page.reload();
    await expect(page.locator('main h1, main h2').first()).toBeVisible();
  }
});

test('a new build is offered where it disturbs nothing, taken by a press, and nothing is lost', async ({
  page,
  context,
}) => {
  const folders = [built('first'), built('next')];
  const first = await serveFolder(folders[0], PORT);
  let second: Server | null = null;
  try {
    await openDemo(page, '/match/?cloth=merino');
    await onDevice(page);
    await closed(first);
    // Work goes on while nothing is served.
    await page.goto('/test/?id=merino-side');
    await page.getByLabel(`${MEASURES_TEXT.afterSewing}, cm`).fill('10.3');
    await stored(page, 'lines', (rows) => JSON.stringify(rows).includes(':103'));
    second = await serveFolder(folders[1], PORT);
    await page.reload();
    const offer = page.getByRole('region', { name: BUILD_TEXT.label });
    const waiting = () => page.evaluate(async () => (await navigator.serviceWorker.ready).waiting !== null);
    await expect.poll(waiting, { timeout: 60_000 }).toBe(true);
    // In the middle of a test nothing is offered, and the build in use is still the old one.
    await expect(page.getByLabel(`${MEASURES_TEXT.afterSewing}, cm`)).toHaveValue('10.3');
    await expect(offer).toHaveCount(0);
    expect(await page.locator('html').getAttribute('data-build')).toBeNull();
    const other = await context.newPage();
    await other.goto('/log/');
    await expect(other.getByRole('region', { name: BUILD_TEXT.label })).toContainText(BUILD_TEXT.newer);
    await page.getByRole('link', { name: 'Match', exact: true }).click();
    await expect(offer).toContainText(BUILD_TEXT.newer);
    await offer.getByRole('button', { name: BUILD_TEXT.take }).click();
    await expect(page.locator('html')).toHaveAttribute('data-build', 'next');
    await answered(page);
    await expect(other.getByRole('region', { name: BUILD_TEXT.label })).toContainText(BUILD_TEXT.older);
    // The older window still gets the parts of its own build, which no server has any more.
    expect(await other.evaluate((part) => fetch(part).then(({ status }) => status), ONLY_FIRST)).toBe(200);
    await page.goto('/test/?id=merino-side');
    await expect(page.getByLabel(`${MEASURES_TEXT.afterSewing}, cm`)).toHaveValue('10.3');
  } finally {
    if (second) await closed(second);
    for (const folder of folders) rmSync(path.dirname(folder), { recursive: true, force: true });
  }
});

test('a browser finds nothing in the way of installing it, and what other apps share comes in', async ({
  page,
  context,
}) => {
  const server = await serveFolder(FOLDER, PORT);
  try {
    await openDemo(page, '/today/');
    await onDevice(page);
    const devtools = await context.newCDPSession(page);
    const { installabilityErrors } = await devtools.send('Page.getInstallabilityErrors');
    expect(installabilityErrors).toEqual([]);
    const { errors, data } = await devtools.send('Page.getAppManifest');
    expect(errors).toEqual([]);
    expect(JSON.parse(data ?? '{}').shortcuts).toHaveLength(3);

    // What another app shares arrives at the page, and nowhere else.
    await page.goto('/log/?place=cards');
    await page.getByRole('link', { name: /^Deck canvas/ }).click();
    await page.getByRole('button', { name: PASS_ON_TEXT.lines }).click();
    const text = await page.locator('pre').innerText();
    await page.evaluate(async (shared) => {
      const form = Object.assign(document.createElement('form'), {
        method: 'post',
        action: '/take',
        enctype: 'multipart/form-data',
      });
      const canvas = Object.assign(document.createElement('canvas'), { width: 40, height: 30 });
      const picture = await new Promise<Blob>((done) => canvas.toBlob((blob) => done(blob!), 'image/png'));
      const files = new DataTransfer();
      files.items.add(new File([shared], 'card.txt', { type: 'text/plain' }));
      files.items.add(new File([picture], 'merino.png', { type: 'image/png' }));
      const field = Object.assign(document.createElement('input'), { name: 'files', type: 'file', multiple: true });
      field.files = files.files;
      form.append(field);
      document.body.append(form);
      form.submit();
    }, text);
    await expect(page).toHaveURL(/\/take\//);
    const card = page.getByRole('region', { name: 'Deck canvas: plain seam' });
    await card.getByRole('button', { name: TAKEN_CARD_TEXT.not }).click();
    // Two things came: the second is looked at after the first.
    const photo = page.getByRole('region', { name: TAKE_TEXT.sharedTitle });
    await expect(photo).toContainText('merino.png');
    await photo.getByRole('button', { name: TAKE_TEXT.keepPhoto }).click();
    await expect(photo).toHaveCount(0);
    await stored(page, 'photos', (rows) => rows.length === 1);
  } finally {
    await closed(server);
  }
});
