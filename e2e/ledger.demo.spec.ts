import { readFile } from 'node:fs/promises';
import { expect, openDemo, reading, test } from './page';
import {
  EVERYTHING_TEXT,
  FILTERS_TEXT,
  KNOWLEDGE_TEXT,
  SAVED_VIEWS_TEXT,
  WITH_PICKED_TEXT,
} from '@/features/ledger/text';
import { FILES_TEXT } from '@/features/workroom/files/text';
import { TABLE_TEXT } from '@/parts/longTable/text';
import { TAPE_TEXT } from '@/parts/frame/text';

test('everything that happened is found by a few letters, filtered, and the view kept', async ({ page }, info) => {
  await openDemo(page, '/log');
  await page.getByLabel(FILTERS_TEXT.find).fill('velvt');
  await expect(page.getByRole('link', { name: /Test 1 on Velvet cushion/ })).toBeVisible();
  await page.getByLabel(FILTERS_TEXT.find).fill('');
  const show = page.getByRole('combobox', { name: SAVED_VIEWS_TEXT.show });
  const pick = async (name: string) => {
    await show.click();
    await page.getByRole('option', { name }).click();
  };
  await pick('What failed on scrap');
  const list = page.getByRole('table', { name: EVERYTHING_TEXT.whatHappened });
  await expect(list.getByRole('row').nth(1)).toContainText('✗');

  await pick(SAVED_VIEWS_TEXT.everything);
  await page.getByRole('button', { name: FILTERS_TEXT.more(0) }).click();
  await page.getByRole('button', { name: 'Machine care' }).click();
  // As a date is typed here: day, month, year.
  await page.getByRole('group', { name: FILTERS_TEXT.from }).getByRole('spinbutton', { name: 'Day' }).click();
  await page.keyboard.type('15112026');
  await expect(page.getByText(/^1 of \d+$/)).toBeVisible();
  await expect(page.getByRole('button', { name: FILTERS_TEXT.more(2) })).toBeVisible();
  await page.getByRole('button', { name: SAVED_VIEWS_TEXT.keepThisView }).click();
  await page.getByLabel(SAVED_VIEWS_TEXT.nameOfThisView).fill('Care lately');
  await page.getByRole('button', { name: SAVED_VIEWS_TEXT.keepIt }).click();
  // It stands among the views as soon as it is kept, and not before.
  await expect(show).toHaveText('Care lately');
  await page.reload();
  await pick('Care lately');
  await expect(page.getByRole('link', { name: /Service by a technician, the boat machine/ })).toBeVisible();

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: TABLE_TEXT.export }).click();
  const file = info.outputPath('ledger.csv');
  await (await download).saveAs(file);
  const lines = (await readFile(file, 'utf8')).trim().split('\r\n');
  expect(lines).toHaveLength(2);
  expect(lines[1]).toContain('Service by a technician');

  await page.getByRole('button', { name: FILTERS_TEXT.more(2) }).click();
  await page.getByRole('button', { name: SAVED_VIEWS_TEXT.forgetThisView }).click();
  await expect(show).toHaveText(SAVED_VIEWS_TEXT.unnamed);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(show).toHaveText('Care lately');
});

test('cards are compared', async ({ page }) => {
  await openDemo(page, '/log?place=cards');
  await page.getByLabel('Select Deck canvas: plain seam').check();
  await page.getByLabel('Select Polar fleece hat: plain seam').check();
  await page.getByRole('button', { name: WITH_PICKED_TEXT.compare(2) }).click();
  await expect(page.getByRole('row', { name: /^Stitch ?, differs .*Zigzag/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /^Machine the green machine the green machine$/ })).toBeVisible();
});

test('a card says what changed since it last worked', async ({ page }) => {
  await openDemo(page, '/log?id=card-curtain-hem');
  const row = page.getByRole('row', { name: /Service by a technician not yet done 2026-11-20/ });
  await expect(row).toBeVisible();
});

test('charts answer their question in words as well', async ({ page }) => {
  await openDemo(page, '/log?place=charts');
  await expect(page.getByText(/the green machine feeds \d+% \(\d+ tests\)/)).toBeVisible();
  await expect(page.getByRole('img', { name: /^Needle hours by kind: Stretch 75\/11 5.4 h/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /^Faults by fabric: .*Merino jersey 2 ×/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /mm wide: measured \d+%, predicted \d+%/ })).toBeVisible();
});

test('a card made with older tables says once what would start elsewhere now, and stays as it is', async ({ page }) => {
  await openDemo(page, '/workroom?place=files');
  const demo = JSON.parse(await readFile('demo/tansy-wren.json', 'utf8')) as { cards: Record<string, unknown>[] };
  const [card] = demo.cards;
  card.knowledge = '2020-01-01';
  card.answered = { ...(card.setup as object), lengthMm: 4.2 };
  await page.getByLabel(FILES_TEXT.importOne).setInputFiles({
    name: 'older.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(demo)),
  });
  await page.getByRole('button', { name: FILES_TEXT.replace }).click();
  await expect(page.getByText(FILES_TEXT.imported)).toBeVisible();
  await page.getByRole('link', { name: TAPE_TEXT.today, exact: true }).click();
  const waiting = page.getByRole('region', { name: 'Bobbet would recommend something different now' });
  await expect(waiting).toContainText(/Length: [\d.]+ mm instead of 4.2 mm/);
  await waiting.getByRole('link').click();
  const told = page.getByRole('region', { name: 'Bobbet would recommend something different now' });
  await expect(told).toContainText('Your tested settings stay as they are.');
  await expect(reading(page, 'Length')).toContainText('2.8');
  await told.getByRole('button', { name: KNOWLEDGE_TEXT.understood }).click();
  await expect(told).toHaveCount(0);
  await page.getByRole('link', { name: TAPE_TEXT.today, exact: true }).click();
  await expect(page.getByText('Bobbet would recommend something different now')).toHaveCount(0);
});
