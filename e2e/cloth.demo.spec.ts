import type { Page } from '@playwright/test';
import { expect, openDemo, settled, test } from './page';
import {
  BUYING_TEXT,
  CLOTH_PAGE_TEXT,
  CLOTH_PICTURE_TEXT,
  DRAWER_TEXT,
  GAUGE_ROW_TEXT,
  GAUGE_SHELL_TEXT,
  HEAT_GAUGE_TEXT,
  IDENTITY_TEXT,
  LOOK_GAUGES_TEXT,
  PATTERN_FIT_TEXT,
  PUT_AWAY_TEXT,
  STRETCH_GAUGE_TEXT,
  TABLE_GAUGES_TEXT,
  TRUE_SCALE_TEXT,
  WEIGHT_GAUGE_TEXT,
} from '@/features/cloth/text';
import { SCALE_CARD_TEXT, STRETCH_RULER_TEXT } from '@/ui/text';
import { TOOL_TEXT } from '@/features/workroom/text';

const known = (page: Page, name: string) => page.getByRole('button', { name: new RegExp(`^${name}: `) });
const gauge = (page: Page, name: string) =>
  page.getByRole('tablist', { name: GAUGE_ROW_TEXT.instruments }).getByRole('tab', { name: new RegExp(`^${name}`) });
const typed = (page: Page, label: string) => page.getByRole('textbox', { name: label });
const keep = (page: Page) => page.getByRole('button', { name: GAUGE_SHELL_TEXT.keepThisReading });

test('a cloth is measured with every gauge, and each number says that it was measured', async ({ page }) => {
  await openDemo(page, '/fabric?id=vinyl');
  await expect(known(page, 'Stretch across')).toContainText('assumed for vinyl');

  // True to scale with a bank card: the outline is as wide as 85.6 mm at the chosen size.
  await page.getByRole('button', { name: TRUE_SCALE_TEXT.makeItTrueWith }).click();
  await page.getByRole('slider', { name: SCALE_CARD_TEXT.widthOfTheOutline }).focus();
  await page.keyboard.press('ArrowRight');
  await page.getByRole('button', { name: TRUE_SCALE_TEXT.itMatches }).click();
  await expect(page.getByText(TRUE_SCALE_TEXT.thisRulerIsTrue)).toBeVisible();

  // Stretch: one pull typed, one dragged; both ways.
  await typed(page, STRETCH_GAUGE_TEXT.pulledTo).fill('11,8');
  await typed(page, STRETCH_RULER_TEXT.letGo2).fill('10,2');
  await keep(page).click();
  const pulled = page.getByRole('slider', { name: STRETCH_GAUGE_TEXT.pulledTo });
  await pulled.focus();
  await pulled.press('ArrowLeft');
  await expect(typed(page, STRETCH_GAUGE_TEXT.pulledTo)).not.toHaveValue('');
  await typed(page, STRETCH_GAUGE_TEXT.pulledTo).fill('11,4');
  await typed(page, STRETCH_RULER_TEXT.letGo2).fill('10,1');
  await keep(page).click();
  await expect(known(page, 'Stretch across')).toContainText('2 times, 16% ± 2.8');
  await page.getByRole('button', { name: 'Along', exact: true }).click();
  await typed(page, STRETCH_GAUGE_TEXT.pulledTo).fill('10,5');
  await keep(page).click();
  await expect(known(page, 'Stretch along')).toContainText('measured once');

  await gauge(page, 'Weight').click();
  await typed(page, WEIGHT_GAUGE_TEXT.width).fill('10');
  await typed(page, WEIGHT_GAUGE_TEXT.length).fill('10');
  await typed(page, 'Weight').fill('600');
  await expect(page.getByText(/expected a weight that makes 5 to 3000/i)).toBeVisible();
  await expect(keep(page)).toBeDisabled();
  await typed(page, 'Weight').fill('6,4');
  await keep(page).click();
  await expect(known(page, 'Weight')).toContainText('640 g/m²');
  // Any scrap by its outline: 80 × 60 mm tapped on the true-scale board, by keyboard here.
  await page.getByRole('button', { name: WEIGHT_GAUGE_TEXT.traceIt }).click();
  await typed(page, 'Corners').fill('0,0; 80,0; 80,60; 0,60');
  await typed(page, 'Weight').fill('3.12');
  await expect(page.getByText('650 g/m²')).toBeVisible();
  await keep(page).click();
  await expect(known(page, 'Weight')).toContainText('645 g/m²');

  await gauge(page, 'Thickness').click();
  await typed(page, TABLE_GAUGES_TEXT.layers).fill('0');
  await typed(page, TABLE_GAUGES_TEXT.heightOfTheStack).fill('4');
  await expect(page.getByText('At least 1 here.')).toBeVisible();
  await typed(page, TABLE_GAUGES_TEXT.layers).fill('5');
  await keep(page).click();
  await expect(known(page, 'Thickness')).toContainText('0.8 mm');

  await gauge(page, 'Shrink').click();
  await typed(page, TABLE_GAUGES_TEXT.before).fill('50');
  await typed(page, TABLE_GAUGES_TEXT.afterAcross).fill('49.5');
  await typed(page, TABLE_GAUGES_TEXT.afterAlong).fill('480 mm');
  await expect(page.getByText(/It shrank 4.0% in wash 1/)).toBeVisible();
  await keep(page).click();
  await expect(known(page, 'Shrinks')).toContainText('4% along, 1% across');

  await gauge(page, 'Stiffness').click();
  await typed(page, TABLE_GAUGES_TEXT.overhang).fill('6');
  await keep(page).click();
  await expect(known(page, 'Stiffness')).toContainText('mg·cm');

  await gauge(page, 'Fray').click();
  await typed(page, LOOK_GAUGES_TEXT.looseYarn).fill('0');
  await keep(page).click();
  await expect(known(page, 'Frays')).toContainText('hardly');

  await gauge(page, 'Pin hole').click();
  await page.getByRole('button', { name: LOOK_GAUGES_TEXT.theHoleCloses }).click();
  await expect(known(page, 'Pin holes')).toContainText('close');

  await gauge(page, 'Bleed').click();
  await page.getByRole('button', { name: LOOK_GAUGES_TEXT.rinse(1, 'It bleeds') }).click();
  await page.getByRole('button', { name: LOOK_GAUGES_TEXT.rinse(2, 'Stays white: the colour holds') }).click();
  await expect(known(page, 'Bleeds')).toContainText('rinse 2 ran clear');

  await gauge(page, 'Heat').click();
  await expect(page.getByRole('note')).toContainText('A hot iron burns');
  const step = (soleC: number) => page.getByRole('listitem').filter({ hasText: new RegExp(`^${soleC} °C`) });
  await step(110).getByRole('button', { name: HEAT_GAUGE_TEXT.noMark }).click();
  await step(150).getByRole('button', { name: HEAT_GAUGE_TEXT.itShines }).click();
  await expect(page.getByText(HEAT_GAUGE_TEXT.notThisHotIt('150 °C'))).toBeVisible();
  await expect(known(page, 'Iron')).toContainText(HEAT_GAUGE_TEXT.cAtMost(110));
  await expect(page.getByRole('list').filter({ has: known(page, 'Iron') })).not.toContainText('assumed');
});

