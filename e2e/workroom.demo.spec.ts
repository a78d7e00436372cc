import type { Page } from '@playwright/test';
import { answered, expect, openDemo, reading, settled, test } from './page';
import { BAR_TEXT, NEEDLE_CHOICE_TEXT } from '@/parts/machineBar/text';
import {
  DIAL_CALIBRATION_TEXT,
  FEED_CALIBRATION_TEXT,
  MACHINES_TEXT,
  NEEDLES_TEXT,
  NEEDLE_STOCK_TEXT,
  PUT_MACHINE_AWAY_TEXT,
  SPOOLS_TEXT,
  SPOOL_TEXT,
  TOOL_TEXT,
} from '@/features/workroom/text';

const typed = (page: Page, label: string) => page.getByRole('textbox', { name: label });
const region = (page: Page, name: string) => page.getByRole('region', { name, exact: true });

test('a machine with a wrong dial is calibrated, and Match tells another number from then on', async ({ page }) => {
  await openDemo(page, '/match?cloth=deck');
  await answered(page);
  const truly = await reading(page, 'Length').textContent();
  await page.goto('/workroom');
  const length = region(page, 'Length');
  await expect(length).toContainText(DIAL_CALIBRATION_TEXT.untilThenBobbetAssumes);
  // Dial 2 sews 1.67, dial 3 sews 2.5, dial 4 sews 3.33: a sixth short.
  for (const [dial, stitches] of [
    ['2', '60'],
    ['3', '40'],
    ['4', '30'],
  ]) {
    await length.getByRole('textbox', { name: DIAL_CALIBRATION_TEXT.dialSays }).fill(dial);
    await length.getByRole('textbox', { name: DIAL_CALIBRATION_TEXT.stitchesCounted }).fill(stitches);
    await length.getByRole('textbox', { name: DIAL_CALIBRATION_TEXT.stitchesCounted }).press('Enter');
    await expect(length.getByText(`dial ${dial}: ${stitches} stitches in 10 cm`)).toBeVisible();
  }
  await expect(length).toContainText(DIAL_CALIBRATION_TEXT.aboutThanItSays('17', 'less'));
  await expect(length.getByRole('img', { name: /What the length dial says/ })).toBeVisible();
  // A count no dial can give is refused beside its field.
  await length.getByRole('textbox', { name: DIAL_CALIBRATION_TEXT.dialSays }).fill('4');
  await length.getByRole('textbox', { name: DIAL_CALIBRATION_TEXT.stitchesCounted }).fill('9');
  await expect(length.getByText(/Expected a count between half and twice what the dial says/)).toBeVisible();
  await length.getByRole('textbox', { name: DIAL_CALIBRATION_TEXT.dialSays }).fill('5');
  await length.getByRole('textbox', { name: DIAL_CALIBRATION_TEXT.stitchesCounted }).fill('39');
  await expect(length.getByText(/dial 5 gives less than dial 4/)).toBeVisible();
  await length.getByRole('button', { name: DIAL_CALIBRATION_TEXT.keepThisCount }).click();
  await expect(length.getByRole('alert')).toBeFocused();
  await expect(length.getByText(/^dial 5: /)).toHaveCount(0);

  await page.goto('/match?cloth=deck');
  await answered(page);
  await expect(reading(page, 'Length')).not.toHaveText(truly!);
  const strip = page.getByRole('complementary', { name: BAR_TEXT.onTheMachine });
  await expect(strip).toContainText('Length');
  const told = Number(/[\d.]+/.exec((await reading(page, 'Length').textContent())!)![0]);
  const before = Number(/[\d.]+/.exec(truly!)![0]);
  expect(told / before).toBeGreaterThan(1.1);
});

