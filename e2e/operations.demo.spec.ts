import type { Page } from '@playwright/test';
import { anySpaces, ask, expect, test } from './page';
import { BAR_TEXT } from '@/parts/machineBar/text';
import { TEXT as SEW_TEXT } from '@/features/sew/text';

const step = (page: Page) => page.getByRole('region', { name: SEW_TEXT.step });
const bar = (page: Page) => page.getByRole('complementary', { name: BAR_TEXT.onTheMachine });

async function begin(page: Page) {
  await page.getByRole('button', { name: SEW_TEXT.begin }).click();
  await expect(page.getByText(/step 1 of/)).toBeVisible();
}

/** Picks one of the ways an operation is sewn. */
async function way(page: Page, question: string, answer: RegExp) {
  await page.getByRole('combobox', { name: question }).click();
  await page.getByRole('option', { name: answer }).click();
  await expect(page.getByRole('combobox', { name: question })).toHaveText(answer);
}

/** Goes through all steps: what each says, and what the bar asks for meanwhile. */
async function walk(page: Page, expected: readonly (readonly [says: RegExp, asks: RegExp | null])[]) {
  for (const [says, asks] of expected) {
    await expect(step(page).getByRole('heading', { level: 2 })).toContainText(anySpaces(says));
    if (asks) await expect(bar(page)).toContainText(asks);
    await page.locator('body').press('Space');
  }
  await expect(page.getByRole('heading', { name: /: sewn$/ })).toBeVisible();
}

const ONE_BAR = { right: /Zip, right/, left: /Zip, left/ };

test('a concealed zip with a one-bar foot: both pieces by name, foot and needle changed over between them', async ({
  page,
}) => {
  await ask(page, 'sateen', 'Concealed zip');
  await page.getByLabel('Zip, top stop to bottom stop, cm').fill('25');
  await page.getByLabel(/^Raw top edge to the notch/).fill('22 cm');
  await begin(page);
  await walk(page, [
    [/Finish both raw edges/, /Zigzag/],
    [/flatten the coil/, null],
    [/left piece, right side up/, null],
    [/tack down the middle of the tape, stitches of 4.5 mm/, /4.5 mm/],
    [/foot to the right of the needle, on the tape/, ONE_BAR.right],
    [/right piece, mirrored/, null],
    [/Tack down the middle of its tape/, /4.5 mm/],
    [/foot to the left of the needle/, ONE_BAR.left],
    [/Take the tacking out/, null],
    [/start 1.2 cm above the end/, ONE_BAR.right],
    [/Sew the tail of each tape/, ONE_BAR.right],
    [/Cut the zip off 2.5 cm below the notch/, null],
  ]);
});

test('a concealed zip with its own foot goes straight into the groove, the needle in its hole', async ({ page }) => {
  await ask(page, 'sateen', 'Concealed zip');
  await way(page, 'How you sew it', /straight into the groove/);
  await begin(page);
  await expect(step(page)).toContainText('Finish both raw edges');
  for (let i = 1; i < 4; i += 1) await page.locator('body').press('Space');
  await expect(step(page)).toContainText('coil in the groove of the foot, needle in its hole');
  await expect(bar(page)).toContainText('Concealed zip');
  await page.locator('body').press('Space');
  await page.locator('body').press('Space');
  await expect(step(page)).toContainText('the other groove of the foot takes the coil');
  await expect(bar(page)).toContainText('Concealed zip');
  await expect(page.getByRole('img', { name: /The right piece/ })).toBeVisible();
});

test('a centred zip from below: both sides alike, foot changed over', async ({ page }) => {
  await ask(page, 'deck', 'Centred zip');
  await way(page, 'How you sew the rows', /each side from the bottom/);
  await begin(page);
  await walk(page, [
    [/Finish both raw edges/, /Zigzag/],
    [/mark the bottom stop/, null],
    [/Tack from the raw top edge/, /4.2 mm/],
    [/From the mark to the end of the seam/, /2.8 mm/],
    [/Press the whole seam open/, null],
    [/lay the closed zip face down/, null],
    [/Sew each tape to its allowance only/, ONE_BAR.left],
    [/start on the seam and sew out to the left/, ONE_BAR.right],
    [/Sew up the left side/, ONE_BAR.right],
    [/through the same hole, sew out to the right/, ONE_BAR.left],
    [/Sew up the right side/, ONE_BAR.left],
    [/slide the pull down past the end of the rows/, ONE_BAR.left],
    [/Take out the rest of the tacking/, null],
  ]);
});