test('half-entered marks survive a reload, and a reading set aside gives back what was assumed', async ({ page }) => {
  await openDemo(page, '/fabric?id=fleece');
  await expect(known(page, 'Stretch across')).toContainText('36%');
  await typed(page, STRETCH_GAUGE_TEXT.pulledTo).fill('14,4');
  await page.reload();
  await expect(typed(page, STRETCH_GAUGE_TEXT.pulledTo)).toHaveValue('14,4');
  await page.getByRole('button', { name: GAUGE_SHELL_TEXT.reading('Leave out', 1) }).click();
  await expect(known(page, 'Stretch across')).toContainText('assumed for fleece');
  await page.getByRole('button', { name: GAUGE_SHELL_TEXT.reading('Use again', 1) }).click();
  await expect(known(page, 'Stretch across')).toContainText('36%');
});

test('what follows: pressing by the heat ladder, the fit to a pattern, how much to buy', async ({ page }) => {
  await openDemo(page, '/fabric?id=habotai');
  await page.getByRole('tab', { name: CLOTH_PAGE_TEXT.whatFollows }).click();
  await expect(page.getByText(/Press at 110 °C at most/)).toBeVisible();
  await page.goto('/fabric?id=merino');
  await page.getByRole('tab', { name: CLOTH_PAGE_TEXT.whatFollows }).click();
  await typed(page, PATTERN_FIT_TEXT.firstMark).fill('10');
  await typed(page, PATTERN_FIT_TEXT.mustReach).fill('16');
  await expect(page.getByText(/It does not reach the mark.*It stops 10 mm short/)).toBeVisible();
  await typed(page, PATTERN_FIT_TEXT.mustReach).fill('9');
  await expect(page.getByText(/Expected at least the first mark/)).toBeVisible();
  await typed(page, PATTERN_FIT_TEXT.mustReach).fill('13');
  await expect(page.getByText(/reaches the mark with room to spare/)).toBeVisible();

  await page.getByRole('tab', { name: CLOTH_PAGE_TEXT.buying }).click();
  await typed(page, 'The pattern asks for').fill('1,5');
  await typed(page, BUYING_TEXT.atAWidthOf).fill('140');
  await typed(page, BUYING_TEXT.widthOfThisFabric).fill('140');
  await expect(page.getByText(/Ask the shop for 1.7 m/)).toBeVisible();
  await typed(page, BUYING_TEXT.widestPiece).fill('150');
  await expect(page.getByText(BUYING_TEXT.itDoesNotFit, { exact: true })).toBeVisible();
});

