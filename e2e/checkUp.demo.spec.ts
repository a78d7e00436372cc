import { answered, expect, openDemo, test } from './page';
import { BAR_TEXT } from '@/parts/machineBar/text';
import { CHECK_UP_TEXT as TEXT } from '@/features/checkUp/text';
import { CHECK_UP_LINK_TEXT } from '@/features/workroom/text';
import { HISTORY_TEXT } from '@/parts/history/text';

test('a check-up: one sheet, one form, and from then on settings are reckoned for this machine', async ({ page }) => {
  await openDemo(page, '/workroom');
  await page.getByRole('link', { name: CHECK_UP_LINK_TEXT.link }).click();
  await expect(page.getByRole('heading', { level: 1, name: /^Check-up of/ })).toBeVisible();
  await expect(page.getByText(TEXT.line(12), { exact: true })).toBeVisible();

  // Nothing filled in, or nonsense, is not kept; the summary leads to the field.
  await page.getByRole('button', { name: TEXT.keep }).click();
  await expect(page.getByRole('alert').first()).toContainText('correct');
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

  // Match names the marks of this machine; what the last line left on it is looked at again.
  await page.getByRole('link', { name: TEXT.found.settings }).click();
  await answered(page);
  const bar = page.getByRole('complementary', { name: BAR_TEXT.onTheMachine });
  await expect(bar.getByRole('button', { name: /^Tension: change from not known to 6 of 9/ })).toBeVisible();

  // Undo stands in the same place on every page, and takes all of it back at once.
  await page.getByRole('button', { name: HISTORY_TEXT.undoThis('Check-up of the green machine saved') }).click();
  await expect(page.getByText(/^Undone: Check-up/)).toBeVisible();
  await expect(bar.getByRole('button', { name: /^Tension: change from/ })).toHaveCount(0);
});

test('the sheet of a check-up is one page, on A4 and on Letter', async ({ page }) => {
  await openDemo(page, '/check-up');
  await page.evaluate(() => {
    window.print = () => {};
  });
  await page.getByRole('button', { name: TEXT.print }).click();
  await expect(page.locator('[data-sheet]')).toBeAttached();
  for (const format of ['A4', 'Letter'] as const) {
    const file = await page.pdf({ format, preferCSSPageSize: false });
    expect(file.toString('latin1').match(/\/Type\s*\/Page\b/g)?.length, format).toBe(1);
  }
});
