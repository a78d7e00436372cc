import type { Page } from '@playwright/test';
import { expect, openDemo, stored, test } from './page';
import { TEXT as SEW_TEXT } from '@/features/sew/text';
import { BAR_TEXT } from '@/parts/machineBar/text';
import { HELP_TEXT } from '@/parts/help/text';
import { PALETTE_TEXT as TEXT } from '@/parts/palette/text';

const palette = (page: Page) => page.getByRole('dialog', { name: TEXT.title });
const bar = (page: Page) => page.getByRole('complementary', { name: BAR_TEXT.onTheMachine });
const focused = (page: Page) => page.evaluate(() => document.activeElement?.id);

async function ask(page: Page, typed: string) {
  await page.keyboard.press('ControlOrMeta+k');
  await expect(page.getByRole('combobox', { name: TEXT.label })).toBeFocused();
  await page.keyboard.type(typed);
}

test('anything is found by a few letters, mistyped too, and gone to; last used comes first', async ({ page }) => {
  await openDemo(page, '/match?cloth=deck');
  await ask(page, 'flat feled');
  await expect(page.getByRole('option').first()).toContainText('Flat-felled seam');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Flat-felled seam' })).toBeVisible();
  await expect(page.getByRole('heading', { level: 2, name: SEW_TEXT.before })).toBeFocused();
  await ask(page, '');
  await expect(page.getByRole('option').first()).toContainText('Flat-felled seam');
  await page.keyboard.type('merino');
  await page.getByRole('option', { name: /Merino jersey Fabric/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Merino jersey');
});

test('a measure is answered in place, a dial is set, and an impossible mark is told its dial', async ({ page }) => {
  await openDemo(page, '/match?cloth=deck');
  await ask(page, '5/8 in');
  await expect(palette(page).getByRole('status')).toContainText('16 mm · 1.6 cm');
  await page.keyboard.press('Escape');
  await expect(palette(page)).toHaveCount(0);
  await ask(page, 'tension 12');
  await expect(palette(page).getByRole('status')).toContainText(/The tension goes from 0 to 9 of 9/);
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('set tension 5');
  await page.keyboard.press('Enter');
  await expect(bar(page).getByRole('button', { name: /^Tension: change from 5 of 9/ })).toBeVisible();
  await expect(page.locator('#task :focus')).toHaveCount(1);
});

test('a word leads to what it means, a machine to itself, and a deed is done where it says', async ({ page }) => {
  await openDemo(page, '/match?cloth=deck');
  await ask(page, 'boat machine');
  await page.getByRole('option', { name: /^the boat machine Machine/ }).click();
  await expect(page.getByRole('button', { name: /^the boat machine/ }).first()).toHaveAttribute('aria-pressed', 'true');
  await ask(page, 'settings card');
  await page.getByRole('option', { name: /^Settings card Word/ }).click();
  await expect(page).toHaveURL(/\/words#settings-card$/);
  await ask(page, 'machine bar');
  await page.getByRole('option', { name: /^Go to the machine bar/ }).click();
  await expect.poll(() => page.evaluate(() => document.activeElement?.closest('aside')?.id)).toBe('machine-bar');
  await ask(page, 'shortcuts');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog', { name: HELP_TEXT.button })).toBeVisible();
});

test('keys go to the stations and the bar, never out of a field, and can be switched off', async ({ page }) => {
  await openDemo(page, '/match?cloth=deck');
  await page.keyboard.press('2');
  await expect(page).toHaveURL(/\/fabric/);
  const field = page.getByRole('searchbox').or(page.getByRole('textbox')).first();
  await field.fill('');
  await page.keyboard.type('5m');
  await expect(field).toHaveValue('5m');
  await expect(page).toHaveURL(/\/fabric/);
  await page.locator('body').click({ position: { x: 5, y: 400 } });
  await page.keyboard.press('m');
  expect(await page.evaluate(() => document.activeElement?.closest('aside')?.id)).toBe('machine-bar');
  await page.keyboard.press('?');
  await page.getByRole('checkbox', { name: HELP_TEXT.byKey }).uncheck();
  await stored(page, 'preferences', (rows) => JSON.stringify(rows).includes('"singleKeys","value":false'));
  await page.keyboard.press('Escape');
  await page.keyboard.press('5');
  await page.keyboard.press('?');
  await expect(page).toHaveURL(/\/fabric/);
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await ask(page, 'evening');
  await expect(page.getByRole('option').first()).toContainText(/daylight and evening/);
});

test('what is really on the machine is said at the bar; ticks keep the focus', async ({ page }) => {
  await openDemo(page, '/match?cloth=merino');
  const length = bar(page)
    .getByRole('button', { name: /^Length/ })
    .first();
  await bar(page)
    .getByRole('button', { name: BAR_TEXT.somethingElse('Length') })
    .click();
  await page.getByRole('menuitemradio', { name: /^4 mm/ }).click();
  await expect(length).toHaveAccessibleName(/^Length: change from 4 mm to /);
  await length.press('Enter');
  await expect(length).toHaveAccessibleName(/^Length: [\d.]+ mm\. Set to something else/);
  await expect(length).toBeFocused();
  await length.press('Enter');
  await page.keyboard.press('Escape');
  await expect(length).toBeFocused();
  await bar(page).getByRole('button', { name: BAR_TEXT.allSet2 }).click();
  expect(await focused(page)).toBe('machine-bar');
});

test('on a phone the bar closes by Escape and when all is set', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openDemo(page, '/match?cloth=merino');
  const fold = bar(page).getByRole('button', { name: /to change|all set/ });
  await fold.click();
  await page.keyboard.press('Escape');
  await expect(fold).toHaveAttribute('aria-expanded', 'false');
  await expect(fold).toBeFocused();
  await fold.click();
  await bar(page).getByRole('button', { name: BAR_TEXT.allSet2 }).click();
  await expect(fold).toHaveAttribute('aria-expanded', 'false');
  await expect(fold).toBeFocused();
});
