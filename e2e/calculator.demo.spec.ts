import { answered, axeFindings, expect, openDemo, test } from './page';
import { IDENTITY_TEXT } from '@/features/cloth/text';
import { SPOOL_TEXT } from '@/features/workroom/text';
import { TEXT as CALCULATOR_TEXT } from '@/features/calculator/text';

test('a sum is worked out on its own, begins an operation, and brings its numbers back to one', async ({ page }) => {
  await openDemo(page, '/match?cloth=habotai');
  await page.getByRole('link', { name: 'Calculator' }).click();
  await page.getByRole('button', { name: 'French seam' }).click();
  const comesOut = page.getByRole('region', { name: CALCULATOR_TEXT.answers });
  await expect(comesOut).toContainText('First row');
  // Tall enough that no entry of the list is half under the machine bar.
  await page.setViewportSize({ width: 1280, height: 1700 });
  expect(await axeFindings(page)).toEqual([]);
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.getByLabel(`${IDENTITY_TEXT.thicknessOfOneLayer}, mm`).fill('0.2');
  await expect(comesOut).toContainText('9.5 mm');
  await page.getByLabel(`${IDENTITY_TEXT.thicknessOfOneLayer}, mm`).fill('thick');
  await expect(page.getByText(/“thick” is not a length/)).toBeVisible();
  await expect(comesOut).toContainText('Correct the field marked in red');
  await page.getByLabel(`${IDENTITY_TEXT.thicknessOfOneLayer}, mm`).fill('0.2');

  await page.getByLabel('Seam allowance of the pattern, cm').fill('1.4');
  await page.getByRole('button', { name: CALCULATOR_TEXT.sewIt('French seam') }).click();
  await expect(page.getByLabel('Seam allowance of the pattern, cm')).toHaveValue('1.4');
  await page.getByRole('link', { name: 'French seam', exact: true }).click();
  // Both pages have a field of this name.
  await expect(page.getByRole('heading', { level: 2, name: 'French seam' })).toBeVisible();
  await expect(page.getByLabel('Seam allowance of the pattern, cm')).toHaveValue('1.4');
  await page.getByLabel('Seam allowance of the pattern, cm').fill('16 mm');
  await page.getByRole('button', { name: CALCULATOR_TEXT.putBack('French seam') }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'French seam' })).toBeVisible();
  await expect(page.getByLabel('Seam allowance of the pattern, cm')).toHaveValue('1.6');
});

test('a thread too thick for the eye stops in the middle of the screen, with both ways out', async ({ page }) => {
  await openDemo(page, '/workroom?place=threads');
  const number = page.getByRole('textbox', { name: SPOOL_TEXT.number });
  await number.fill('Tex 135');
  await page.getByLabel(SPOOL_TEXT.colourInWords).first().fill('rope brown');
  await page.getByRole('button', { name: SPOOL_TEXT.noteIt }).click();
  await expect(page.getByText(SPOOL_TEXT.theSpoolIsNoted)).toBeVisible();
  await page.goto('/match?cloth=habotai');
  await answered(page);
  await page.getByRole('button', { name: 'Polyester, Tex', exact: false }).first().click();
  await page.getByRole('menuitemradio', { name: /Tex 135/ }).click();
  const stop = page.getByRole('alert').filter({ hasText: 'does not fit through the eye' });
  await expect(stop).toContainText('or a finer thread: Tex');
});
