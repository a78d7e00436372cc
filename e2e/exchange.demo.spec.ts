import { readFile, writeFile } from 'node:fs/promises';
import type { Browser, Page } from '@playwright/test';
import { decode } from 'fast-png';
import jsQR from 'jsqr';
import { ABOUT_TEXT, JOB_PAGE_TEXT } from '@/features/jobs/text';
import { WITH_PICKED_TEXT } from '@/features/ledger/text';
import { DEVICES_TEXT } from '@/features/workroom/devices/text';
import { FILES_TEXT } from '@/features/workroom/files/text';
import { RUNNING_TEXT } from '@/features/workroom/running/text';
import { TAKE_TEXT, TAKEN_CARD_TEXT } from '@/features/workroom/take/text';
import { PASS_ON_TEXT, THING_TEXT } from '@/parts/things/text';
import { takeLink } from '@/data/packedText';
import { qrPath, QUIET } from '@/parts/paper/qr';
import { away, axeFindings, expect, openCards, openDemo, printed, rowsOf, stored, test } from './page';

const CARD = 'Lawn for the curtains: hem';
/** Another person's Bobbet: an empty workroom with a plain machine of its own. */
const THEIRS = 'http://localhost:4311';

async function theirs(browser: Browser): Promise<Page> {
  const context = await browser.newContext({ baseURL: THEIRS, locale: 'en-GB', serviceWorkers: 'block' });
  const page = await context.newPage();
  await page.goto('/take');
  await expect(page.getByRole('heading', { name: TAKE_TEXT.title })).toBeVisible();
  return page;
}

async function openCard(page: Page) {
  await openDemo(page, '/log?place=cards');
  await page.getByRole('link', { name: CARD }).click();
  await expect(page.getByRole('heading', { level: 1, name: CARD })).toBeVisible();
}
const asText = async (page: Page) => {
  await page.getByRole('button', { name: PASS_ON_TEXT.lines }).click();
  return page.locator('pre').innerText();
};
const onMine = (page: Page) => page.getByRole('table', { name: TAKEN_CARD_TEXT.caption(CARD) });
const keep = (page: Page) => page.getByRole('button', { name: TAKEN_CARD_TEXT.keep }).click();

test('a card goes to another machine by text, by link and by file, and reads in that machine’s dials', async ({
  page,
  browser,
}, info) => {
  await openCard(page);
  const text = await asText(page);
  expect(text).toContain('Tension: half a step below normal');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: THING_TEXT.save }).click();
  const file = info.outputPath('card.json');
  await (await download).saveAs(file);

  const other = await theirs(browser);
  await other.getByLabel(TAKE_TEXT.card).fill(`Look what worked:\n${text}\nSee you!`);
  await other.getByRole('button', { name: TAKE_TEXT.look }).click();
  await expect(onMine(other).getByRole('row', { name: /^Tension/ })).toContainText('3.5 of 9');
  await expect(other.getByText(TAKEN_CARD_TEXT.prove)).toBeVisible();
  expect(await axeFindings(other)).toEqual([]);
  await keep(other);
  await expect(other.getByRole('alert').filter({ hasText: TAKEN_CARD_TEXT.kept(CARD) })).toBeVisible();

  // The same by a link: it is there already, and nothing is kept twice.
  await other.goto(takeLink('', text));
  await expect(onMine(other).getByRole('row', { name: /^Tension/ })).toContainText('3.5 of 9');
  await expect(other.getByText(TAKEN_CARD_TEXT.here)).toBeVisible();
  await expect(other).toHaveURL(`${THEIRS}/take`);

  await other.goto('/workroom?place=files');
  await other.getByLabel(FILES_TEXT.importOne).setInputFiles(file);
  await expect(onMine(other).getByRole('row', { name: /^Tension/ })).toContainText('3.5 of 9');
  await keep(other);
  await openCards(other);
  await expect(other.getByRole('link', { name: CARD })).toHaveCount(2);
  // Their machine is no machine of this workroom.
  await stored(other, 'machines', (rows) => rows.length === 1);
  await other.context().close();
});