test('a zip between two folds: the foot stands on the far side of the teeth, and the pull is passed', async ({
  page,
}) => {
  await ask(page, 'deck', 'Zip between two folded edges');
  await begin(page);
  await walk(page, [
    [/Finish both raw edges/, /Zigzag/],
    [/Press 10 mm under/, null],
    [/lay its fold on the zip, 6 mm from the middle/, null],
    [/far side of the teeth/, ONE_BAR.left],
    [/Slide the pull past the foot/, ONE_BAR.left],
    [/Close the zip and chalk/, null],
    [/Move the foot to the other side/, ONE_BAR.right],
    [/turn the handwheel over the coil/, null],
  ]);
});

test('a curtain is hemmed folded twice, its corners mitred', async ({ page }) => {
  await ask(page, 'lawn', 'Hem folded twice');
  await page.getByLabel('Finished hem, cm').fill('7.5');
  await page.getByLabel(/^Turned in first/).fill('9 cm');
  await expect(page.getByText(/does not fit into a hem of 7.5 cm/)).toBeVisible();
  await page.getByLabel(/^Turned in first/).fill('2.5 cm');
  await way(page, 'Corners', /mitred/);
  await begin(page);
  await walk(page, [
    [/Cut the hem allowance to 10 cm/, null],
    [/Fold the corner in on the diagonal/, null],
    [/edges meet on the diagonal/, null],
    [/Where a seam crosses/, null],
    [/sew 2 mm from the inner fold, 100 cm along/, /Straight/],
    [/Press it from the wrong side/, null],
  ]);
});

test('velvet is hemmed as a coat is: turned once, caught by hand or with a blind stitch, never rolled under', async ({
  page,
}) => {
  await ask(page, 'velvet', 'Hem for coats and pile, caught invisibly');
  await way(page, 'How it is caught', /by machine/);
  await begin(page);
  await walk(page, [
    [/Finish the raw edge flat/, /igzag/],
    [/Turn up 4 cm once/, null],
    [/Sew on the edge, so that each side stitch catches one thread/, /Blind/],
    [/steam 2.5 cm above the wrong side/, null],
  ]);
});

test('strips are pressed and cooled one by one; two of them have no "even seams"', async ({ page }) => {
  await ask(page, 'lawn', 'Strip set');
  await page.getByLabel('How many strips').fill('2');
  await begin(page);
  await walk(page, [
    [/Cut 2 strips 7.65 cm wide/, null],
    [/first two strips together from the marked end/, /1.9 mm/],
    [/let it cool before you sew the next strip/, null],
    [/Lay the set along a ruler/, null],
  ]);
});

test('quilting lines are counted from the middle, and sewn by the school that was picked', async ({ page }) => {
  await ask(page, 'lawn', 'Parallel quilting lines');
  await way(page, 'Which way you sew them', /alternate rows from opposite ends/);
  await begin(page);
  await walk(page, [
    [/15 rows fill 60 cm evenly, 7 on each side of the middle one/, /Walking/],
    [/Mark the middle line, 30 cm from the side, and sew it/, /Walking/],
    [/each from the opposite end to the one before/, /Walking/],
    [/Trim the edges square/, null],
  ]);
});

test('silk is laid between tissue and cut in one layer; the machine bar is left alone', async ({ page }) => {
  await ask(page, 'habotai', 'Laying and cutting');
  const before = await bar(page).innerText();
  await begin(page);
  await walk(page, [
    [/Tape a sheet of tissue/, null],
    [/Lay the selvedge along the edge/, null],
    [/grain line equally far from the selvedge at both ends/, null],
    [/4 pairs once, then again with the pattern turned over/, null],
    [/inside the allowance, along the cutting line, with silk pins: one every 4 cm, about 400/, null],
    [/Cut with long strokes/, null],
    [/Count: 10 pieces/, null],
  ]);
  expect(await bar(page).innerText()).toBe(before);
});
