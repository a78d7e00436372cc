import { readFile } from 'node:fs/promises';
import { START_WORDS } from '@/parts/start/words';
import { answered, expect, openCards, reading, test } from './page';
import { BAR_TEXT } from '@/parts/machineBar/text';
import { CARD_LIST_TEXT } from '@/features/ledger/text';
import { CLOTH_PAGE_TEXT, GAUGE_SHELL_TEXT, STRETCH_GAUGE_TEXT } from '@/features/cloth/text';
import { FILES_TEXT } from '@/features/workroom/files/text';
import { GIVE_BAR_TEXT } from '@/ui/text';
import { IMPOSSIBLE_TEXT, SEW_LIKE_THIS_TEXT, START_TEXT } from '@/features/match/text';
import { MACHINES_TEXT, MACHINE_TEXT } from '@/features/workroom/text';
import { MEASURES_TEXT, SCRAP_DRAWING_TEXT, SIGNS_TEXT, SIMULATED_TEXT } from '@/features/swatch/text';
import { NAMING_TEXT } from '@/parts/naming/text';
import { TAPE_TEXT } from '@/parts/frame/text';

test('a new user gets a setting for "cotton jersey, 10 → 15 cm, side seam" within eight actions', async ({ page }) => {
  await page.goto('/');
  let actions = 0;
  const act = async (work: Promise<unknown>) => {
    await work;
    actions += 1;
  };
  const name = page.getByLabel(START_TEXT.name);
  await expect(name).toBeFocused();
  await act(name.fill('cotton jersey'));
  await act(page.getByLabel(/Stretched, how long is it/).fill('15'));
  await act(page.keyboard.press('Enter'));
  await answered(page);
  await expect(reading(page, 'Stitch')).toContainText('Zigzag');
  await expect(reading(page, 'Needle')).toContainText('Ballpoint');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('25%');
  console.log(`   actions from an empty start to a setting: ${actions}`);
  expect(actions).toBeLessThanOrEqual(8);
});

