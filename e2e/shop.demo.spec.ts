import { axeFindings, expect, openDemo, test } from './page';
import { HANDS_FULL_TEXT } from '@/features/sew/text';
import { RESCUE_TEXT } from '@/parts/diagnosis/text';
import { SHOP_TEXT as TEXT } from '@/features/match/text';
import { TEXT as SEW_TEXT } from '@/features/sew/text';

test('in the shop, on a phone: three facts, the pattern’s demand, what to use and what else to buy', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openDemo(page, '/shop');
  const said = page.getByRole('region', { name: TEXT.verdict });
  await page.getByLabel(TEXT.name).fill('cotton jersey');
  await expect(said).toContainText(/Yes, on the green machine/);
  await page.getByLabel(TEXT.field.reach('metric')).fill('13');
  await page.getByLabel(TEXT.field.demand('metric')).fill('60%');
  await expect(page.getByText(/It does not reach the mark/)).toBeVisible();
  await page.getByLabel(TEXT.field.weight('metric')).fill('heavy');
  await expect(page.getByText(/“heavy” is not a weight/)).toBeVisible();
  await page.getByLabel(TEXT.field.weight('metric')).fill('180');
  await page.getByLabel(TEXT.field.demand('metric')).fill('12');
  await expect(page.getByText(/It reaches the mark|It just reaches the mark/)).toBeVisible();
  await expect(said).toContainText(/Ballpoint|Stretch/);
  expect(await axeFindings(page)).toEqual([]);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await page.getByRole('button', { name: TEXT.keep }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('cotton jersey');
});

test('a step is read from a metre away, and a clicker moves it whatever has the focus', async ({ page }) => {
  await openDemo(page, '/sew?run=apron-felled');
  const step = page.getByRole('region', { name: SEW_TEXT.step });
  await page.getByRole('checkbox', { name: HANDS_FULL_TEXT.footSwitch }).check();
  await expect(page.getByText(HANDS_FULL_TEXT.whereItLies)).toBeVisible();
  await page.getByRole('checkbox', { name: HANDS_FULL_TEXT.big }).check();
  const smallest = () =>
    step
      .locator('h2, p')
      .evaluateAll((all) => Math.min(...all.map((one) => parseFloat(getComputedStyle(one).fontSize))));
  await expect.poll(smallest).toBeGreaterThanOrEqual(32);
  await expect(page.getByRole('region', { name: SEW_TEXT.drawing }).getByRole('img')).toHaveCount(1);
  const before = await page.getByText(/step \d+ of/).innerText();
  await page.keyboard.press('PageDown');
  await expect(page.getByText(/step \d+ of/)).not.toHaveText(before);
  await page.keyboard.press('PageUp');
  await expect(page.getByText(/step \d+ of/)).toHaveText(before);
});

test('a seam that is wrong in the garment: the least first, in Sew and on the page of faults', async ({ page }) => {
  await openDemo(page, '/sew?run=apron-felled');
  await page.getByRole('button', { name: SEW_TEXT.wrong }).click();
  await page.getByRole('button', { name: /^Skipped stitches/ }).click();
  const ways = page.getByRole('region', { name: RESCUE_TEXT.title });
  await expect(ways.getByRole('listitem').first()).toContainText(RESCUE_TEXT.way.leave);
  await expect(ways).toContainText(/every third stitch/);
  await expect(ways).toContainText(/2 cm beyond/);
  await page.goto('/test/signs#wavy');
  const wavy = page.locator('#wavy');
  await wavy.getByRole('button').first().click();
  await expect(wavy.getByRole('region', { name: RESCUE_TEXT.title })).toContainText(RESCUE_TEXT.way.press);
});
