import type { Page } from '@playwright/test';
import { answered, axeFindings, axeFindingsInBoth, expect, openCards, openDemo, reading, settled, test } from './page';
import { SCREENS } from './screens';
import { ANSWER_TEXT, PICTURE_TEXT, SENTENCE_TEXT, START_TEXT } from '@/features/match/text';
import { BAR_TEXT } from '@/parts/machineBar/text';
import { FILES_TEXT } from '@/features/workroom/files/text';
import { FIND_ORDER_TEXT } from '@/features/jobs/text';
import { FRAME_TEXT, TAPE_TEXT } from '@/parts/frame/text';
import { INLINE_EDIT_TEXT } from '@/ui/text';
import { ONE_CHANGE_TEXT, SIMULATED_TEXT } from '@/features/swatch/text';
import { PUT_AWAY_TEXT, STRETCH_GAUGE_TEXT } from '@/features/cloth/text';

/** Screens that are reached from anywhere and belong to none of the stations. */
const OF_NO_STATION = ['/take', '/start', '/shop', '/check-up'];

/** One of each kind of screen: what can differ in the evening is the colours alone, and those are the theme's. */
const IN_THE_EVENING = [
  '/match?cloth=merino',
  '/fabric?id=merino',
  '/test?id=merino-side',
  '/sew',
  '/today',
  '/projects?id=apron',
  '/log?place=charts',
  '/log?id=card-curtain-hem',
  '/calculator?name=zip',
  '/workroom?place=kit',
];

/** Each looks at half of the screens, so that they run beside each other. */
const PARTS = [0, 1];

for (const part of PARTS)
  test(`axe finds nothing wrong on any screen, none is wider than a 390 px phone, and what is pressed is large enough: part ${part + 1}`, async ({
    page,
  }) => {
    test.setTimeout(420_000);
    await openDemo(page);
    const found: string[] = [];
    for (const screen of SCREENS.filter((_, i) => i % PARTS.length === part)) {
      // Tall enough that the machine bar at the bottom covers nothing, as for a person who has scrolled.
      await page.setViewportSize({ width: 1280, height: 3200 });
      await page.goto(screen);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      await expect(page.getByRole('complementary', { name: BAR_TEXT.onTheMachine })).toContainText('the green machine');
      if (screen.startsWith('/match')) await answered(page);
      if (screen === '/projects?id=apron')
        await expect(page.getByRole('button', { name: FIND_ORDER_TEXT.findTheBestOrder })).toBeEnabled();
      const findings = IN_THE_EVENING.includes(screen) ? await axeFindingsInBoth(page) : await axeFindings(page);
      await page.emulateMedia({ colorScheme: 'light' });
      found.push(...findings.map((finding) => `${screen}: ${finding}`));
      await fitsAPhone(page, screen);
    }
    expect(found).toEqual([]);
  });

async function fitsAPhone(page: Page, screen: string) {
  await page.setViewportSize({ width: 390, height: 844 });
  await settled(page);
  const wide = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect(wide, screen).toBeLessThanOrEqual(0);
  const here = page.getByRole('navigation', { name: TAPE_TEXT.stations }).locator('[aria-current]');
  await expect(here).toHaveCount(OF_NO_STATION.includes(screen) ? 0 : 1);
  for (const station of await here.all()) {
    const box = (await station.boundingBox())!;
    expect(box.x, screen).toBeGreaterThanOrEqual(0);
    expect(box.x + box.width, screen).toBeLessThanOrEqual(390);
  }
  const small = await page.evaluate(() =>
    [...document.querySelectorAll('main button, header button, header a, aside > button')]
      .map((element) => ({ text: element.textContent, box: element.getBoundingClientRect() }))
      .filter(({ box }) => box.width > 0 && box.height < 43.5)
      .map(({ text, box }) => `${text}: ${box.height}`),
  );
  expect(small, screen).toEqual([]);
}

test('security headers are sent with every page', async ({ page }) => {
  const response = await page.goto('/match');
  const headers = response!.headers();
  expect(headers['content-security-policy']).toContain("default-src 'self'");
  expect(headers['content-security-policy']).toContain("frame-ancestors 'none'");
  expect(headers['x-content-type-options']).toBe('nosniff');
  expect(headers['referrer-policy']).toBe('no-referrer');
  expect(headers['x-powered-by']).toBeUndefined();
});

test('yesterday’s setting is called out, and ticked off one by one', async ({ page }) => {
  await openDemo(page, '/match?cloth=merino');
  await answered(page);
  const strip = page.getByRole('complementary', { name: BAR_TEXT.onTheMachine });
  await expect(strip).toContainText('Still set for Deck canvas');
  await expect(strip).toContainText('power off first');
  const left = strip.getByRole('button', { name: /Tick off when done/ });
  const count = await left.count();
  expect(count).toBeGreaterThan(4);
  await expect(left.first()).toHaveAccessibleName(/^Needle: change from Jeans 100\/16 to Ballpoint 75\/11/);
  for (let i = count; i > 0; i -= 1) {
    await left.first().click();
    await expect(left).toHaveCount(i - 1);
  }
  await expect(strip).toContainText('Set for Merino jersey, today');
  await page.reload();
  await expect(strip).toContainText('Set for Merino jersey, today');
});