test('width, bobbin and feed are measured too, and say what follows', async ({ page }) => {
  await openDemo(page, '/workroom');
  const width = region(page, 'Width');
  await width.getByRole('textbox', { name: DIAL_CALIBRATION_TEXT.dialSays }).fill('4');
  await width.getByRole('textbox', { name: DIAL_CALIBRATION_TEXT.wholeSwing }).fill('3,6');
  await width.getByRole('button', { name: DIAL_CALIBRATION_TEXT.keepThisWidth }).click();
  await expect(width).toContainText(DIAL_CALIBRATION_TEXT.aboutThanItSays('10', 'less'));
  // What has been kept moves what stands below it.
  await settled(page);
  const bobbin = region(page, SPOOL_TEXT.bobbin);
  await bobbin.getByRole('textbox', { name: SPOOL_TEXT.woundOff }).fill('40');
  await bobbin.getByRole('textbox', { name: SPOOL_TEXT.threadNumber }).fill('Tkt 120');
  await bobbin.getByRole('button', { name: SPOOL_TEXT.keepThisBobbin }).click();
  await expect(bobbin).toContainText(SPOOL_TEXT.measured('once'));
  await settled(page);
  const feed = region(page, FEED_CALIBRATION_TEXT.feed);
  await feed.getByRole('textbox', { name: FEED_CALIBRATION_TEXT.topBehindBy }).fill('3');
  await expect(feed).toContainText('would bow about 1.95 cm');
  await feed.getByRole('button', { name: FEED_CALIBRATION_TEXT.keepThisLine }).click();
  await expect(feed).toContainText('times as much as estimated');
});

test('the machine bar knows the needle: hours, another one of its kind, and the hours that sewing adds', async ({
  page,
}) => {
  await openDemo(page);
  await page.clock.install();
  await page.goto('/workroom?place=needles');
  const strip = page.getByRole('complementary', { name: BAR_TEXT.onTheMachine });
  await expect(strip).toContainText('3.4 of 5 h');
  await expect(strip).toContainText('Still set for Deck canvas');
  await strip.getByRole('button', { name: BAR_TEXT.iAmSewing }).click();
  await page.clock.fastForward('03:30:00');
  await strip.getByRole('button', { name: BAR_TEXT.stopSewing }).click();
  await expect(page.getByText(/210 min at the machine, 70 min of sewing counted/)).toBeVisible();
  await expect(strip).toContainText('4.6 of 5 h');
  await strip.getByRole('button', { name: BAR_TEXT.iAmSewing }).click();
  await page.clock.fastForward('03:00:00');
  await strip.getByRole('button', { name: BAR_TEXT.stopSewing }).click();
  await expect(strip).toContainText(BAR_TEXT.changeIt('5.6 of 5 h'));
  await strip.getByRole('button', { name: NEEDLE_CHOICE_TEXT.anotherNeedleLikeIt }).click();
  const dialog = page.getByRole('dialog', { name: NEEDLE_CHOICE_TEXT.whichNeedleIsIn });
  await expect(dialog).toContainText(NEEDLE_CHOICE_TEXT.switchTheMachineOff);
  await dialog.getByRole('button', { name: /^a new one, from the tobacco tin/ }).click();
  await expect(strip.getByRole('button', { name: NEEDLE_CHOICE_TEXT.anotherNeedleLikeIt })).toHaveText('new');
});

test('needles come in packs, are found, and are spent with the caution that belongs to it', async ({ page }) => {
  await openDemo(page, '/workroom?place=needles');
  await expect(page.getByText('23 of 23 needles')).toBeVisible();
  await typed(page, NEEDLES_TEXT.fields.count).fill('0');
  await expect(page.getByText('At least 1 here.')).toBeVisible();
  await typed(page, NEEDLES_TEXT.fields.count).fill('3');
  await typed(page, NEEDLES_TEXT.fields.where).fill('sail locker');
  await page.getByRole('button', { name: NEEDLES_TEXT.add }).click();
  await expect(page.getByText('26 of 26 needles')).toBeVisible();
  await typed(page, NEEDLE_STOCK_TEXT.findANeedle).fill('sail loc');
  await expect(page.getByText('3 of 26 needles')).toBeVisible();
  await page
    .getByRole('table', { name: NEEDLE_STOCK_TEXT.needlesInTheTin })
    .getByRole('row')
    .nth(1)
    .getByRole('button')
    .click();
  await page.getByRole('button', { name: NEEDLE_STOCK_TEXT.oneOf(1, NEEDLE_STOCK_TEXT.new) }).click();
  await page.getByRole('button', { name: 'hit metal' }).click();
  await expect(page.getByText(/Find every fragment/)).toBeVisible();
});

