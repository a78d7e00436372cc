import { readFile } from 'node:fs/promises';
import path from 'node:path';
import { expect, openDemo, stored, test } from './page';
import { BAR_TEXT } from '@/parts/machineBar/text';
import { FILES_TEXT } from '@/features/workroom/files/text';
import { TAKEN_CARD_TEXT } from '@/features/workroom/take/text';
import { MACHINES_TEXT, MACHINE_TEXT } from '@/features/workroom/text';

test('a settings card goes out with what it needs, and comes into an empty workroom as one change', async ({
  page,
}, info) => {
  await openDemo(page, '/log?id=card-canvas-seam');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a file' }).click();
  const file = info.outputPath('card.json');
  await (await download).saveAs(file);
  const saved = JSON.parse(await readFile(file, 'utf8')) as {
    format: string;
    version: number;
    with: { list: string }[];
  };
  expect([saved.format, saved.version]).toEqual(['bobbet-card', 3]);
  expect(saved.with.map(({ list }) => list).sort()).toEqual(['cloths', 'machines']);

  await page.goto('/workroom?place=files');
  await page.getByRole('button', { name: FILES_TEXT.empty }).click();
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeVisible();
  await page.goto('/workroom?place=files');
  await page.getByLabel(FILES_TEXT.importOne).setInputFiles(file);
  // What it says on the one machine that is here; its own machine stays with whoever it came from.
  await expect(page.getByRole('table', { name: TAKEN_CARD_TEXT.caption('Deck canvas: plain seam') })).toBeVisible();
  await page.getByRole('button', { name: TAKEN_CARD_TEXT.keep }).click();
  await expect(page.getByText(TAKEN_CARD_TEXT.kept('Deck canvas: plain seam'))).toBeVisible();
  await stored(page, 'cloths', (rows) => rows.length === 1);
  await stored(page, 'machines', (rows) => rows.length === 1);
  await page.goto('/log?id=card-canvas-seam');
  await expect(page.getByRole('heading', { level: 1, name: /^Deck canvas/ })).toBeVisible();
});

test('a workroom of an older version comes in whole; which of two fabrics of one name a machine is set for is asked once', async ({
  page,
}) => {
  const text = await readFile(
    path.join(import.meta.dirname, '../src/core/file/fixtures/workroom-v2-jobs.json'),
    'utf8',
  );
  const old = JSON.parse(text) as { cloths: { id: string; where?: string }[]; runs: { id: string; clothId: string }[] };
  const deck = old.cloths.find(({ id }) => id === 'deck')!;
  old.cloths.push({ ...deck, id: 'deck-2', where: 'roof locker' });
  old.runs.push({ ...old.runs.find(({ clothId }) => clothId === 'deck')!, id: 'again', clothId: 'deck-2' });
  await openDemo(page, '/workroom?place=files');
  await page
    .getByLabel(FILES_TEXT.importOne)
    .setInputFiles({ name: 'old.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(old)) });
  await page.getByRole('button', { name: FILES_TEXT.replace }).click();
  await expect(page.getByText(FILES_TEXT.imported)).toBeVisible();
  const strip = page.getByRole('complementary', { name: BAR_TEXT.onTheMachine });
  await expect(strip).toContainText(BAR_TEXT.which('Deck canvas'));
  await strip.getByRole('button', { name: BAR_TEXT.choose }).click();
  await expect(page.getByRole('menuitem')).toHaveCount(3);
  await page.getByRole('menuitem', { name: 'Deck canvas, roof locker' }).click();
  await expect(strip).not.toContainText('Which fabric is that?');
  await page.reload();
  await expect(strip).toContainText(/set for Deck canvas/i);
  await expect(strip).not.toContainText('Which fabric is that?');
});

test('what is printed beside a stitch is told once and stands beside it everywhere', async ({ page }) => {
  await openDemo(page, '/workroom?place=machines');
  await page.getByRole('tab', { name: MACHINES_TEXT.whatItCanDo }).click();
  const label = page.getByRole('textbox', { name: 'Printed beside straight' });
  await expect(label).toHaveValue('01');
  await label.fill('much too long for it');
  await expect(page.getByText(MACHINE_TEXT.tooLong)).toBeVisible();
  await label.fill('A1');
  await label.press('Tab');
  await expect(page.getByRole('complementary', { name: BAR_TEXT.onTheMachine })).toContainText('Straight, stitch A1');
  await page.reload();
  await expect(page.getByRole('complementary', { name: BAR_TEXT.onTheMachine })).toContainText('Straight, stitch A1');
});
