import { readFile } from 'node:fs/promises';
import { answered, away, expect, openDemo, printed, test } from './page';
import { BAR_TEXT } from '@/parts/machineBar/text';
import { CHECK_UP_TEXT as TEXT } from '@/features/checkUp/text';
import { CHECK_UP_LINK_TEXT } from '@/features/workroom/text';
import { TAPE_TEXT } from '@/parts/frame/text';
import { HISTORY_TEXT } from '@/parts/history/text';
import { ABOUT_TEXT, JOB_PAGE_TEXT, NEW_JOB_TEXT } from '@/features/jobs/text';
import { LABEL_SHEET_TEXT, WITH_PICKED_TEXT } from '@/features/ledger/text';

test('a check-up: one sheet, one form, and from then on settings are reckoned for this machine', async ({ page }) => {
  await openDemo(page, '/match?cloth=merino');
  await answered(page);
  await page.getByRole('link', { name: TAPE_TEXT.workroom, exact: true }).click();
  await page.getByRole('link', { name: CHECK_UP_LINK_TEXT.link }).click();
  await expect(page.getByRole('heading', { level: 1, name: /^Check-up of/ })).toBeVisible();
  await expect(page.getByText(TEXT.line(12), { exact: true })).toBeVisible();

  // Nothing filled in, or nonsense, is not kept; the summary leads to the field.
  await page.getByRole('button', { name: TEXT.keep }).click();
  await expect(page.getByRole('alert').first()).toContainText(TEXT.nothing);
  await page.getByLabel(TEXT.stitches(1)).fill('20');
  await expect(page.getByText(/between half and twice/).first()).toBeVisible();

  await page.getByLabel(TEXT.stitches(1)).fill('60');
  await page.getByLabel(TEXT.stitches(2)).fill('40');
  await page.getByLabel(TEXT.stitches(3)).fill('30');
  await page.getByLabel(TEXT.width(5)).fill('3.8');
  const saw = (line: number, what: string) =>
    page
      .getByRole('group', { name: TEXT.saw(line) })
      .getByRole('button', { name: what })
      .click();
  await saw(7, TEXT.shows.tension['too-little']);
  await saw(8, TEXT.shows.tension['too-little']);
  await saw(9, TEXT.shows.tension.well);
  await saw(11, TEXT.shows.pressure.well);
  await page.getByLabel(TEXT.shift(11)).fill('4');
  await expect(page.getByText(TEXT.found.tension('6', '4'))).toBeVisible();

  // What was typed is there again after a reload.
  await page.reload();
  await expect(page.getByLabel(TEXT.stitches(2))).toHaveValue('40');
  await page.getByRole('button', { name: TEXT.keep }).click();
  await expect(page.getByRole('heading', { level: 1, name: TEXT.found.title })).toBeFocused();
  await expect(page.getByText(/Stitch length: the dial gives about \d+% less than it says/)).toBeVisible();
  await expect(page.getByText(TEXT.found.pressure('2', '2'))).toBeVisible();
  const bar = page.getByRole('complementary', { name: BAR_TEXT.onTheMachine });

  // Match names the marks of this machine; what the last line left on it is looked at again.
  await page.getByRole('link', { name: TEXT.found.settings }).click();
  await answered(page);
  await expect(bar.getByRole('button', { name: /^Tension: change from not known to 6 of 9/ })).toBeVisible();

  // Undo stands in the same place on every page, and takes all of it back at once.
  await page.getByRole('button', { name: HISTORY_TEXT.undoThis('Check-up of the green machine saved') }).click();
  await expect(page.getByText(/^Undone: Check-up/)).toBeVisible();
  await expect(bar.getByRole('button', { name: /^Tension: change from/ })).toHaveCount(0);
});

test('the sheet of a check-up is one page, on A4 and on Letter', async ({ page }) => {
  await openDemo(page, '/check-up');
  for (const format of ['A4', 'Letter'] as const) {
    await page.getByRole('button', { name: TEXT.print }).click();
    await printed(page);
    const file = await page.pdf({ format, preferCSSPageSize: false });
    expect(file.toString('latin1').match(/\/Type\s*\/Page\b/g)?.length, format).toBe(1);
    await away(page);
  }
});

test('labels for a ready-cut sheet: as the packet says, with a preview, as a file', async ({ page }, info) => {
  await openDemo(page, '/log?place=cards');
  await page.getByRole('checkbox', { name: /^Select Deck canvas/ }).click();
  await page.getByRole('button', { name: WITH_PICKED_TEXT.labelSheet }).click();
  const dialog = page.getByRole('dialog', { name: LABEL_SHEET_TEXT.title });
  await expect(dialog.getByRole('img', { name: LABEL_SHEET_TEXT.preview(1, 1) })).toBeVisible();
  await dialog.getByLabel(LABEL_SHEET_TEXT.across).fill('9');
  await expect(dialog.getByText(/So many side by side/).first()).toBeVisible();
  await dialog.getByLabel(LABEL_SHEET_TEXT.across).fill('2');
  const download = page.waitForEvent('download');
  await dialog.getByRole('button', { name: LABEL_SHEET_TEXT.save }).click();
  const file = info.outputPath('labels.pdf');
  await (await download).saveAs(file);
  expect((await readFile(file)).subarray(0, 5).toString()).toBe('%PDF-');
  await expect(dialog).toHaveCount(0);
});

test('what a template brings is marked as an example until it is changed', async ({ page }) => {
  await openDemo(page, '/projects');
  await page.getByRole('button', { name: NEW_JOB_TEXT.begin, exact: true }).click();
  await page.getByRole('tab', { name: JOB_PAGE_TEXT.piecesAndNotes }).click();
  const first = page.getByLabel(`${ABOUT_TEXT.wide}, cm`).first();
  const examples = page.getByText(ABOUT_TEXT.example);
  await expect(examples.first()).toBeVisible();
  const before = await examples.count();
  await first.fill('61');
  await first.press('Enter');
  await expect(examples).toHaveCount(before - 1);
});