test('a spool is noted by whatever number is printed on it', async ({ page }) => {
  await openDemo(page, '/workroom?place=threads');
  await typed(page, SPOOL_TEXT.number).fill('huge');
  await expect(page.getByText(/Type the number as printed, such as 120/)).toBeVisible();
  // An ordinary spool, never rope; and what else it could be is one press away.
  await typed(page, SPOOL_TEXT.number).fill('120');
  await expect(page.getByText('Read as Tkt 120: Tex 25.')).toBeVisible();
  await typed(page, SPOOL_TEXT.number).fill('50');
  await expect(page.getByText('Read as Tex 50.')).toBeVisible();
  await page.getByRole('button', { name: 'No, 50 wt (Tex 20)' }).click();
  await expect(typed(page, SPOOL_TEXT.number)).toHaveValue('50 wt');
  await typed(page, SPOOL_TEXT.number).fill('243 den');
  await expect(page.getByText('Tex 27', { exact: true })).toBeVisible();
  await typed(page, SPOOL_TEXT.colourInWords).fill('heron blue');
  await page.getByRole('button', { name: SPOOL_TEXT.noteIt }).click();
  const spools = page.getByRole('table', { name: SPOOLS_TEXT.spools });
  await expect(spools).toContainText('heron blue');

  // What is used up and put elsewhere is written down on the spool itself.
  await spools.getByRole('button', { name: /^heron blue/ }).click();
  const number = spools.getByRole('textbox', { name: SPOOL_TEXT.number });
  await number.fill('Tkt 75');
  await expect(spools.getByText('Tex 40', { exact: true })).toBeVisible();
  await number.fill('243 den');
  await spools.getByRole('textbox', { name: `${SPOOL_TEXT.left}, m` }).fill('85');
  await spools.getByRole('textbox', { name: 'Where you keep it' }).fill('biscuit box');
  await spools.getByRole('textbox', { name: `${SPOOL_TEXT.left}, m` }).fill('much');
  await expect(spools.getByText(/“much” is not a length/)).toBeVisible();
  await settled(page);
  await page.reload();
  await expect(spools.getByRole('row', { name: /^heron blue.*85 m.*biscuit box/ })).toBeVisible();
  await spools.getByRole('button', { name: /^heron blue/ }).click();
  await spools.getByRole('button', { name: SPOOL_TEXT.removeThisSpool }).click();
  await expect(spools).not.toContainText('heron blue');
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(spools).toContainText('heron blue');
});

