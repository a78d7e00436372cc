import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, openDemo, test } from './page';
import { BAR_TEXT } from '@/parts/machineBar/text';
import { CLOTH_PAGE_TEXT, PUT_AWAY_TEXT } from '@/features/cloth/text';
import { CSV_FILES_TEXT } from '@/features/workroom/text';
import { DEPENDENCE_TEXT } from '@/parts/dependence/text';
import { HISTORY_TEXT } from '@/parts/history/text';
import { JOB_PAGE_TEXT } from '@/features/jobs/text';
import { SCRAP_PAGE_TEXT, SIMULATED_TEXT } from '@/features/swatch/text';
import { SEW_LIKE_THIS_TEXT } from '@/features/match/text';

const notice = (page: Page, text: string) => page.getByRole('alert').filter({ hasText: text });
const undoIn = (page: Page, text: string) => notice(page, text).getByRole('button', { name: 'Undo', exact: true });
const station = (page: Page, name: string) => page.getByRole('link', { name, exact: true }).click();

/** The workroom goes out as a file that holds together. */
async function exported(page: Page): Promise<Record<string, { id: string }[]>> {
  await station(page, 'Workroom');
  await page.getByRole('tab', { name: 'Files' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export the workroom' }).click();
  return JSON.parse(await readFile((await (await download).path())!, 'utf8')) as Record<string, { id: string }[]>;
}

test('a line deleted, then its swatch, then the first undone: both are there, and the export is whole', async ({
  page,
}) => {
  await openDemo(page, '/test?id=merino-side');
  await page.getByRole('button', { name: SIMULATED_TEXT.deleteThisLine }).click();
  await expect(notice(page, 'Test 3 deleted.')).toBeVisible();
  await page.getByRole('button', { name: SCRAP_PAGE_TEXT.deleteThisSwatch }).click();
  await expect(page).toHaveURL(/\/test$/);
  await undoIn(page, 'Test 3 deleted.').click();
  await expect(page.getByText(/Also brought back: swatch “Merino jersey/)).toBeVisible();
  const file = await exported(page);
  expect(file.setAside).toBeUndefined();
  expect(file.swatches.map(({ id }) => id)).toContain('merino-side');
});

test('a swatch deleted, then its fabric, then the swatch undone: the fabric comes back with it', async ({ page }) => {
  await openDemo(page, '/test?id=merino-side');
  await page.getByRole('button', { name: SCRAP_PAGE_TEXT.deleteThisSwatch }).click();
  const first = undoIn(page, 'Cards made from it stay.');
  await expect(first).toBeVisible();
  await station(page, 'Fabric');
  await page.getByRole('link', { name: /^Merino jersey/ }).click();
  await page.getByRole('button', { name: PUT_AWAY_TEXT.deleteThisFabric }).click();
  // The projects that use it are told; it goes all the same.
  await page.getByRole('dialog').getByRole('button', { name: DEPENDENCE_TEXT.deleteForGood2 }).click();
  await expect(notice(page, 'Merino jersey deleted.')).toBeVisible();
  await first.click();
  await expect(page.getByText(/Also brought back: fabric “Merino jersey”/)).toBeVisible();
  await expect(page.getByRole('link', { name: /^Merino jersey/ })).toBeVisible();
  const file = await exported(page);
  expect(file.setAside).toBeUndefined();
  expect(file.cloths.map(({ id }) => id)).toContain('merino');
});

test('fabrics imported, a swatch started on one, the import undone: that one stays, and it is said', async ({
  page,
}) => {
  await openDemo(page, '/workroom?place=files');
  const buffer = Buffer.from('Name,Weight\nTest poplin,120\nTest twill,220\n');
  await page
    .getByLabel(CSV_FILES_TEXT.importFromCsv('Fabrics'))
    .setInputFiles({ name: 'two.csv', mimeType: 'text/csv', buffer });
  await page.getByRole('button', { name: CSV_FILES_TEXT.importIt }).click();
  await expect(notice(page, 'two.csv imported.')).toBeVisible();
  await page.getByRole('link', { name: 'Fabric', exact: true }).click();
  await page.getByRole('link', { name: /^Test poplin/ }).click();
  await page.getByRole('button', { name: CLOTH_PAGE_TEXT.matchIt }).click();
  await page.getByRole('button', { name: SEW_LIKE_THIS_TEXT.testOnScrap }).click();
  await expect(page).toHaveURL(/\/test\?id=/);
  // The notice may have gone by now; the list has it still.
  await page.getByRole('button', { name: HISTORY_TEXT.button }).click();
  await expect(page.getByRole('dialog', { name: HISTORY_TEXT.title })).toContainText('two.csv imported');
  await page.keyboard.press('Escape');
  const first = undoIn(page, 'two.csv imported.');
  if (await first.isVisible()) {
    await first.click();
    await expect(page.getByText(/Fabric “Test poplin” stays: 1 swatch uses it now/)).toBeVisible();
  }
  const file = await exported(page);
  expect(file.setAside).toBeUndefined();
  expect(file.swatches.length).toBeGreaterThan(0);
});

test('undo and redo by key on every station, but never while a text field uses them', async ({ page }) => {
  await openDemo(page);
  const strip = page.getByRole('complementary', { name: BAR_TEXT.onTheMachine });
  await page.goto('/match?cloth=merino');
  await strip.getByRole('button', { name: 'All set' }).click();
  await expect(strip).toContainText('Set for Merino jersey');
  await station(page, 'Projects');
  await page.getByRole('link', { name: /^Work apron/ }).click();
  await page.getByRole('tab', { name: JOB_PAGE_TEXT.piecesAndNotes }).click();
  const name = page.getByLabel('Name', { exact: true });
  await name.fill('Apron, renamed');
  // In the field it is the field's own; nothing else is undone.
  await page.keyboard.press('Control+z');
  await expect(strip).toContainText('Set for Merino jersey');
  await name.fill('Apron, renamed');
  await name.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Apron, renamed' })).toBeVisible();
  await page.getByRole('heading', { level: 1 }).click();

  await page.keyboard.press('Control+z');
  await expect(page.getByRole('heading', { level: 1, name: 'Work apron' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(strip).not.toContainText('Set for Merino jersey');
  await page.keyboard.press('Control+Shift+z');
  await expect(strip).toContainText('Set for Merino jersey');
  await page.keyboard.press('Control+y');
  await expect(page.getByRole('heading', { level: 1, name: 'Apron, renamed' })).toBeVisible();

  // The list says the same, and goes back any number of steps at once.
  await page.getByRole('button', { name: HISTORY_TEXT.button }).click();
  const list = page.getByRole('dialog', { name: HISTORY_TEXT.title });
  await list.getByRole('button', { name: /^Undo everything back to and including: All set/ }).click();
  await expect(list.getByRole('button', { name: /^Redo everything up to and including: Project/ })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { level: 1, name: 'Work apron' })).toBeVisible();
});
