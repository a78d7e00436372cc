import type { Page } from '@playwright/test';
import { answered, away, expect, openDemo, printed, test, unsure } from './page';
import {
  AS_SET_TEXT,
  COMPARE_TEXT,
  MEASURES_TEXT,
  NOTES_TEXT,
  SCRAP_PAGE_TEXT,
  SIGNS_TEXT,
  SIMULATED_TEXT,
  STITCHES_TEXT,
} from '@/features/swatch/text';
import { BAR_TEXT } from '@/parts/machineBar/text';
import { EVIDENCE_TEXT, SEW_LIKE_THIS_TEXT } from '@/features/match/text';
import { KEEPSAKES_TEXT, STALENESS_TEXT, THREAD_TEXT } from '@/features/ledger/text';
import { TAUGHT_TEXT } from '@/features/workroom/text';

const line = (page: Page, number: number) => page.getByRole('heading', { name: new RegExp(`^Test ${number}:`) });

test('a scrap is planned from what is in doubt, and printed at true scale with its labels', async ({ page }) => {
  await openDemo(page, '/match?cloth=merino');
  await answered(page);
  await page.getByRole('button', { name: SEW_LIKE_THIS_TEXT.testOnScrap }).click();
  await expect(line(page, 1)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Test 1' })).toContainText(
    /The settings from Match: how it looks, how it feeds and whether it stretches enough/,
  );
  await expect(page.getByText(/tests? planned and not sewn yet/)).toBeVisible();
  await page.getByRole('button', { name: /^Test 2: to come/ }).click();
  await expect(page.getByText(/^Next, along the fabric\./)).toBeVisible();
  await expect(page.getByLabel(`${MEASURES_TEXT.afterSewing}, cm`)).toHaveCount(0);

  await page.getByRole('button', { name: SCRAP_PAGE_TEXT.printTheScrapAt }).click();
  const sheet = await printed(page);
  await expect(page.getByRole('complementary', { name: BAR_TEXT.onTheMachine })).toBeHidden();
  // 100 mm between the marks on paper: 96 CSS pixels are an inch by definition.
  const marked = await sheet
    .locator('svg')
    .nth(1)
    .evaluate((svg) => {
      const { width } = svg.getBoundingClientRect();
      return ((width / Number(svg.getAttribute('viewBox')!.split(' ')[2])) * 100 * 25.4) / 96;
    });
  expect(marked).toBeCloseTo(100, 1);
  await expect(sheet.getByRole('listitem', { includeHidden: true }).first()).toContainText(
    /needle Ballpoint .* length .* tension/,
  );
  await away(page);

  await page.getByRole('button', { name: SIMULATED_TEXT.leaveItOut }).click();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Test 2: to come/ })).toBeVisible();
});

test('a simulated machine with two hidden faults is brought to a card by following only the advice', async ({
  page,
}) => {
  await openDemo(page, '/match?cloth=merino');
  await answered(page);
  await page.getByRole('button', { name: SEW_LIKE_THIS_TEXT.testOnScrap }).click();
  await expect(line(page, 1)).toBeVisible();
  await page.getByText(SIMULATED_TEXT.ask).click();
  await page.getByLabel(SIMULATED_TEXT.which).click();
  await page.getByRole('option', { name: SIMULATED_TEXT.one(9) }).click();
  const pass = page.getByRole('button', { name: SIMULATED_TEXT.passKeepItAs });
  const said = page.getByRole('region', { name: /Change one thing|One question first/ });
  let lines = 0;
  for (;;) {
    lines += 1;
    expect(lines, 'lines until one passes').toBeLessThanOrEqual(8);
    await expect(line(page, lines)).toBeVisible();
    await page.getByRole('button', { name: SIMULATED_TEXT.sew }).click();
    await expect(page.getByText(SIMULATED_TEXT.by(9))).toBeVisible();
    if (await pass.isEnabled()) break;
    await unsure(said);
    const change = said.getByRole('button', { name: /^Do this in test/ });
    await change.click();
  }
  console.log(`   lines until the machine with two hidden faults passed: ${lines}`);
  expect(lines, 'each fault takes a change of its own').toBeGreaterThan(2);
  // Its picture is there: cloth and two threads, not an empty canvas.
  await expect
    .poll(() =>
      page.getByRole('img', { name: /The simulated swatch/ }).evaluate((canvas: HTMLCanvasElement) => {
        const { data } = canvas.getContext('2d')!.getImageData(0, 0, canvas.width, canvas.height);
        return new Set(data.filter((_, i) => i % 400 === 0)).size;
      }),
    )
    .toBeGreaterThan(10);
  // What a simulated machine measured is not changed by hand.
  await expect(page.getByLabel(`${MEASURES_TEXT.afterSewing}, cm`)).toBeDisabled();
  await pass.click();
  await page.getByRole('link', { name: /Open its settings card/ }).click();
  await expect(page.getByText(/Passed on a simulated machine only/)).toBeVisible();
});

