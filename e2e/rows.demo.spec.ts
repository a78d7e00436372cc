import type { Page } from '@playwright/test';
import { answered, anySpaces, ask, axeFindings, expect, openDemo, test } from './page';
import { BAR_TEXT } from '@/parts/machineBar/text';
import { FOR_TEXT, MEASURES_TEXT, SIGNS_TEXT, SIMULATED_TEXT } from '@/features/swatch/text';
import { GAUGE_SHELL_TEXT, STRETCH_GAUGE_TEXT } from '@/features/cloth/text';
import { NEW_JOB_TEXT } from '@/features/jobs/text';
import { STRETCH_RULER_TEXT } from '@/ui/text';
import { TEXT as SEW_TEXT } from '@/features/sew/text';
import { TURN_DIAL_TEXT } from '@/features/match/text';

const step = (page: Page) => page.getByRole('region', { name: SEW_TEXT.step });
const bar = (page: Page) => page.getByRole('complementary', { name: BAR_TEXT.onTheMachine });
const asked = (page: Page) => page.getByRole('region', { name: SEW_TEXT.questions });

const begin = async (page: Page) => {
  await page.getByRole('button', { name: SEW_TEXT.begin }).click();
  await expect(page.getByText(/step 1 of/)).toBeVisible();
};
/** Goes on until a step says this. */
async function until(page: Page, words: RegExp) {
  const said = anySpaces(words);
  for (let i = 0; i < 15 && !said.test(await step(page).innerText()); i += 1) {
    const at = await page.getByText(/step \d+ of/).innerText();
    await page.getByRole('button', { name: /^Done, next/ }).click();
    await expect(page.getByText(/step \d+ of/)).not.toHaveText(at);
  }
  await expect(step(page)).toContainText(said);
}

test('a felled seam in denim: the bar asks for the topstitching when it is its turn', async ({ page }) => {
  await ask(page, 'denim', 'Flat-felled seam');
  await expect(asked(page)).toContainText('The topstitching');
  await begin(page);
  await until(page, /Sew 1.6 cm from the raw edges/);
  await expect(bar(page)).toContainText('2.8 mm');
  await expect(step(page)).toContainText('End with three stitches back');
  await until(page, /Topstitch/);
  await expect(bar(page)).toContainText('3.5 mm');
  await expect(step(page)).toContainText('Pull the tails to the back');
});

test('an abutted joint in neoprene swings over the gap, and no pin goes in', async ({ page }) => {
  await ask(page, 'neoprene', 'Abutted seam');
  await begin(page);
  await until(page, /Sew over the join/);
  await expect(bar(page)).toContainText(/Zigzag|Bridging/);
  await expect(bar(page)).toContainText('5 mm');
  await expect(step(page)).toContainText('knot');
  await expect(step(page)).not.toContainText(/\bpin/i);
});

test('a French seam in silk is pinned in the allowance, knotted, and pressed dry through a cloth', async ({ page }) => {
  await ask(page, 'habotai', 'French seam');
  await begin(page);
  await expect(step(page)).toContainText('Pin inside the allowance, with silk pins.');
  await until(page, /Sew [\d.]+ mm from the raw edge/);
  await expect(bar(page)).toContainText('1.8 mm');
  await expect(step(page)).toContainText(TURN_DIAL_TEXT.byHand('knot them'));
  await until(page, /flat, then trim/);
  await expect(step(page)).toContainText('Through a press cloth, 110 °C at most, dry.');
  await expect(step(page)).not.toContainText(/\bsteam/i);
});

test('a neckband: a band that does not come back is told against, and one that does is not', async ({ page }) => {
  await ask(page, 'merino', 'Neckband');
  await expect(asked(page)).not.toContainText(/gape/);
  await page.getByRole('combobox', { name: SEW_TEXT.bandFabric }).click();
  await page.getByRole('option', { name: 'Polar fleece hat' }).click();
  await expect(page.getByRole('combobox', { name: SEW_TEXT.bandFabric })).toHaveValue('Polar fleece hat');
  await expect(asked(page)).toContainText('The join of the band');
});