test('a family is a start: what it brings can be taken off, and Match follows', async ({ page }) => {
  await openDemo(page, '/fabric?id=neoprene');
  await page.getByRole('tab', { name: 'What it is' }).click();
  const traits = page.getByRole('group', { name: IDENTITY_TEXT.itAlso });
  await expect(traits.getByLabel(/pin holes stay \(measured\)/)).toBeDisabled();
  await expect(traits.getByLabel(IDENTITY_TEXT.meltsOrShines)).toBeChecked();
  await traits.getByLabel(IDENTITY_TEXT.meltsOrShines).uncheck();
  await settled(page);
  await page.reload();
  await page.getByRole('tab', { name: 'What it is' }).click();
  await expect(traits.getByLabel(IDENTITY_TEXT.meltsOrShines)).not.toBeChecked();
});

test('a cloth that cards hang on is put away rather than lost, and comes back', async ({ page }) => {
  await openDemo(page, '/fabric?id=deck');
  await page.getByRole('button', { name: PUT_AWAY_TEXT.deleteThisFabric }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('1 card, 1 swatch, 1 project and what is on a machine now use Deck canvas');
  await dialog.getByRole('button', { name: TOOL_TEXT.archive }).click();
  await expect(page.getByRole('link', { name: /Deck canvas/ })).toHaveCount(0);
  await page.getByLabel(DRAWER_TEXT.showThePutAway(1)).check();
  await page.getByRole('link', { name: /Deck canvas/ }).click();
  await page.getByRole('button', { name: PUT_AWAY_TEXT.unarchive }).click();
  await page.getByRole('link', { name: CLOTH_PAGE_TEXT.allCloths }).click();
  await expect(page.getByRole('link', { name: /Deck canvas/ })).toBeVisible();
  await page.goto('/log?id=card-canvas-seam');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Deck canvas');
});

test('a photo of the real thing is shrunk, kept through a reload, and can be taken off', async ({ page }) => {
  await openDemo(page, '/fabric?id=lawn');
  const big = await page.evaluate(async () => {
    const canvas = document.createElement('canvas');
    canvas.width = 2400;
    canvas.height = 1600;
    const pen = canvas.getContext('2d')!;
    for (let i = 0; i < 60; i += 1) {
      pen.fillStyle = `hsl(${i * 6} 40% 70%)`;
      pen.fillRect(i * 40, 0, 40, 1600);
    }
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'));
    return [...new Uint8Array(await blob!.arrayBuffer())];
  });
  const input = page.getByLabel(CLOTH_PICTURE_TEXT.photoOfTheCloth);
  await input.setInputFiles({ name: 'lawn.png', mimeType: 'image/png', buffer: Buffer.from(big) });
  const photo = page.getByRole('img', { name: CLOTH_PICTURE_TEXT.photographed('Lawn for the curtains') });
  await expect(photo).toBeVisible();
  await page.reload();
  await expect(photo).toBeVisible();
  const size = await photo.evaluate((image: HTMLImageElement) => [image.naturalWidth, image.naturalHeight]);
  expect(size).toEqual([1000, 667]);
  await input.setInputFiles({ name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('no picture') });
  await expect(page.getByText(/notes.txt is not a picture Bobbet can read/)).toBeVisible();
  await page.getByRole('button', { name: CLOTH_PICTURE_TEXT.drawItInstead }).click();
  await expect(page.getByRole('img', { name: 'Drawing of Lawn for the curtains' })).toBeVisible();
});

test('two tabs of one workroom stay in step', async ({ page, context }) => {
  await openDemo(page, '/fabric?id=fleece');
  const other = await context.newPage();
  await other.goto('/fabric?id=fleece');
  await expect(known(other, 'Stretch across')).toContainText('36%');
  await typed(page, STRETCH_GAUGE_TEXT.pulledTo).fill('14');
  await keep(page).click();
  await expect(known(other, 'Stretch across')).toContainText('2 times');
  await gauge(other, 'Weight').click();
  await typed(other, WEIGHT_GAUGE_TEXT.width).fill('10');
  await typed(other, WEIGHT_GAUGE_TEXT.length).fill('10');
  await typed(other, 'Weight').fill('2.5');
  await keep(other).click();
  await expect(known(page, 'Weight')).toContainText('measured once');
  await expect(known(page, 'Stretch across')).toContainText('2 times');
  await other.close();
});

test('a browser without room says so, and keeps everything stored before', async ({ page }) => {
  await openDemo(page, '/fabric?id=fleece');
  await expect(known(page, 'Stretch across')).toContainText('36%');
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function full(this: IDBObjectStore, ...args: Parameters<typeof put>) {
      if (this.name === 'cloths') throw new DOMException('The quota has been exceeded.', 'QuotaExceededError');
      return put.apply(this, args);
    };
  });
  await typed(page, STRETCH_GAUGE_TEXT.pulledTo).fill('14');
  await keep(page).click();
  await expect(page.getByRole('alert').filter({ hasText: 'No room left' })).toContainText(
    'Everything saved before is still here',
  );
  await page.reload();
  await expect(known(page, 'Stretch across')).toContainText('measured once');
});