test('the sentence is edited in place and the answer follows', async ({ page }) => {
  await openDemo(page, '/match?cloth=merino');
  await answered(page);
  await page.getByRole('button', { name: /change stretch/ }).click();
  await page.getByLabel(`${SENTENCE_TEXT.give}, %`).fill('45');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: INLINE_EDIT_TEXT.change('45%', 'stretch') })).toBeVisible();
  await expect(page.getByText('needs 45%', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: /change seam/ }).click();
  await page.getByRole('menuitemradio', { name: 'a hem' }).click();
  await expect(reading(page, 'Needle')).toContainText('Stretch twin');
  await page.getByRole('button', { name: /change fabric/ }).click();
  await page.getByRole('option', { name: 'Apron denim' }).click();
  await expect(reading(page, 'Needle')).toContainText('Jeans');
  await page.getByRole('button', { name: /change machine/ }).click();
  await page.getByRole('menuitemradio', { name: 'the boat machine' }).click();
  await expect(reading(page, 'Plate')).toContainText('Straight-stitch');
});

test('another way can be taken, and the best is one press away', async ({ page }) => {
  await openDemo(page, '/match?cloth=merino');
  await answered(page);
  await page.getByRole('button', { name: /^Triple straight.*stretches/ }).click();
  await expect(reading(page, 'Stitch')).toContainText('Triple straight');
  await page.getByRole('button', { name: ANSWER_TEXT.backToTheBest }).click();
  await expect(reading(page, 'Stitch')).toContainText('Zigzag');
});

test('a failed line leads to the next, and what is thrown away can be brought back', async ({ page }) => {
  await openDemo(page, '/test?id=merino-side');
  await page.getByRole('button', { name: 'Thread popped: not seen' }).click();
  await page.getByRole('button', { name: 'Thread popped: slight' }).click();
  await expect(page.getByText('not met: thread popped')).toBeVisible();
  await page.getByRole('button', { name: SIMULATED_TEXT.failedNextLine }).click();
  await expect(page.getByRole('heading', { name: /Test 4/ })).toBeVisible();
  // The plan's next line: the same setting the other way of the cloth.
  await expect(page.getByText(ONE_CHANGE_TEXT.onlyTheDirectionDiffers)).toBeVisible();
  await page.getByRole('button', { name: 'Width up' }).click();
  await expect(page.getByText(/^2 changes at once/)).toBeVisible();
  await page.getByRole('button', { name: SIMULATED_TEXT.deleteThisLine }).click();
  await expect(page.getByRole('heading', { name: /Test 3/ })).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Test 4/ })).toBeVisible();

  await page.goto('/fabric?id=neoprene');
  await page.getByRole('button', { name: PUT_AWAY_TEXT.deleteThisFabric }).click();
  await expect(page.getByText('Neoprene for the tiller grip deleted.')).toBeVisible();
  await expect(page.getByRole('link', { name: /Neoprene/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('link', { name: /Neoprene/ })).toBeVisible();
});

test('a file with something wrong in it names the path of each wrong field before anything is changed', async ({
  page,
}) => {
  await openDemo(page, '/workroom?place=files');
  const broken = {
    format: 'bobbet-workroom',
    version: 1,
    name: 'x',
    exportedAt: '2026-01-01T00:00:00Z',
    cloths: [
      {
        id: 'a',
        cloth: { name: 'A', structure: 'knit', massGsm: -3 },
        colour: '#ffffff',
        addedAt: '2026-01-01T00:00:00Z',
      },
    ],
    machines: [],
    kit: { kit: null },
    onMachine: [],
    swatches: [],
    lines: [],
    cards: [],
  };
  await page
    .getByLabel(FILES_TEXT.importOne)
    .setInputFiles({ name: 'broken.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(broken)) });
  await expect(page.getByText('cloths[0].cloth.massGsm: expected a number above 0, got -3')).toBeVisible();
  await page.getByRole('link', { name: 'Fabric' }).click();
  await expect(page.getByRole('link', { name: /Merino jersey/ })).toBeVisible();
});

test('an own start empties the demo, and Undo brings it back', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: FRAME_TEXT.startMyOwnWorkroom }).click();
  await expect(page.getByRole('heading', { name: START_TEXT.title })).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByText('Demo workroom')).toBeVisible();
  await openCards(page);
  await expect(page.getByText(/of 5 cards/)).toBeVisible();
});

test('inches and ounces are a switch away, and stay', async ({ page }) => {
  await openDemo(page, '/fabric?id=merino');
  await page.getByRole('button', { name: /^Units: mm/ }).click();
  await expect(page.getByText('4.7 oz/yd²')).toBeVisible();
  await page.getByLabel(`${STRETCH_GAUGE_TEXT.pulledTo}, in`).fill('5 7/8');
  await expect(page.getByText('47%')).toBeVisible();
  await page.reload();
  await expect(page.getByText('4.7 oz/yd²')).toBeVisible();
});

test('pulling the seam shows when the thread would go', async ({ page }) => {
  await openDemo(page, '/match?cloth=merino');
  await answered(page);
  await page.getByRole('slider').focus();
  await page.keyboard.press('End');
  await expect(page.getByText(PICTURE_TEXT.theThreadWouldGo)).toBeVisible();
  await page.keyboard.press('Home');
  await expect(page.getByText(PICTURE_TEXT.atRest, { exact: true })).toBeVisible();
});

test('addresses of stations as they were lead to where they are now', async ({ page }) => {
  await openDemo(page, '/cloth?id=merino');
  await expect(page).toHaveURL(/\/fabric\?id=merino$/);
  for (const [old, now] of [
    ['/swatch/signs', '/test/signs'],
    ['/ledger?place=cards', '/log?place=cards'],
    ['/jobs?id=top', '/projects?id=top'],
  ]) {
    await page.goto(old);
    expect(new URL(page.url()).pathname + new URL(page.url()).search).toBe(now);
  }
});

test('the line about the demo is hidden for as long as the tab is open', async ({ page }) => {
  await openDemo(page, '/today');
  await page.getByRole('button', { name: FRAME_TEXT.hide }).click();
  await page.goto('/fabric');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(page.getByText(FRAME_TEXT.thisIsADemo)).toBeHidden();
});