test('a neckband in tired rib: it is refused, or told that it gapes, by how it was measured to recover', async ({
  page,
}) => {
  const measured = async (letGo: string) => {
    await openDemo(page, '/fabric?id=fleece');
    await page.getByRole('textbox', { name: STRETCH_GAUGE_TEXT.pulledTo }).fill('14');
    await page.getByRole('textbox', { name: STRETCH_RULER_TEXT.letGo2 }).fill(letGo);
    await page.getByRole('button', { name: GAUGE_SHELL_TEXT.keepThisReading }).click();
    await expect(page.getByRole('textbox', { name: STRETCH_RULER_TEXT.letGo2 })).toHaveValue('');
  };
  const neckband = async () => {
    await ask(page, 'merino', 'Neckband');
    await page.getByRole('combobox', { name: SEW_TEXT.bandFabric }).click();
    await page.getByRole('option', { name: 'Polar fleece hat' }).click();
  };
  await openDemo(page, '/fabric?id=fleece');
  const leaveOut = async (reading: number) => {
    await page.getByRole('button', { name: GAUGE_SHELL_TEXT.reading('Leave out', reading) }).click();
    // Stored, before the page is left.
    await expect(page.getByRole('button', { name: GAUGE_SHELL_TEXT.reading('Use again', reading) })).toBeVisible();
  };
  await leaveOut(1);
  await measured('11.2');
  await neckband();
  await expect(asked(page)).toContainText('It recovers poorly, and a band made from it will gape');
  await begin(page);
  await expect(step(page)).toContainText('will gape, and it stretches too little to be cut any shorter');
  await until(page, /stretch only the band/);
  await expect(bar(page)).toContainText('Ballpoint');
  // Worn out: what does not come back is no band at all.
  await page.goto('/fabric?id=fleece');
  await leaveOut(2);
  await measured('12.4');
  await neckband();
  await expect(asked(page)).toContainText('It does not recover: a band made from it stays stretched.');
});

test('a plain seam in vinyl: no pins, no iron, tails to knot; pictured and printed so', async ({ page }) => {
  await ask(page, 'vinyl', 'Plain seam, pressed open');
  await expect(page.getByRole('region', { name: SEW_TEXT.haveReady })).not.toContainText(/\bpins?\b|\biron\b/);
  await begin(page);
  await expect(step(page)).toContainText('Hold it with clips or tape');
  await until(page, /Sew 1.5 cm/);
  await expect(step(page)).toContainText('Leave tails of 10 cm to knot');
  await expect(step(page)).toContainText('Take each clip off before it reaches the foot');
  expect(await axeFindings(page)).toEqual([]);
  await until(page, /Finger-press the allowances open/);
  await expect(step(page)).toContainText('Do not iron this fabric');
});

test('"Test it first" opens the scrap of this row, and its card proves that row and nothing else', async ({ page }) => {
  await ask(page, 'denim', 'Flat-felled seam');
  await expect(page.getByText(/“Flat-felled seam” is not tested yet/)).toBeVisible();
  await page.getByRole('button', { name: SEW_TEXT.testFirst }).first().click();
  await expect(page.getByRole('heading', { level: 1, name: 'Apron denim: flat-felled seam' })).toBeVisible();
  await expect(page.getByText('Sewn for: Flat-felled seam: the seam.')).toBeVisible();
  await page.getByLabel(MEASURES_TEXT.stitchesIn('10 cm')).fill('36');
  await page.getByRole('button', { name: SIGNS_TEXT.nothingWrong }).click();
  await page.getByRole('button', { name: SIMULATED_TEXT.passKeepItAs }).click();
  await expect(page.getByRole('link', { name: /Open its settings card/ })).toBeVisible();
  await page.getByRole('link', { name: FOR_TEXT.backTo }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Flat-felled seam' })).toBeVisible();
  await expect(page.getByText('✓ Tested on scrap for this.')).toHaveCount(1);
  await expect(page.getByText(SEW_TEXT.whole.stitch('Flat-felled seam'))).toBeVisible();
  // The topstitching is another row, with a scrap of its own.
  await expect(page.getByRole('button', { name: SEW_TEXT.testFirst })).toHaveCount(1);
});

test('an operation is found by a few letters, by what Match calls it too; what was sewn last comes first', async ({
  page,
}) => {
  await openDemo(page, '/match?cloth=denim');
  await answered(page);
  await page.getByRole('link', { name: 'Sew', exact: true }).click();
  const list = page.getByRole('main').getByRole('listitem').getByRole('button');
  await page.getByLabel(SEW_TEXT.find).fill('fell');
  await expect(list).toHaveText([/^Flat-felled seam/, /^Mock-felled seam/]);
  await page.getByLabel(SEW_TEXT.find).fill('neckband');
  await expect(list.first()).toContainText('Neckband');
  await page.getByLabel(SEW_TEXT.find).fill('xyzzy');
  await expect(page.getByText(SEW_TEXT.foundNothing)).toBeVisible();
  await page.getByLabel(SEW_TEXT.find).fill('');
  const seams = page.getByRole('region', { name: 'Seams', exact: true }).getByRole('button');
  await expect(seams.first()).toContainText('Flat-felled seam');
});

test('Match says of a kind of stitching that it is not for the fabric, and a template of its seams', async ({
  page,
}) => {
  await openDemo(page, '/match?cloth=vinyl');
  await answered(page);
  await page.getByRole('button', { name: /, change seam$/ }).click();
  await page.getByRole('menuitemradio', { name: 'gathering rows' }).click();
  await expect(page.getByText(/Not for Vinyl log-bag base/)).toBeVisible();

  await page.getByRole('link', { name: 'Projects', exact: true }).click();
  await page.getByLabel(NEW_JOB_TEXT.whatIsMade, { exact: true }).click();
  await page.getByRole('option', { name: /^Skirt/ }).click();
  await expect(page.getByRole('note').filter({ hasText: /Sewn instead/ })).toBeVisible();
});