test('two lines lie side by side with what differs marked, and what was varied is charted', async ({ page }) => {
  await openDemo(page, '/test?id=merino-side');
  await page.getByText(COMPARE_TEXT.compareLines).click();
  await page.getByLabel(COMPARE_TEXT.oneLine).click();
  await page.getByRole('option', { name: 'Test 1' }).click();
  await page.getByLabel(COMPARE_TEXT.theOther).click();
  await page.getByRole('option', { name: 'Test 2' }).click();
  const table = page.getByRole('table', { name: COMPARE_TEXT.twoLinesSideBy });
  const differing = table.locator('tr[data-differs]');
  await expect(differing.filter({ hasText: 'Width' })).toContainText('1 mm');
  await expect(differing.filter({ hasText: 'Needle' })).toHaveCount(0);
  await expect(page.getByRole('img', { name: /^seam stretch by width\. test 1: 19%, test 2: 23%\.$/ })).toBeVisible();
});

test('a line is given up, taken up again next week, and sewn once more; where it is and its notes stay', async ({
  page,
}) => {
  await openDemo(page, '/test?id=merino-side');
  await page.getByRole('textbox', { name: NOTES_TEXT.notes }).fill('Left the tails long.');
  await page.getByRole('textbox', { name: SCRAP_PAGE_TEXT.whereTheScrapIs }).fill('Blue tin');
  await page.getByRole('button', { name: 'Stretched, wavy seam: not seen' }).click();
  await page.getByLabel('Where: stretched, wavy seam').click();
  await page.getByRole('option', { name: 'at the end' }).click();
  await page.getByRole('button', { name: SIMULATED_TEXT.skipThisLine }).click();
  await expect(page.getByRole('button', { name: /^Test 3: skipped/ })).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: /^Test 3: skipped/ }).click();
  await expect(page.getByRole('textbox', { name: NOTES_TEXT.notes })).toHaveValue('Left the tails long.');
  await expect(page.getByRole('textbox', { name: SCRAP_PAGE_TEXT.whereTheScrapIs })).toHaveValue('Blue tin');
  await expect(page.getByLabel('Where: stretched, wavy seam')).toContainText('at the end');
  await page.getByRole('button', { name: SIMULATED_TEXT.takeItUpAgain }).click();
  await expect(page.getByRole('button', { name: SIMULATED_TEXT.skipThisLine })).toBeVisible();
  await page.getByRole('button', { name: 'Stretched, wavy seam: slight' }).click();
  await page.getByRole('button', { name: 'Stretched, wavy seam: clear' }).click();
  await page.getByRole('button', { name: 'Stretched, wavy seam: bad' }).click();
  await expect(page.getByRole('button', { name: /^Nothing wrong/ })).toHaveAttribute('aria-pressed', 'true');
  await page.getByLabel(`${MEASURES_TEXT.afterSewing}, cm`).fill('10.1');
  await page.getByLabel(`${MEASURES_TEXT.pulledToHeld}, cm`).fill('12.9');
  await page.getByRole('button', { name: SIMULATED_TEXT.passKeepItAs }).click();
  await page.getByRole('button', { name: SIMULATED_TEXT.sewItOnceMore }).click();
  // It comes before what is still planned.
  await expect(line(page, 4)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Test 5: to come/ })).toBeVisible();
});

test('a line takes its setting from the machine bar, so that nothing is typed twice', async ({ page }) => {
  await openDemo(page, '/test?id=merino-side');
  await expect(page.getByText(/^Not ticked off on the machine bar yet: needle, foot, thread/)).toBeVisible();
  await page.getByRole('button', { name: 'All set' }).click();
  await expect(page.getByText(AS_SET_TEXT.theMachineIsSet)).toBeVisible();
  // Sewn a step wider than planned: the machine bar knows, the line takes it.
  await page.getByRole('button', { name: 'Width up' }).click();
  await expect(page.getByText(/^Not ticked off on the machine bar yet: width\./)).toBeVisible();
  await page.getByRole('button', { name: AS_SET_TEXT.takeWhatIsOn }).click();
  await expect(page.getByRole('heading', { name: 'Test 3: zigzag, stitch 04, 2.5 × 2 mm' })).toBeVisible();
});