test('the whole path: cloth, setting, machine, scrap, card, reload, export, wipe, import, found again', async ({
  page,
}, info) => {
  await page.goto('/match');
  await page.getByLabel(START_TEXT.name).fill('Plum interlock jersey');
  await page.getByLabel(/Stretched, how long is it/).fill('16');
  await page.getByRole('button', { name: START_TEXT.find }).click();
  await answered(page);

  await page.getByRole('button', { name: 'All set' }).click();
  await expect(page.getByRole('complementary', { name: BAR_TEXT.onTheMachine })).toContainText(
    'Set for Plum interlock jersey',
  );

  await page.getByRole('button', { name: SEW_LIKE_THIS_TEXT.testOnScrap }).click();
  await expect(page.getByRole('heading', { name: /Test 1: zigzag/ })).toBeVisible();
  const pass = page.getByRole('button', { name: SIMULATED_TEXT.passKeepItAs });
  await expect(pass).toBeDisabled();
  await page.getByLabel(MEASURES_TEXT.stitchesIn('10 cm')).fill('41');
  await page.getByLabel(`${MEASURES_TEXT.afterSewing}, cm`).fill('10.1');
  await page.getByLabel(`${MEASURES_TEXT.pulledToHeld}, cm`).fill('12.5');
  await page.getByRole('button', { name: SIGNS_TEXT.nothingWrong }).click();
  await expect(page.getByText('not measured yet: held to 25%')).toBeVisible();
  await expect(pass).toBeDisabled();
  await page.getByLabel(`${MEASURES_TEXT.pulledToHeld}, cm`).fill('13.4');
  await expect(page.getByText(MEASURES_TEXT.trueLengthMm('2.44'))).toBeVisible();
  await pass.click();
  await expect(page.getByRole('link', { name: /Open its settings card/ })).toBeVisible();

  await page.reload();
  await openCards(page);
  await page.getByLabel(CARD_LIST_TEXT.findACard).fill('plun inter');
  await expect(page.getByText('1 of 1 card')).toBeVisible();
  await page.getByRole('link', { name: /Plum interlock jersey/ }).click();
  await expect(page.getByText('✓ Tested on a swatch today')).toBeVisible();
  await expect(page.getByText('grew 1%')).toBeVisible();

  await page.getByRole('link', { name: TAPE_TEXT.match, exact: true }).click();
  await expect(
    page.getByText(/You tested this before: .* passed on the same fabric and seam, on this machine/),
  ).toBeVisible();
  await expect(page.getByText(GIVE_BAR_TEXT.measured('34'))).toBeVisible();

  await page.getByRole('link', { name: 'Workroom' }).click();
  await page.getByRole('tab', { name: 'Files' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export the workroom' }).click();
  const file = info.outputPath('workroom.json');
  await (await download).saveAs(file);
  expect(JSON.parse(await readFile(file, 'utf8')).format).toBe('bobbet-workroom');

  await page.getByRole('button', { name: FILES_TEXT.empty }).click();
  await openCards(page);
  await expect(page.getByText('No settings cards yet.')).toBeVisible();

  await page.getByRole('link', { name: 'Workroom' }).click();
  await page.getByRole('tab', { name: 'Files' }).click();
  await page.getByLabel(FILES_TEXT.importOne).setInputFiles(file);
  await expect(page.getByText('add 1 settings card', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: FILES_TEXT.replace }).click();
  await openCards(page);
  await expect(page.getByRole('link', { name: /Plum interlock jersey/ })).toBeVisible();
});

test('in a real workroom a simulated line proves nothing, and says so', async ({ page }) => {
  await page.goto('/match');
  await page.getByLabel(START_TEXT.name).fill('cotton jersey');
  await page.getByLabel(/Stretched, how long is it/).fill('15');
  await page.keyboard.press('Enter');
  await answered(page);
  await page.getByRole('button', { name: SEW_LIKE_THIS_TEXT.testOnScrap }).click();
  await page.getByText(SIMULATED_TEXT.ask).click();
  await page.getByLabel(SIMULATED_TEXT.which).click();
  await page.getByRole('option', { name: SIMULATED_TEXT.one(6) }).click();
  await page.getByRole('button', { name: SIMULATED_TEXT.sew }).click();
  await expect(page.getByText('It passed on a simulated machine. Sew it on your own')).toBeVisible();
  await expect(page.getByRole('button', { name: SIMULATED_TEXT.passKeepItAs })).toBeDisabled();
  await expect(page.getByText(SCRAP_DRAWING_TEXT.simulated(6))).toBeVisible();
});

test('the whole path by keyboard alone', async ({ page }) => {
  await page.goto('/match');
  await expect(page.getByLabel(START_TEXT.name)).toBeFocused();
  await page.keyboard.type('cotton jersey');
  await page.keyboard.press('Tab');
  await page.keyboard.type('15');
  await page.keyboard.press('Enter');
  await answered(page);
  const tabTo = async (name: string | RegExp) => {
    const target = page
      .getByRole('button', { name })
      .or(page.getByLabel(name))
      .or(page.getByRole('link', { name }))
      .first();
    await expect(target).toBeVisible();
    for (let presses = 0; presses < 120; presses += 1) {
      if (await target.evaluate((element) => element === document.activeElement)) return;
      await page.keyboard.press('Tab');
    }
    throw new Error(`tabTo: ${name} was not reached with 120 presses of Tab`);
  };
  await tabTo('All set');
  await page.keyboard.press('Enter');
  await tabTo('Test on scrap');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: /Test 1/ })).toBeVisible();
  await tabTo('Length after sewing, cm');
  await page.keyboard.type('10.1');
  await tabTo('Stretched to, cm');
  await page.keyboard.type('12.8');
  await tabTo('Nothing wrong');
  await page.keyboard.press('Space');
  await tabTo('Pass: save a settings card');
  await page.keyboard.press('Enter');
  await tabTo(/Open its settings card/);
  await page.keyboard.press('Enter');
  await expect(page.getByText('✓ Tested on a swatch today')).toBeVisible();
});