test('a label is found by the code on it, read off the paper; a link goes into the code of a card', async ({
  page,
}) => {
  await openDemo(page, '/workroom?place=running');
  await page.getByLabel(RUNNING_TEXT.address).fill('http://sewing.example');
  await expect(page.getByText(/begins with https/)).toBeVisible();
  // Letter by letter: what is valid on the way is kept, and the field stays where the person is.
  await page.getByLabel(RUNNING_TEXT.address).fill('');
  await page.getByLabel(RUNNING_TEXT.address).pressSequentially('https://sewing.example/');
  await expect(page.getByLabel(RUNNING_TEXT.address)).toBeFocused();
  await stored(page, 'preferences', (rows) => JSON.stringify(rows).includes('"https://sewing.example"'));
  await page.goto('/log?place=cards');
  await page.getByRole('checkbox', { name: /^Select Deck canvas/ }).check();

  const read = async () => {
    const code = (await printed(page)).locator('svg').first();
    // As a camera sees 30 mm of paper at 600 dpi.
    await code.evaluate((drawing) =>
      drawing.setAttribute('style', 'position: fixed; top: 0; left: 0; width: 708px; height: 708px; background: white'),
    );
    const { data, width, height, channels } = decode(await code.screenshot({ scale: 'css' }));
    const pixels = new Uint8ClampedArray(4 * width * height);
    for (let i = 0; i < width * height; i += 1)
      pixels.set([data[i * channels], data[i * channels + 1], data[i * channels + 2], 255], 4 * i);
    const text = jsQR(pixels, width, height)?.data ?? '';
    await away(page);
    await page.keyboard.press('Escape');
    return text;
  };
  await page.getByRole('button', { name: WITH_PICKED_TEXT.printCards(1), exact: true }).click();
  expect(await read()).toMatch(/^https:\/\/sewing\.example\/take\/#take=[\w-]{100,}$/);
  await page.getByRole('button', { name: WITH_PICKED_TEXT.printLabels, exact: true }).click();
  const label = await read();
  expect(label).toMatch(/^https:\/\/sewing\.example\/take\/#code=[0-9A-Z]{6}$/);

  const code = label.slice(-6);
  await page.goto(`/take#code=${code}`);
  await expect(page.getByRole('status').getByRole('link', { name: /^Deck canvas/ })).toBeVisible();
  await page.getByLabel(TAKE_TEXT.code).fill('nothing');
  await page.keyboard.press('Enter');
  await expect(page.getByText(TAKE_TEXT.codeWrong)).toBeVisible();
  await page.getByLabel(TAKE_TEXT.code).fill('000000');
  await page.keyboard.press('Enter');
  await expect(page.getByText(TAKE_TEXT.notFound('000000'))).toBeVisible();
  await page.getByLabel(TAKE_TEXT.code).fill(`${code.slice(0, 3).toLowerCase()}-${code.slice(3)}`);
  await page.getByRole('button', { name: TAKE_TEXT.find }).click();
  await page.getByRole('status').getByRole('link').click();
  await expect(page.getByText(PASS_ON_TEXT.code(code))).toBeVisible();
});

test('what is broken is refused in a line, and nothing is changed', async ({ page }, info) => {
  await openCard(page);
  const text = await asText(page);
  const all = async () => {
    const tables = ['cards', 'cloths', 'machines', 'swatches', 'lines', 'stamps', 'deleted'];
    return JSON.stringify(await Promise.all(tables.map((table) => rowsOf(page, table))));
  };
  const before = await all();
  await page.goto('/take');
  for (const [pasted, says] of [
    ['just a message', /JSON/i],
    [text.replace(/^Needle: .*$/m, 'Needle: banana'), /Needle: expected something like “Stretch 75\/11”/],
    [text.replace(/^Foot: .*\n/m, ''), /Foot: the line “Foot: Walking” is missing/],
    ['{"format":"bobbet-card","version":9}', /version/],
    ['{"format":"bobbet-changes","version":1}', /exportedAt|expected/],
  ] as const) {
    await page.getByLabel(TAKE_TEXT.card).fill(pasted);
    await page.getByRole('button', { name: TAKE_TEXT.look }).click();
    const plate = page.getByRole('alert').filter({ hasText: FILES_TEXT.notImported(TAKE_TEXT.pasted) });
    await expect(plate).toContainText(says);
    await plate.getByRole('button', { name: FILES_TEXT.close }).click();
  }
  await page.goto('/take#take=AAAA');
  const plate = page.getByRole('alert').filter({ hasText: FILES_TEXT.notImported(TAKE_TEXT.linked) });
  await expect(plate).toContainText(TAKE_TEXT.linkBroken);
  await plate.getByRole('button', { name: FILES_TEXT.close }).click();
  const file = info.outputPath('broken.json');
  await writeFile(
    file,
    '{"format":"bobbet-scrap","version":3,"exportedAt":"2026-12-01T00:00:00Z","item":{},"with":[]}',
  );
  await page.getByLabel(TAKE_TEXT.file).setInputFiles(file);
  await expect(page.getByRole('alert').filter({ hasText: FILES_TEXT.notImported('broken.json') })).toBeVisible();
  expect(await all()).toBe(before);
});

test('two devices come together by files, and what both changed can be chosen', async ({ page, browser }, info) => {
  const { baseURL } = info.project.use;
  const other = await (await browser.newContext({ baseURL, locale: 'en-GB', serviceWorkers: 'block' })).newPage();
  const notes = async (on: Page, text: string) => {
    await openDemo(on, '/projects?id=top');
    await on.getByRole('tab', { name: JOB_PAGE_TEXT.piecesAndNotes }).click();
    await on.getByRole('textbox', { name: ABOUT_TEXT.notes }).fill(text);
    await stored(on, 'jobs', (rows) => JSON.stringify(rows).includes(text));
  };
  const save = async (from: Page, button: string, name: string) => {
    await from.goto('/workroom?place=files');
    const download = from.waitForEvent('download');
    await from.getByRole('button', { name: button, exact: true }).click();
    const file = info.outputPath(name);
    await (await download).saveAs(file);
    return file;
  };
  const take = async (on: Page, file: string) => {
    await on.goto('/workroom?place=files');
    await on.getByLabel(FILES_TEXT.importOne).setInputFiles(file);
    await on.getByRole('button', { name: DEVICES_TEXT.take }).click();
    await expect(on.getByRole('alert').filter({ hasText: DEVICES_TEXT.taken })).toBeVisible();
  };
  await notes(page, 'Bought on the laptop');
  const first = await save(page, DEVICES_TEXT.save, 'first.json');
  await notes(other, 'Bought on the phone');
  await other.goto('/workroom?place=files');
  await other.getByLabel(FILES_TEXT.importOne).setInputFiles(first);
  await expect(other.getByText(DEVICES_TEXT.both(1))).toBeVisible();
  await other.getByRole('button', { name: DEVICES_TEXT.take }).click();
  const clashes = other.getByRole('region', { name: DEVICES_TEXT.clashTitle });
  await expect(clashes).toContainText('Bought on the phone');
  await clashes.getByRole('button', { name: new RegExp(`^${DEVICES_TEXT.use}`) }).click();
  await expect(clashes).toHaveCount(0);
  await stored(other, 'jobs', (rows) => JSON.stringify(rows).includes('Bought on the laptop'));
  const back = await save(other, DEVICES_TEXT.save, 'back.json');
  await take(page, back);
  await stored(page, 'jobs', (rows) => JSON.stringify(rows).includes('Bought on the laptop'));
  // Its own file is refused, and the next one is small.
  await page.getByLabel(FILES_TEXT.importOne).setInputFiles(first);
  await expect(page.getByText(DEVICES_TEXT.own)).toBeVisible();
  const small = await readFile(await save(page, DEVICES_TEXT.save, 'small.json'), 'utf8');
  expect(small.length).toBeLessThan((await readFile(first, 'utf8')).length / 4);
  await other.context().close();
});

/** A film of one picture, as a camera would show it: raw frames of light and dark. */
function film(text: string): Buffer {
  const { size, d } = qrPath(text);
  const [width, height, scale] = [640, 480, Math.floor(400 / (size + 2 * QUIET))];
  const light = Buffer.alloc(width * height, 235);
  for (const [, x, y, run] of d.matchAll(/M(\d+) (\d+)h(\d+)v1h-\d+z/g))
    for (let row = 0; row < scale; row += 1) {
      const at = (40 + (Number(y) + QUIET) * scale + row) * width + 40 + (Number(x) + QUIET) * scale;
      light.fill(16, at, at + Number(run) * scale);
    }
  const frame = Buffer.concat([Buffer.from('FRAME\n'), light, Buffer.alloc((width * height) / 2, 128)]);
  return Buffer.concat([Buffer.from(`YUV4MPEG2 W${width} H${height} F10:1 Ip A1:1 C420\n`), frame, frame]);
}

test('a code in front of the camera is read, in this page alone', async ({ playwright, baseURL }, info) => {
  const path = info.outputPath('label.y4m');
  await writeFile(path, film('BOBBET WA7KEX'));
  const { args = [], ...launch } = info.project.use.launchOptions ?? {};
  const camera = ['--use-fake-ui-for-media-stream', '--use-fake-device-for-media-stream'];
  const browser = await playwright.chromium.launch({
    ...launch,
    args: [...args, ...camera, `--use-file-for-fake-video-capture=${path}`],
  });
  try {
    const page = await browser.newPage({ baseURL, locale: 'en-GB', serviceWorkers: 'block' });
    await openDemo(page, '/take');
    await page.getByRole('button', { name: TAKE_TEXT.scan }).click();
    await expect(page.getByRole('status').getByRole('link', { name: /^Deck canvas/ })).toBeVisible();
    await expect(page.getByLabel(TAKE_TEXT.code)).toHaveValue('WA7KEX');
    await expect(page.getByRole('button', { name: TAKE_TEXT.scan })).toBeVisible();
  } finally {
    await browser.close();
  }
});
