import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, openDemo, test } from './page';
import { CSV_FILES_TEXT, NEEDLE_STOCK_TEXT } from '@/features/workroom/text';
import { TABLE_TEXT } from '@/parts/longTable/text';
import { DRAWER_TEXT } from '@/features/cloth/text';

const typed = (page: Page, label: string) => page.getByRole('textbox', { name: label });
const HEAD = 'Name,Weight g/m²,Thickness mm,Stretch across %,Closest to,Fibres,Kept in';
const rows = (wrong: boolean) =>
  Array.from({ length: 50 }, (_, i) => {
    const weight = wrong && i === 6 ? 'heavy' : String(80 + i * 5);
    const stretch = wrong && i === 20 ? '900' : i % 2 ? '' : String(i);
    const fibres = wrong && i === 43 ? '"cotton 90, wool 40"' : '"cotton 95, elastane 5"';
    return `Remnant ${i + 1},${weight},0.${i + 10},${stretch},jersey,${fibres},=crate`;
  });
const csv = (wrong: boolean) => ({
  name: 'remnants.csv',
  mimeType: 'text/csv',
  buffer: Buffer.from([HEAD, ...rows(wrong)].join('\r\n')),
});

test('a CSV of 50 cloths with three bad rows is refused by row and column; put right, it comes in whole', async ({
  page,
}, info) => {
  await openDemo(page, '/workroom?place=files');
  const input = page.getByLabel(CSV_FILES_TEXT.importFromCsv('Fabrics'));
  await input.setInputFiles(csv(true));
  const refused = page.getByRole('alert').filter({ hasText: 'remnants.csv was not imported' });
  await expect(refused).toContainText('3 cells are wrong. Nothing here has changed');
  for (const row of [
    /^8 Weight g\/m² expected a weight, such as 160, 12 oz or 19 momme, got "heavy"/,
    /^22 Stretch across % expected a stretch in percent from 0 to 400, got 900/,
    /^45 Fibres expected fibres that add up to at most 100 percent/,
  ])
    await expect(refused.getByRole('row', { name: row })).toBeVisible();
  await refused.getByRole('button', { name: CSV_FILES_TEXT.allRight }).click();
  await page.getByRole('link', { name: 'Fabric', exact: true }).click();
  await expect(page.getByText('10 fabrics')).toBeVisible();

  await page.goto('/workroom?place=files');
  await input.setInputFiles(csv(false));
  await expect(page.getByText('add 50 and change 0')).toBeVisible();
  await expect(page.getByRole('row', { name: 'Remnant 1 new' })).toBeVisible();
  await page.getByRole('button', { name: CSV_FILES_TEXT.importIt }).click();
  await expect(page.getByText('remnants.csv imported.')).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: CSV_FILES_TEXT.exportAsCsv('Fabrics') }).click();
  const file = info.outputPath('cloths.csv');
  await (await download).saveAs(file);
  const text = await readFile(file, 'utf8');
  expect(text.split('\r\n').filter(Boolean)).toHaveLength(61);
  expect(text).toContain("'=crate");
  expect(text).not.toMatch(/,=crate/);
  await input.setInputFiles(file);
  await expect(page.getByText('add 0 and change 0')).toBeVisible();
  await page.getByRole('button', { name: CSV_FILES_TEXT.leaveIt }).click();

  await page.getByRole('link', { name: 'Fabric', exact: true }).click();
  await expect(page.getByText('60 fabrics')).toBeVisible();
  await typed(page, DRAWER_TEXT.findACloth).fill('remnant 37');
  await expect(page.getByRole('link', { name: /Remnant 37/ })).toBeVisible();
});