test('nonsense is answered beside the field, and nothing of it is stored', async ({ page }) => {
  await page.goto('/match');
  await page.getByRole('button', { name: START_TEXT.find }).click();
  await expect(page.getByText(NAMING_TEXT.needed)).toBeVisible();
  await page.getByLabel(START_TEXT.name).fill('red rib');
  const reach = page.getByLabel(/Stretched, how long is it/);
  const find = page.getByRole('button', { name: START_TEXT.find });
  // Ten kinds of answer: none is dropped, and nothing goes on with what nobody saw.
  await expect(page.getByText(NAMING_TEXT.heard('rib', 'a knit', '260 g/m²'))).toBeVisible();
  await expect(page.getByText('If you leave this empty, Bobbet assumes 100%, usual for this knit.')).toBeVisible();
  for (const [typed, says] of [
    ['1000', /1000 cm is more than any fabric stretches to/],
    ['far', /“far” is not a length/],
    ['8', /8 cm is shorter than the 10 cm you started with/],
    ['5,5', /5.5 cm is shorter than the 10 cm/],
    ['60', /60 cm is more than any fabric stretches to/],
    ['15 kg', /“kg” is not a unit of length/],
    ['900%', /No fabric stretches 900%/],
    ['150', /150 cm is more than any fabric stretches to/],
  ] as const) {
    await reach.fill(typed);
    await find.click();
    await expect(page.getByText(says)).toBeVisible();
    await expect(reach).toHaveValue(typed);
  }
  await page.getByRole('button', { name: '150 mm: it reaches 15 cm' }).click();
  await expect(reach).toHaveValue('15 cm');
  await page.getByLabel(START_TEXT.name).fill('muslin');
  await find.click();
  await expect(page.getByText(NAMING_TEXT.pick)).toBeVisible();
  await page.getByLabel(START_TEXT.name).fill('red rib');
  await reach.fill('100%');
  await page.keyboard.press('Enter');
  await answered(page);

  await page.getByRole('link', { name: 'Fabric' }).click();
  await page.getByRole('link', { name: /red rib/ }).click();
  await page.getByRole('tab', { name: 'What it is' }).click();
  const weight = page.getByRole('textbox', { name: 'Weight' });
  await weight.fill('0');
  await expect(page.getByText('At least 5 g/m² here.')).toBeVisible();
  await weight.fill('heavy');
  await expect(page.getByText(/“heavy” is not a weight of fabric/)).toBeVisible();
  await expect(weight).toHaveValue('heavy');
  await page.getByRole('tab', { name: CLOTH_PAGE_TEXT.measure, exact: true }).click();
  await page.getByLabel('Stretched to, cm').fill('15');
  await page.getByLabel(`${STRETCH_GAUGE_TEXT.letGoAfterA}, cm`).fill('16');
  await expect(page.getByText('Expected at most the stretched length.')).toBeVisible();
  await expect(page.getByRole('button', { name: GAUGE_SHELL_TEXT.keepThisReading })).toBeDisabled();
  await page.reload();
  // Half-entered marks are there again; what could not be read was never stored.
  await expect(page.getByLabel(`${STRETCH_GAUGE_TEXT.letGoAfterA}, cm`)).toHaveValue('16');
  await page.getByRole('tab', { name: 'What it is' }).click();
  await expect(weight).toHaveValue('');
});

test('a machine that sews straight only hears that a stretching seam is not possible, and what would help', async ({
  page,
}) => {
  await page.goto('/match');
  await page.getByLabel(START_TEXT.name).fill('cotton jersey');
  await page.getByLabel(/Stretched, how long is it/).fill('15');
  await page.keyboard.press('Enter');
  await answered(page);
  await page.getByRole('link', { name: 'Workroom' }).click();
  await page.getByRole('tab', { name: MACHINES_TEXT.whatItCanDo }).click();
  const stitches = page.getByRole('group', { name: MACHINE_TEXT.stitchesItHas });
  await expect(stitches.getByLabel('Zigzag', { exact: true })).toBeChecked();
  for (const box of await stitches.getByRole('checkbox').all()) await box.uncheck();
  await stitches.getByLabel('Straight', { exact: true }).check();
  await page.getByRole('link', { name: TAPE_TEXT.match, exact: true }).click();
  await expect(page.getByRole('heading', { name: IMPOSSIBLE_TEXT.notWithThisMachine })).toBeVisible();
  await expect(page.getByText(/the seam must stretch 25%/)).toBeVisible();
  await expect(page.getByText(/A machine with zigzag stitch/)).toBeVisible();
});

test('nothing can be typed before the workroom is open, however slowly it opens', async ({ page }) => {
  await page.route('**/first-visit.json', async (route) => {
    await new Promise((done) => setTimeout(done, 2500));
    await route.continue();
  });
  await page.goto('/match');
  await expect(page.getByText(START_WORDS.opening)).toBeAttached();
  await expect(page.getByLabel(START_TEXT.name)).toHaveCount(0);
  await expect(page.getByLabel(START_TEXT.name)).toBeFocused();
  await page.keyboard.type('cotton jersey');
  await page.keyboard.press('Tab');
  await page.keyboard.type('15');
  await page.keyboard.press('Enter');
  await answered(page);
  await page.getByRole('link', { name: 'Fabric', exact: true }).click();
  await expect(page.getByRole('link', { name: /cotton jersey/ })).toBeVisible();
});
