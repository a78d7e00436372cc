import type { Locator, Page } from '@playwright/test';
import { answered, expect, test } from './page';
import { FIRST_KIT_TEXT } from '@/features/firstKit/text';
import { AFTER_PASS_TEXT, MEASURES_TEXT, SIGNS_TEXT, SIMULATED_TEXT } from '@/features/swatch/text';
import { SEW_LIKE_THIS_TEXT, START_TEXT } from '@/features/match/text';
import { TEXT as SEW_TEXT } from '@/features/sew/text';
import { PALETTE_TEXT } from '@/parts/palette/text';
import { MACHINE_KIND } from '@/core/kit';

/** A keyboard that counts: typed letters are no keys here, every other press is one. */
class Keys {
  count = 0;
  private log: string[] = [];
  constructor(private readonly page: Page) {}
  async press(...keys: string[]) {
    for (const key of keys) {
      await this.page.keyboard.press(key);
      this.count += 1;
      this.log.push(key);
    }
  }
  type = (text: string) => this.page.keyboard.type(text);
  /** Presses a key until something has the focus. */
  async until(target: Locator, key = 'Tab', most = 40) {
    await expect(target).toBeVisible();
    for (let presses = 0; presses <= most; presses += 1) {
      if (await target.evaluate((element) => element === document.activeElement)) return;
      await this.press(key);
    }
    throw new Error(`not reached by ${most} times ${key}`);
  }
  /** What was pressed since this was last asked. */
  since(what: string) {
    const keys = this.log.splice(0);
    console.log(`   keys, ${what}: ${keys.length} (${keys.join(' ')})`);
  }
}

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });

test('the whole path by keyboard in at most eighty keys: kit, setting, a failed and a passed test, a seam', async ({
  page,
}) => {
  test.setTimeout(120_000);
  const keys = new Keys(page);
  await page.goto('/');
  await expect(page.getByLabel(START_TEXT.name)).toBeFocused();

  // The kit: a machine by its kind with the feet it comes with, two packs, one spool.
  await keys.press('Control+k');
  await expect(page.getByRole('combobox', { name: PALETTE_TEXT.label })).toBeFocused();
  await keys.type('what do you sew with');
  await keys.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: FIRST_KIT_TEXT.title })).toBeFocused();
  await keys.press('Tab', 'ArrowRight', 'Space');
  await expect(button(page, new RegExp(`^${MACHINE_KIND.basic.name}`))).toHaveAttribute('aria-pressed', 'true');
  await keys.until(button(page, /^Universal 80\/12/));
  await keys.press('Space');
  await keys.until(button(page, /^Ballpoint 80\/12/), 'ArrowRight');
  await keys.press('Space');
  await keys.press('Tab', 'Space');
  await keys.until(button(page, FIRST_KIT_TEXT.save));
  await keys.press('Enter');
  keys.since('kit');

  await expect(page.getByLabel(START_TEXT.name)).toBeFocused();
  await keys.type('cotton jersey');
  await keys.press('Tab');
  await keys.type('15');
  await keys.press('Enter');
  await answered(page);
  await expect(page.getByRole('heading', { level: 1 })).toBeFocused();
  keys.since('first settings');

  await keys.press('m', 'Enter', 'm');
  await expect(page.getByRole('heading', { level: 1 })).toBeFocused();
  keys.since('all set on the machine bar');

  await keys.until(button(page, SEW_LIKE_THIS_TEXT.testOnScrap));
  await keys.press('Enter');
  await expect(page.getByRole('heading', { name: /Test 1/ })).toBeFocused();
  keys.since('to the scrap');

  // The first test skips stitches.
  await keys.until(button(page, SIGNS_TEXT.nothingWrong));
  await keys.until(button(page, /^Skipped stitches/), 'ArrowRight');
  await keys.press('Space');
  await keys.until(button(page, /^Do this in test 2/));
  await keys.press('Enter');
  await expect(page.getByRole('heading', { name: /Test 2/ })).toBeFocused();
  keys.since('a failed test');

  await keys.until(page.getByLabel(`${MEASURES_TEXT.afterSewing}, cm`));
  await keys.type('10.1');
  await keys.press('Tab');
  await keys.type('12.8');
  await keys.until(button(page, SIGNS_TEXT.nothingWrong));
  await keys.press('Space');
  await keys.until(button(page, SIMULATED_TEXT.passKeepItAs));
  await keys.press('Enter');
  await expect(button(page, AFTER_PASS_TEXT.seam)).toBeFocused();
  keys.since('a passed test to a card');

  await keys.press('Enter');
  await expect(page.getByRole('heading', { level: 2, name: SEW_TEXT.before })).toBeFocused();
  await keys.until(button(page, SEW_TEXT.begin));
  await keys.press('Enter');
  const step = page.getByRole('region', { name: SEW_TEXT.step });
  await expect(step.getByRole('heading', { level: 2 })).toBeFocused();
  const sewn = page.getByRole('heading', { level: 1, name: /: sewn$/ });
  while (!(await sewn.isVisible())) {
    await keys.press('Space');
    await page.waitForTimeout(150);
  }
  await expect(sewn).toBeFocused();
  await keys.press('Tab', 'Space');
  await expect(button(page, 'Good')).toHaveAttribute('aria-pressed', 'true');
  await keys.until(button(page, SEW_TEXT.logItAndChoose));
  await keys.press('Enter');
  await expect(page.getByRole('link', { name: /✓ good, today/ })).toBeVisible();
  keys.since('a seam sewn and logged');
  console.log(`   keys for the whole path: ${keys.count}`);
  expect(keys.count).toBeLessThanOrEqual(80);
});