test('2,000 cloths and 10,000 needles are scrolled and searched with only what is in sight on the page', async ({
  page,
}) => {
  await openDemo(page, '/workroom?place=files');
  const many = ['Name,Closest to', ...Array.from({ length: 2000 }, (_, i) => `Bolt ${i + 1},jersey`)].join('\n');
  await page
    .getByLabel(CSV_FILES_TEXT.importFromCsv('Fabrics'))
    .setInputFiles({ name: 'bolts.csv', mimeType: 'text/csv', buffer: Buffer.from(many) });
  await page.getByRole('button', { name: CSV_FILES_TEXT.importIt }).click();
  await expect(page.getByText('bolts.csv imported.')).toBeVisible();
  const tin = [
    'Point,Size,Count,Kept in',
    ...Array.from({ length: 20 }, (_, i) => `Universal,80/12,500,drawer ${i + 1}`),
  ];
  await page
    .getByLabel(CSV_FILES_TEXT.importFromCsv('Needles'))
    .setInputFiles({ name: 'tin.csv', mimeType: 'text/csv', buffer: Buffer.from(tin.join('\n')) });
  await page.getByRole('button', { name: CSV_FILES_TEXT.importIt }).click();
  await expect(page.getByText('tin.csv imported.')).toBeVisible();

  await page.getByRole('link', { name: 'Fabric', exact: true }).click();
  await expect(page.getByText('2010 fabrics')).toBeVisible();
  const swatches = page.getByRole('list', { name: CSV_FILES_TEXT.cloths }).getByRole('listitem');
  expect(await swatches.count()).toBeLessThan(120);
  // The page grows a little as rows come in and are measured: whoever wants its end presses again.
  await expect(async () => {
    await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
    await expect(page.getByRole('link', { name: /Deck canvas/ })).toBeVisible({ timeout: 2000 });
  }).toPass({ timeout: 20_000 });
  expect(await swatches.count()).toBeLessThan(120);
  await page.evaluate(() => window.scrollTo(0, 0));
  await typed(page, DRAWER_TEXT.findACloth).fill('bolt 1999');
  await expect(page.getByRole('link', { name: /Bolt 1999/ })).toBeVisible();

  await page.goto('/workroom?place=needles');
  await expect(page.getByText('10023 of 10023 needles')).toBeVisible();
  expect(
    await page.getByRole('table', { name: NEEDLE_STOCK_TEXT.needlesInTheTin }).getByRole('row').count(),
  ).toBeLessThan(120);
  await typed(page, NEEDLE_STOCK_TEXT.findANeedle).fill('drawer 17');
  await expect(page.getByText('500 of 10023 needles')).toBeVisible();
});

test('a table is sorted, its columns are chosen, arrow keys go along it, and what is shown is exported', async ({
  page,
}, info) => {
  await openDemo(page, '/workroom?place=needles');
  const table = page.getByRole('table', { name: NEEDLE_STOCK_TEXT.needlesInTheTin });
  const hours = table.getByRole('columnheader', { name: NEEDLE_STOCK_TEXT.hours });
  await hours.getByRole('button').click();
  await expect(hours).toHaveAttribute('aria-sort', 'descending');
  await expect(table.getByRole('row').nth(1)).toContainText('5.4 h');
  await hours.getByRole('button').press('Enter');
  await expect(hours).toHaveAttribute('aria-sort', 'ascending');
  await expect(table.getByRole('row').nth(1)).not.toContainText('5.4 h');

  await page.getByRole('button', { name: TABLE_TEXT.columns }).press('Enter');
  await page.keyboard.press('End');
  await expect(page.getByRole('menuitemcheckbox', { name: NEEDLE_STOCK_TEXT.keptIn })).toBeFocused();
  await page.keyboard.press('Enter');
  await page.getByRole('menuitemcheckbox', { name: NEEDLE_STOCK_TEXT.state }).click();
  await page.keyboard.press('Escape');
  await expect(table.getByRole('columnheader', { name: NEEDLE_STOCK_TEXT.keptIn })).toHaveCount(0);

  await typed(page, NEEDLE_STOCK_TEXT.findANeedle).fill('jeans');
  await expect(page.getByText(/^[2-9] of 23 needles/)).toBeVisible();
  const rows = table.getByRole('row').filter({ hasText: 'Jeans' });
  await rows.nth(0).getByRole('button').first().focus();
  await page.keyboard.press('ArrowDown');
  await expect(rows.nth(1).getByRole('button').first()).toBeFocused();

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: TABLE_TEXT.export }).click();
  const file = info.outputPath('needles.csv');
  await (await download).saveAs(file);
  const [head, ...lines] = (await readFile(file, 'utf8')).trim().split('\r\n');
  expect(head).toBe('Needle,Hours,State,Last sewn,Pack');
  expect(lines.length).toBe(await rows.count());
  expect(lines.every((line) => line.startsWith('Jeans'))).toBe(true);
});