test('a card that is out of date says why, and one line proves it again', async ({ page }) => {
  await openDemo(page, '/log?id=card-curtain-hem');
  await expect(page.getByRole('note').getByText('The machine has been serviced since')).toBeVisible();
  await page.getByRole('button', { name: STALENESS_TEXT.testItAgainWith }).click();
  await expect(line(page, 1)).toBeVisible();
  await page.getByRole('button', { name: SIGNS_TEXT.nothingWrong }).click();
  await page.getByRole('button', { name: SIMULATED_TEXT.passTheCardIs }).click();
  await page.getByRole('link', { name: /Open its settings card/ }).click();
  await expect(page.getByText('✓ Tested on a swatch today')).toBeVisible();
  await expect(page.getByText(/^today, after: The machine has been serviced since/)).toBeVisible();
  await expect(page.getByText('Out of date: something has changed')).toHaveCount(0);

  await page.getByRole('textbox', { name: KEEPSAKES_TEXT.whereTheScrapIs }).fill('Ring binder, page 4');
  await page.getByLabel(KEEPSAKES_TEXT.photoOfTheScrap).setInputFiles('docs/screenshots/card.png');
  await expect(page.getByRole('img', { name: /^Photo of the swatch of/ })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('textbox', { name: KEEPSAKES_TEXT.whereTheScrapIs })).toHaveValue('Ring binder, page 4');
  await page.getByRole('button', { name: THREAD_TEXT.deleteThisCard }).click();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('link', { name: /Lawn for the curtains: hem/ })).toBeVisible();
  await page.goto('/log?id=card-curtain-hem');
  await expect(page.getByRole('img', { name: /^Photo of the swatch of/ })).toBeVisible();
});

test('cards are evidence in Match, and what they taught of a machine can be looked at and forgotten', async ({
  page,
}) => {
  await openDemo(page, '/match?cloth=deck');
  await answered(page);
  const proof = page.locator('section', { has: page.getByRole('heading', { name: EVIDENCE_TEXT.yourCards }) });
  await expect(proof.getByRole('listitem').first()).toContainText(/the same fabric and seam, this machine/);
  await page.goto('/workroom?machine=green');
  const taught = page.getByRole('region', { name: TAUGHT_TEXT.whatItsCardsTaught });
  await expect(taught).toContainText(/from \d cards, spread ±/);
  await taught.getByRole('button', { name: TAUGHT_TEXT.forget('needle tension') }).click();
  await expect(taught.getByText(TAUGHT_TEXT.needleTension)).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(taught.getByText(TAUGHT_TEXT.needleTension)).toBeVisible();
});

test('every sign can be told from every other at 64 px', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 1000 });
  await openDemo(page, '/test/signs');
  await expect(page.locator('svg[data-sign]')).toHaveCount(32);
  // Each is drawn on 64 by 64, blurred a little as an eye at arm's length would, and held against all others.
  const nearest = await page.evaluate(async () => {
    const SIZE = 64;
    const names: string[] = [];
    const pictures: number[][] = [];
    for (const svg of document.querySelectorAll<SVGSVGElement>('svg[data-sign]')) {
      const copy = svg.cloneNode(true) as SVGSVGElement;
      copy.setAttribute('width', String(SIZE));
      copy.setAttribute('height', String(SIZE));
      // Colour is not needed to tell them apart: everything is drawn in ink.
      const text = new XMLSerializer()
        .serializeToString(copy)
        .replaceAll(/var\(--(ink|red|green)\)/g, '#231f2c')
        .replaceAll(/var\(--ink-2\)/g, '#625b6b')
        .replaceAll(/var\(--(rule|sheet)\)/g, '#fffcf6');
      const image = new Image();
      image.src = `data:image/svg+xml,${encodeURIComponent(text)}`;
      await image.decode();
      const pen = new OffscreenCanvas(SIZE, SIZE).getContext('2d')!;
      pen.fillStyle = '#fffcf6';
      pen.fillRect(0, 0, SIZE, SIZE);
      pen.filter = 'blur(1px)';
      pen.drawImage(image, 0, 0, SIZE, SIZE);
      const { data } = pen.getImageData(0, 0, SIZE, SIZE);
      names.push(svg.dataset.sign!);
      pictures.push(Array.from({ length: SIZE * SIZE }, (_, i) => data[4 * i]));
    }
    let least = { apart: Infinity, pair: '' };
    for (let i = 0; i < pictures.length; i += 1)
      for (let j = 0; j < i; j += 1) {
        const differing = pictures[i].filter((value, k) => Math.abs(value - pictures[j][k]) > 30).length;
        const apart = differing / (SIZE * SIZE);
        if (apart < least.apart) least = { apart, pair: `${names[i]} and ${names[j]}` };
      }
    return least;
  });
  console.log(`   nearest signs: ${nearest.pair}, ${(100 * nearest.apart).toFixed(1)}% of their pixels differ`);
  expect(nearest.apart, nearest.pair).toBeGreaterThan(0.03);
});

test('three stitches are tried side by side, each on a line of its own', async ({ page }) => {
  await openDemo(page, '/test?id=merino-side');
  const drawn = page.getByRole('region', { name: SCRAP_PAGE_TEXT.scrap });
  await expect(drawn).toBeVisible();
  await page.getByRole('button', { name: STITCHES_TEXT.offer }).click();
  await expect(page.getByText(/Tests planned: /).first()).toBeVisible();
  // Every stitch has its line now.
  await page.getByRole('button', { name: STITCHES_TEXT.offer }).click();
  await expect(page.getByText(STITCHES_TEXT.none)).toBeVisible();
  await page.getByText(COMPARE_TEXT.compareLines).click();
  await expect(page.getByRole('row', { name: /Seconds per metre/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /Thread per metre/ })).toBeVisible();
});
