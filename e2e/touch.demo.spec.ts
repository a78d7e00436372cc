import type { Page } from '@playwright/test';
import { answered, expect, openDemo, test } from './page';
import {
  AFTER_PASS_TEXT,
  LINE_PANEL_TEXT,
  MEASURES_TEXT,
  SCRAP_PAGE_TEXT,
  SIGNS_TEXT,
  SIMULATED_TEXT,
} from '@/features/swatch/text';
import { SEW_LIKE_THIS_TEXT } from '@/features/match/text';
import { TEXT as SEW_TEXT } from '@/features/sew/text';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });

/** From a setting over a passed test into the steps of the seam, by touch alone. */
async function throughTheWork(page: Page, look: (page: Page) => Promise<void>) {
  await openDemo(page, '/match?cloth=merino');
  await answered(page);
  await button(page, SEW_LIKE_THIS_TEXT.testOnScrap).tap();
  await expect(page.getByRole('heading', { level: 2, name: /^Test 1/ })).toBeInViewport();
  await page.getByLabel(`${MEASURES_TEXT.afterSewing}, cm`).fill('10.1');
  await page.getByLabel(`${MEASURES_TEXT.pulledToHeld}, cm`).fill('13.4');
  await look(page);
  await button(page, SIGNS_TEXT.nothingWrong).tap();
  await button(page, SIMULATED_TEXT.passKeepItAs).tap();
  await expect(button(page, AFTER_PASS_TEXT.seam)).toBeInViewport();
  await button(page, AFTER_PASS_TEXT.seam).tap();
  await button(page, SEW_TEXT.begin).tap();
  const next = page.getByRole('region', { name: SEW_TEXT.step }).getByRole('button').first();
  await next.tap();
  await expect(page.getByRole('list', { name: SEW_TEXT.progress(2, 4) })).toBeVisible();
}

test.describe('on a phone', () => {
  test.use({ hasTouch: true, isMobile: true, viewport: { width: 390, height: 844 } });

  test('a test shows measures and signs each under the drawing, and leads on into the seam', async ({ page }) => {
    await throughTheWork(page, async () => {
      await expect(button(page, SIGNS_TEXT.nothingWrong)).toHaveCount(0);
      await page.getByRole('tab', { name: LINE_PANEL_TEXT.look }).tap();
      await expect(page.getByLabel(`${MEASURES_TEXT.afterSewing}, cm`)).toHaveCount(0);
      // Drawing, test and decision together: it was close to four screens once.
      const test = (await page.getByRole('region', { name: LINE_PANEL_TEXT.line(1) }).boundingBox())!;
      const top = await page.evaluate(() => window.scrollY);
      expect(top + test.y + test.height).toBeLessThan(2.5 * 844);
      // What is done with the swatch as a whole is folded below.
      await expect(button(page, SCRAP_PAGE_TEXT.printTheScrapAt)).toHaveCount(0);
      await button(page, SCRAP_PAGE_TEXT.about).tap();
      await expect(button(page, SCRAP_PAGE_TEXT.printTheScrapAt)).toBeVisible();
    });
  });
});

test.describe('on a tablet', () => {
  test.use({ hasTouch: true, isMobile: true, viewport: { width: 820, height: 1180 } });

  test('the same path is one tap after the other', async ({ page }) => throughTheWork(page, async () => {}));
});
