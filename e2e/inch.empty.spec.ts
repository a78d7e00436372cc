import type { Page } from '@playwright/test';
import { answered, expect, test } from './page';
import { IDENTITY_TEXT } from '@/features/cloth/text';
import { MEASURES_TEXT, SIGNS_TEXT, SIMULATED_TEXT } from '@/features/swatch/text';
import { SEW_LIKE_THIS_TEXT, START_TEXT } from '@/features/match/text';
import { TEXT as CALCULATOR_TEXT } from '@/features/calculator/text';
import { TEXT as SEW_TEXT } from '@/features/sew/text';

/** Fractions a tape measure has a mark for. */
const MARKED = ['2', '4', '8', '16', '32'];

/** What is read on the page, but for the machine bar: its dials are in mm everywhere. */
async function inInches(page: Page) {
  const text = (await page.getByRole('main').innerText()).replace(/\u00a0/g, ' ');
  expect(text, 'a metric length').not.toMatch(/\d (?:cm|m)\b/);
  expect(text, 'a mark that was not filled in').not.toMatch(/\{[=\d]/);
  expect(text).not.toMatch(/\b0 in\b/);
  for (const [, bottom] of text.matchAll(/\d\/(\d+) in\b/g)) expect(MARKED).toContain(bottom);
  // What is left in mm is a stitch, a dial or thinner than a sixteenth of an inch.
  for (const [said, mm] of text.matchAll(/(\d+(?:\.\d+)?) mm\b/g)) expect(Number(mm), said).toBeLessThanOrEqual(9);
}

/** Every field that asks for a length asks for it in inches, and none shows a number no ruler has. */
async function fieldsInInches(page: Page) {
  const main = page.getByRole('main');
  for (const label of await main.locator('label').allInnerTexts()) expect(label).not.toMatch(/, (?:cm|m)$/);
  for (const field of await main.getByRole('textbox').all()) {
    const value = await field.inputValue();
    if (value.includes('/')) expect(MARKED).toContain(value.split('/').at(-1));
  }
}

test('a beginner’s path wholly in inches: question, settings, test, card, a neckband, a zip and a hem', async ({
  page,
}) => {
  await page.goto('/match');
  await page.getByRole('button', { name: /^Units: mm/ }).click();
  await page.getByLabel(START_TEXT.name).fill('cotton jersey');
  await page.getByLabel(/Mark 4 in/).fill('6');
  await page.getByRole('button', { name: START_TEXT.find }).click();
  await answered(page);
  await inInches(page);

  await page.getByRole('button', { name: 'All set' }).click();
  await page.getByRole('button', { name: SEW_LIKE_THIS_TEXT.testOnScrap }).click();
  await expect(page.getByRole('heading', { name: /Test 1/ })).toBeVisible();
  await inInches(page);
  await fieldsInInches(page);
  await page.getByLabel(MEASURES_TEXT.stitchesIn('4 in')).fill('41');
  await page.getByLabel(`${MEASURES_TEXT.afterSewing}, in`).fill('4 1/16');
  await page.getByLabel(`${MEASURES_TEXT.pulledToHeld}, in`).fill('5 1/2');
  await page.getByRole('button', { name: SIGNS_TEXT.nothingWrong }).click();
  await inInches(page);
  await page.getByRole('button', { name: SIMULATED_TEXT.passKeepItAs }).click();
  await expect(page.getByRole('link', { name: /Open its settings card/ })).toBeVisible();

  for (const operation of ['Neckband', 'Centred zip', 'Hem folded twice']) {
    await page.goto('/sew');
    await page.getByRole('button', { name: new RegExp(`^${operation}`) }).click();
    await expect(page.getByRole('heading', { level: 1, name: operation })).toBeVisible();
    await fieldsInInches(page);
    await inInches(page);
    if (operation === 'Neckband') await page.getByLabel('Head measurement it has to pass, in').fill('22');
    const begin = page.getByRole('button', { name: SEW_TEXT.begin });
    await expect(begin).toBeEnabled();
    await begin.click();
    const sewn = page.getByRole('heading', { name: `${operation}: sewn` });
    for (let i = 0; i < 14 && !(await sewn.isVisible()); i += 1) {
      await inInches(page);
      await page.locator('body').press('Space');
      await page.waitForTimeout(150);
    }
    await expect(sewn).toBeVisible();
    await inInches(page);
  }
});

/** What is read on the page: a length above a centimetre is said in centimetres or metres. */
async function inCentimetres(page: Page) {
  const text = (await page.getByRole('main').innerText()).replace(/\u00a0/g, ' ');
  for (const [said, mm] of text.matchAll(/(\d+(?:\.\d+)?) mm\b/g)) expect(Number(mm), said).toBeLessThanOrEqual(10);
  expect(text, 'an inch').not.toMatch(/\d in\b/);
  for (const label of await page.getByRole('main').locator('label').allInnerTexts())
    expect(label).not.toMatch(/allowance.*, mm$/i);
}

test('in metric an allowance is 1.5 cm and never 15 mm: a zip and a hem', async ({ page }) => {
  await page.goto('/match');
  await page.getByLabel(START_TEXT.name).fill('cotton poplin');
  await page.getByRole('button', { name: START_TEXT.find }).click();
  await answered(page);
  await inCentimetres(page);
  for (const operation of ['Centred zip', 'Hem folded twice']) {
    await page.goto('/sew');
    await page.getByRole('button', { name: new RegExp(`^${operation}`) }).click();
    await inCentimetres(page);
    await page.getByRole('button', { name: SEW_TEXT.begin }).click();
    const sewn = page.getByRole('heading', { name: `${operation}: sewn` });
    for (let i = 0; i < 16 && !(await sewn.isVisible()); i += 1) {
      await inCentimetres(page);
      await page.locator('body').press('Space');
      await page.waitForTimeout(150);
    }
    await expect(sewn).toBeVisible();
  }
});

test('half an inch, a fraction, a comma and a unit are all understood; what cannot be meant is asked', async ({
  page,
}) => {
  await page.goto('/calculator?name=french');
  const allowance = page.getByRole('textbox', { name: /Seam allowance of the pattern/ });
  const comesOut = page.getByRole('region', { name: CALCULATOR_TEXT.answers });
  await expect(allowance).toHaveValue('1.5');
  for (const typed of ['5/8', '1,6 cm', '16 mm', 'five eighths of an inch', 'about 1.6']) {
    await allowance.fill(typed);
    await expect(comesOut).toContainText('First row, wrong sides together');
  }
  await page.getByLabel(`${IDENTITY_TEXT.thicknessOfOneLayer}, mm`).fill('0.3');
  await allowance.fill('15');
  await expect(page.getByText('At most 6 cm here. Did you mean this?')).toBeVisible();
  await expect(comesOut).not.toContainText('First row');
  await page.getByRole('button', { name: '15 mm (1.5 cm)' }).click();
  await expect(comesOut).toContainText('9.5 mm');
  await expect(comesOut).toContainText('5.5 mm');
  // In inches the two rows still add up to the allowance.
  await page.getByRole('button', { name: /^Units: mm/ }).click();
  await allowance.fill('5/8');
  await expect(comesOut).toContainText('7/16 in');
  await expect(comesOut).toContainText('3/16 in');
});
