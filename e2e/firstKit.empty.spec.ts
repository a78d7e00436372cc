import { answered, axeFindings, expect, reading, test } from './page';
import { FIRST_KIT_TEXT as TEXT } from '@/features/firstKit/text';
import { READINGS_TEXT, START_TEXT } from '@/features/match/text';
import { MACHINES_TEXT } from '@/features/workroom/text';

test('from nothing to an honest kit in at most twelve actions, and on to a setting with what is owned', async ({
  page,
}) => {
  await page.goto('/match');
  let actions = 0;
  const press = async (name: string | RegExp, role: 'button' | 'link' = 'button') => {
    await page.getByRole(role, { name }).click();
    actions += 1;
  };
  await press(START_TEXT.sayKit, 'link');
  await press(/^Basic, with dials/);
  await expect(page.getByRole('button', { name: /^Zip has one bar/ })).toHaveAttribute('aria-pressed', 'true');
  await press(/^Walking/);
  // What is picked is there again after a reload.
  await page.reload();
  await expect(page.getByRole('button', { name: /^Walking/ })).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByRole('button', { name: /^Zip has one bar/ })).toHaveAttribute('aria-pressed', 'true');
  await press(/^Universal 80\/12/);
  await press(/^Stretch 75\/11/);
  await press(/^Jeans 100\/16/);
  await press(/^Polyester No. 120/);
  expect(await axeFindings(page)).toEqual([]);
  await press(TEXT.save);
  console.log(`   actions to an honest kit: ${actions}`);
  expect(actions).toBeLessThanOrEqual(12);
  await expect(page.getByText(START_TEXT.assumed('Basic, with dials', []))).toBeVisible();

  await page.getByLabel(START_TEXT.name).fill('cotton jersey');
  await page.getByLabel(/Stretched, how long is it/).fill('15');
  await page.keyboard.press('Enter');
  await answered(page);
  await expect(reading(page, 'Needle')).toContainText('Stretch 75/11');
  await expect(page.getByText(READINGS_TEXT.ifYouHave)).toHaveCount(0);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Basic, with dials');
  await page.goto('/workroom?place=needles');
  await expect(page.getByText('15 of 15 needles', { exact: false })).toBeVisible();
});

test('while nobody has said what they own, it is suggested if they have it', async ({ page }) => {
  await page.goto('/match');
  await page.getByLabel(START_TEXT.name).fill('cotton jersey');
  await page.keyboard.press('Enter');
  await answered(page);
  await expect(page.getByText(READINGS_TEXT.ifYouHave)).toBeVisible();
});

test('another machine is matched at once and taken in hand by its owner alone', async ({ page }) => {
  await page.goto('/workroom?place=machines');
  await expect(page.getByText(MACHINES_TEXT.assumed)).toBeVisible();
  await page.getByRole('button', { name: MACHINES_TEXT.anotherMachine }).click();
  await page.getByRole('button', { name: /^Old, with a pressure screw/ }).click();
  await expect(
    page.getByText(/You are looking at Old, with a pressure screw. Settings are for My machine/),
  ).toBeVisible();
  await page.getByRole('button', { name: MACHINES_TEXT.useThis }).click();
  await expect(page.getByText(/You are looking at/)).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('button', { name: /^Old, with a pressure screw in use/ })).toBeVisible();
});
