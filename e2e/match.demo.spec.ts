import type { Page } from '@playwright/test';
import { WHY_TEXT } from '../src/features/match/text';
import { OPERATION, OPERATION_GROUPS } from '../src/core/setup';
import { answered, axeFindingsInBoth, expect, openDemo, reading, test } from './page';
import {
  ANSWER_TEXT,
  CONTRAST_TEXT,
  GIVE_CHART_TEXT,
  IMPOSSIBLE_TEXT,
  REFUSAL_TEXT,
  SCHOOLS_TEXT,
  SEW_LIKE_THIS_TEXT,
  TURN_DIAL_TEXT,
} from '@/features/match/text';
import { BAR_TEXT } from '@/parts/machineBar/text';
import { INLINE_EDIT_TEXT } from '@/ui/text';
import { JOB_CLOTHS_TEXT } from '@/features/jobs/text';

async function openMerino(page: Page) {
  await openDemo(page, '/match?cloth=merino');
  await answered(page);
}

test('a dial moved by hand: risks, give, reasons and the machine bar follow, and the best is one press away', async ({
  page,
}) => {
  await openMerino(page);
  const strip = page.getByRole('complementary', { name: BAR_TEXT.onTheMachine });
  const width = reading(page, 'Width');
  await expect(width).toContainText('2');
  // What stands behind a rule stands clear of it.
  const ruled = page.locator('dl > div').filter({ has: page.locator('dt', { hasText: /^Width$/ }) });
  expect(await ruled.first().evaluate((cell) => parseFloat(getComputedStyle(cell).paddingLeft))).toBeGreaterThan(8);
  await page.getByRole('button', { name: /^Width 2 mm, turn by hand/ }).click();
  const chart = page.getByRole('img', { name: /Risks along the width dial/ });
  await expect(chart).toBeVisible();
  for (let i = 0; i < 5; i += 1) await page.getByRole('button', { name: 'Width up' }).click();
  await expect(width).toContainText('2.5');
  await expect(strip).toContainText('2.5 mm');
  await expect(page.getByText('You set this; 2 mm is usual here.')).toBeVisible();
  const contrast = page.getByRole('region', { name: JOB_CLOTHS_TEXT.insteadOf('Width: 2.5 mm', '2 mm') });
  await expect(contrast).toContainText(CONTRAST_TEXT.why);
  await expect(contrast).toContainText('Sew 10 cm with each, side by side on one scrap of 2 layers');
  await expect(page.getByText(/estimate 4\d–50%/)).toBeVisible();
  const slider = page.getByRole('slider', { name: 'Width' });
  await slider.focus();
  await page.keyboard.press('Home');
  await expect(page.getByText('Thread popped').first()).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'Thread popped' })).toContainText('high');
  await page.getByRole('button', { name: ANSWER_TEXT.backToTheBest }).click();
  await expect(width).toContainText('2');
  await expect(page.getByText(WHY_TEXT.allLow)).toBeVisible();
  await page
    .getByRole('region', { name: TURN_DIAL_TEXT.byHand('Width') })
    .getByRole('button', { name: TURN_DIAL_TEXT.done })
    .click();
  await expect(chart).toHaveCount(0);
});

test('what would strike metal is refused with a drawing, and nothing changes', async ({ page }) => {
  await openMerino(page);
  await page.getByRole('button', { name: INLINE_EDIT_TEXT.change('Standard', 'plate') }).click();
  await page.getByRole('menuitemradio', { name: /Straight-stitch.*would hit/ }).click();
  await expect(page.getByRole('heading', { name: REFUSAL_TEXT.thatWouldBreakA })).toBeVisible();
  await expect(page.getByRole('img', { name: /The needle reaches from -1.4 to 1.4 mm/ })).toBeVisible();
  await expect(reading(page, 'Plate')).toContainText('Standard');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: REFUSAL_TEXT.thatWouldBreakA })).toHaveCount(0);
});

