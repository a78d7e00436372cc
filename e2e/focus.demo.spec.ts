import type { Locator, Page } from '@playwright/test';
import { answered, expect, openDemo, test } from './page';
import { AFTER_PASS_TEXT, MEASURES_TEXT, SIGNS_TEXT, SIMULATED_TEXT } from '@/features/swatch/text';
import { BAR_TEXT } from '@/parts/machineBar/text';
import { SEW_LIKE_THIS_TEXT } from '@/features/match/text';
import { TEXT as SEW_TEXT } from '@/features/sew/text';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });

test('the focus goes where the work went: nine actions (Find in the path by keyboard), counted from a setting to a card and to a logged seam', async ({
  page,
}) => {
  test.setTimeout(120_000);
  let actions = 0;
  const act = async (control: Locator, work: (control: Locator) => Promise<unknown> = (one) => one.click()) => {
    await work(control);
    actions += 1;
  };
  const counted = (what: string, most: number) => {
    console.log(`   actions, ${what}: ${actions}`);
    expect(actions).toBeLessThanOrEqual(most);
    actions = 0;
  };
  await openDemo(page, '/match?cloth=merino');
  await answered(page);
  const bar = page.getByRole('complementary', { name: BAR_TEXT.onTheMachine });

  // A tick on the bar: the same reading keeps it.
  const tick = bar.getByRole('button', { name: /Tick off when done/ }).first();
  const reading = (await tick.getAttribute('aria-label'))!.split(':')[0];
  await tick.click();
  await expect(bar.getByRole('button', { name: new RegExp(`^${reading}`) }).first()).toBeFocused();

  // Test on scrap.
  await act(button(page, SEW_LIKE_THIS_TEXT.testOnScrap));
  await expect(page.getByRole('heading', { level: 2, name: /^Test 1/ })).toBeFocused();

  // The next line.
  await act(button(page, /^Skipped stitches/));
  await act(button(page, /^Do this in test 2/));
  await expect(page.getByRole('heading', { level: 2, name: /^Test 2/ })).toBeFocused();

  // Pass: on to the seam.
  await act(page.getByLabel(`${MEASURES_TEXT.afterSewing}, cm`), (field) => field.fill('10.1'));
  await act(page.getByLabel(`${MEASURES_TEXT.pulledToHeld}, cm`), (field) => field.fill('13.4'));
  await act(button(page, SIGNS_TEXT.nothingWrong));
  await act(button(page, SIMULATED_TEXT.passKeepItAs));
  await expect(button(page, AFTER_PASS_TEXT.seam)).toBeFocused();
  counted('from a setting to a card, with one failed test', 12);

  // Choosing an operation.
  await act(button(page, AFTER_PASS_TEXT.seam));
  await expect(page.getByRole('heading', { level: 2, name: SEW_TEXT.before })).toBeFocused();

  // Begin.
  await act(button(page, SEW_TEXT.begin));
  const step = page.getByRole('region', { name: SEW_TEXT.step });
  await expect(step.getByRole('heading', { level: 2 })).toBeFocused();

  // Something's wrong, and back to the step.
  await button(page, SEW_TEXT.wrong).click();
  await expect(page.getByRole('heading', { level: 3, name: SEW_TEXT.whatSeen })).toBeFocused();
  await button(page, SEW_TEXT.backToStep(1)).click();
  await expect(step.getByRole('heading', { level: 2 })).toBeFocused();

  // Log.
  const sewn = page.getByRole('heading', { level: 1, name: /: sewn$/ });
  const onward = step.getByRole('button').first();
  while (!(await sewn.isVisible())) {
    const before = await step.getByRole('heading', { level: 2 }).textContent();
    await act(onward);
    await expect(sewn.or(step.getByRole('heading', { level: 2 }).filter({ hasNotText: before! }))).toBeVisible();
  }
  await expect(sewn).toBeFocused();
  await act(page.getByRole('button', { name: 'Good', exact: true }));
  await act(button(page, SEW_TEXT.logItAndChoose));
  await expect(page.getByRole('heading', { level: 1, name: SEW_TEXT.title })).toBeFocused();
  counted('a seam sewn and logged', 9);
});