test('a foot that cards were proven under is put away rather than forgotten', async ({ page }) => {
  await openDemo(page, '/workroom?place=kit');
  await page.getByLabel('Walking', { exact: true }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('1 card uses the walking foot');
  await dialog.getByRole('button', { name: TOOL_TEXT.archive }).click();
  await expect(page.getByText(TOOL_TEXT.archived)).toBeVisible();
  await expect(page.getByLabel('Walking', { exact: true })).not.toBeChecked();
  await page.getByLabel('Walking', { exact: true }).check();
  await expect(page.getByText(TOOL_TEXT.archived)).toHaveCount(0);
});

test('care is due by sewing hours, is noted, and the reminder is gone', async ({ page }) => {
  await openDemo(page, '/workroom?place=care');
  const boat = region(page, 'the boat machine 12.2 h sewn');
  await expect(boat).toContainText('Due: 9.2 h sewn since, every 8 h');
  await expect(page.getByRole('note')).toContainText('unplug');
  await boat.getByRole('button', { name: 'Clean lint from the feed and bobbin case: done today' }).click();
  await expect(boat).toContainText('in 8 h of sewing; last today');
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(boat).toContainText('Due: 9.2 h');
});

test('a machine with scraps is put away, not lost, and comes back', async ({ page }) => {
  await openDemo(page, '/workroom');
  await page.getByRole('button', { name: /^the boat machine/ }).click();
  await page.getByRole('button', { name: PUT_MACHINE_AWAY_TEXT.deleteThisMachine }).click();
  await page.getByRole('dialog').getByRole('button', { name: TOOL_TEXT.archive }).click();
  await page.getByRole('button', { name: MACHINES_TEXT.bringItBack('the boat machine') }).click();
  await expect(page.getByRole('button', { name: /^the boat machine/ })).toBeVisible();
});

test('what clashes on the machine is named at once, while it is being set', async ({ page }) => {
  await openDemo(page);
  const strip = page.getByRole('complementary', { name: BAR_TEXT.onTheMachine });
  await page.goto('/match?cloth=habotai');
  await answered(page);
  await strip.getByRole('button', { name: 'All set' }).click();
  await expect(strip).toContainText('Set for Silk habotai bunting, today');
  await page.goto('/match?cloth=merino');
  await answered(page);
  await expect(strip).toContainText('power off first');
  await expect(strip.getByRole('alert')).toHaveCount(0);
  // The dials before the plate: the order on the machine bar would never do this.
  await strip.getByRole('button', { name: /^Stitch: change/ }).click();
  await expect(strip.getByRole('alert')).toContainText(/needle|hole|plate|foot/i);
});

test('a press counts though a chart comes in above it meanwhile', async ({ page }) => {
  await openDemo(page, '/workroom');
  const bobbin = region(page, SPOOL_TEXT.bobbin);
  await bobbin.getByRole('textbox', { name: SPOOL_TEXT.woundOff }).fill('40');
  // From now on nothing more of the app comes in before it is let in.
  let letIn = () => {};
  const later = new Promise<void>((done) => (letIn = done));
  await page.route('**/_next/static/chunks/**', async (route) => {
    await later;
    await route.continue();
  });
  const width = region(page, 'Width');
  await width.getByRole('textbox', { name: DIAL_CALIBRATION_TEXT.dialSays }).fill('4');
  await width.getByRole('textbox', { name: DIAL_CALIBRATION_TEXT.wholeSwing }).fill('3,6');
  await width.getByRole('button', { name: DIAL_CALIBRATION_TEXT.keepThisWidth }).click();
  await expect(width).toContainText(DIAL_CALIBRATION_TEXT.aboutThanItSays('10', 'less'));
  await bobbin.getByRole('button', { name: SPOOL_TEXT.keepThisBobbin }).hover();
  await page.mouse.down();
  letIn();
  await expect(width.getByRole('img', { name: /width/ })).toBeVisible();
  await page.mouse.up();
  await expect(bobbin).toContainText(SPOOL_TEXT.measured('once'));
});

test('a press counts though the page moves under it', async ({ page }) => {
  await openDemo(page, '/workroom');
  const bobbin = region(page, SPOOL_TEXT.bobbin);
  await bobbin.getByRole('textbox', { name: SPOOL_TEXT.woundOff }).fill('40');
  await bobbin.getByRole('button', { name: SPOOL_TEXT.keepThisBobbin }).hover();
  await page.mouse.down();
  await region(page, 'Width').evaluate((above) => (above.style.paddingTop = '300px'));
  await page.mouse.up();
  await expect(bobbin).toContainText(SPOOL_TEXT.measured('once'));
  // Whoever moves away before letting go has changed their mind.
  await bobbin.getByRole('textbox', { name: SPOOL_TEXT.woundOff }).fill('41');
  await bobbin.getByRole('button', { name: SPOOL_TEXT.keepThisBobbin }).hover();
  await page.mouse.down();
  await page.mouse.move(5, 300);
  await page.mouse.up();
  await expect(bobbin.getByText(SPOOL_TEXT.measured('once'))).toBeVisible();
});