test('up to three settings stand side by side, and any of them is taken', async ({ page }) => {
  await openMerino(page);
  await page.getByRole('button', { name: SEW_LIKE_THIS_TEXT.keepToCompare }).click();
  await page.getByRole('button', { name: /^Triple straight.*stretches/ }).click();
  const table = page.getByRole('region', { name: ANSWER_TEXT.settingsSideBySide });
  await expect(table.getByRole('columnheader')).toHaveCount(2);
  await page.getByRole('button', { name: SEW_LIKE_THIS_TEXT.keepToCompare }).click();
  await page.getByRole('button', { name: /^Three-step zigzag.*stretches/ }).click();
  await expect(table.getByRole('columnheader')).toHaveCount(3);
  await expect(table.getByRole('row', { name: /Stitch \(different\)/ })).toBeVisible();
  await expect(table.getByRole('row', { name: /Seam stretch \(needs 25%\)/ })).toContainText('to 50%');
  await table.getByRole('button', { name: /^Use Zigzag/ }).click();
  await expect(reading(page, 'Stitch')).toContainText('Zigzag');
  await table.getByRole('button', { name: /^Remove Triple straight/ }).click();
  // One alone is nothing to compare.
  await expect(table).toHaveCount(0);
});

test('two schools side by side, and the one chosen is followed from then on', async ({ page }) => {
  await openMerino(page);
  await page.getByText(SCHOOLS_TEXT.whereGoodSewistsDiffer).click();
  const school = page.getByRole('region', { name: 'Seams in knits' });
  await school.getByRole('button', { name: 'a short, wide zigzag' }).click();
  await expect(school.getByRole('columnheader', { name: 'a short, wide zigzag' })).toBeVisible();
  await expect(school.getByText(/trimmed to the stitching/)).toBeVisible();
  await school.getByRole('button', { name: /^whatever stretches enough, change/ }).click();
  await page.getByRole('menuitemradio', { name: 'triple straight' }).click();
  await expect(reading(page, 'Stitch')).toContainText('Triple straight');
  await page.reload();
  await answered(page);
  await expect(reading(page, 'Stitch')).toContainText('Triple straight');
});

test('give at other widths and lengths is drawn against what the seam needs', async ({ page }) => {
  await openMerino(page);
  await page.getByText(GIVE_CHART_TEXT.giveAtOtherWidths).click();
  await expect(
    page.getByRole('img', { name: /the seam needs 25 percent; these settings give 3\d percent/ }),
  ).toBeVisible();
});

test('operations of every group in the sentence have an answer', async ({ page }) => {
  test.setTimeout(240_000);
  await openMerino(page);
  // All of them with every cloth are answered in the core's own tests.
  for (const kind of OPERATION_GROUPS.map((group) => group.kinds.at(-1)!)) {
    await page.getByRole('button', { name: /, change seam/ }).click();
    await page.getByRole('menuitemradio', { name: OPERATION[kind].name, exact: true }).click();
    await expect(page.getByRole('button', { name: `${OPERATION[kind].name}, change seam` })).toBeVisible();
    await expect(reading(page, 'Stitch').or(page.getByText(IMPOSSIBLE_TEXT.notWithThisMachine))).toBeVisible();
  }
});

test('axe finds nothing wrong with everything open, by daylight and in the evening', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 4200 });
  await openMerino(page);
  await page.getByRole('button', { name: /^Pressure.*turn by hand/ }).click();
  await page.getByRole('button', { name: SEW_LIKE_THIS_TEXT.keepToCompare }).click();
  await page.getByRole('button', { name: /^Triple straight.*stretches/ }).click();
  await page.getByText(SCHOOLS_TEXT.whereGoodSewistsDiffer).click();
  await page.getByRole('region', { name: 'Seams in knits' }).getByRole('button', { name: 'slanted' }).click();
  await page.getByText(GIVE_CHART_TEXT.giveAtOtherWidths).click();
  await page.getByRole('button', { name: /change plate/ }).click();
  await page.getByRole('menuitemradio', { name: /Straight-stitch.*would hit/ }).click();
  await expect(page.getByRole('heading', { name: REFUSAL_TEXT.thatWouldBreakA })).toBeVisible();
  expect(await axeFindingsInBoth(page)).toEqual([]);
});
