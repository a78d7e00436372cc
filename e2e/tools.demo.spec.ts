import { answered, axeFindings, expect, openDemo, test } from './page';
import { BAR_TEXT } from '@/parts/machineBar/text';
import { TOOL_TEXT } from '@/features/workroom/text';

test('a walking foot is fitted by its card, and pins that are not owned are not asked for', async ({ page }) => {
  await openDemo(page, '/match?cloth=velvet');
  await answered(page);
  const strip = page.getByRole('complementary', { name: BAR_TEXT.onTheMachine });
  await strip.getByRole('button', { name: BAR_TEXT.fit.how }).press('Enter');
  const card = page.getByRole('dialog', { name: BAR_TEXT.fit.title('walking') });
  await expect(card).toContainText('Lay its arm over the needle clamp');
  await expect(card.getByRole('img', { name: /arm of the walking foot/ })).toBeVisible();
  expect(await axeFindings(page)).toEqual([]);
  await card.getByRole('button', { name: BAR_TEXT.fit.fitted }).press('Enter');
  await expect(card).toBeHidden();
  await expect(strip.getByRole('button', { name: /^Foot: change/ })).toHaveCount(0);

  await page.goto('/match?cloth=habotai');
  await answered(page);
  await expect(page.getByText('Hold with silk pins inside the allowance', { exact: false })).toBeVisible();
  await page.goto('/workroom?place=kit');
  await expect(page.getByRole('heading', { name: TOOL_TEXT.blades })).toBeVisible();
  expect(await axeFindings(page)).toEqual([]);
  await page.getByRole('checkbox', { name: 'Silk pins' }).uncheck();
  // A wheel past what it is good for asks for a new blade, and has one from then on.
  const wheel = page.getByRole('listitem', { name: 'Rotary cutter, 45 mm' });
  await wheel.getByRole('button', { name: /add cutting/ }).click();
  await wheel.getByRole('textbox', { name: TOOL_TEXT.howMuch }).fill('20 m');
  await wheel.getByRole('button', { name: TOOL_TEXT.addCut, exact: true }).click();
  await expect(wheel).toContainText(TOOL_TEXT.due.change);
  await wheel.getByRole('button', { name: TOOL_TEXT.fresh.change }).click();
  await expect(wheel).toContainText('0 m of 120 m cut since today');
  await page.goto('/match?cloth=habotai');
  await answered(page);
  await expect(page.getByText('Hold with tacking', { exact: false })).toBeVisible();
  await expect(page.getByText('You have no silk pins: tack it by hand, or buy some.')).toBeVisible();
});
