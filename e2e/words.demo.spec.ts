import type { Page } from '@playwright/test';
import { answered, expect, openDemo, stored, test } from './page';
import { IDENTITY_TEXT } from '@/features/cloth/text';
import { TEXT as SEW_TEXT } from '@/features/sew/text';
import { WORDS_TEXT } from '@/features/words/text';
import { HELP_TEXT } from '@/parts/help/text';

/** A person's own name for a fabric, with a word in it that Bobbet would say otherwise. */
const OWN = 'Grey zip canvas, centre drawer';

/** Finds an operation by any of its names, sews it from its questions to its log, and hands back all that was read. */
async function sewn(page: Page, find: string, called: string): Promise<string> {
  await page.goto('/sew');
  await page.getByLabel(SEW_TEXT.find).fill(find);
  await page.getByRole('button', { name: new RegExp(`^${called}`) }).click();
  await expect(page.getByRole('heading', { level: 1, name: called })).toBeVisible();
  const main = page.getByRole('main');
  const read = [await main.innerText()];
  const begin = page.getByRole('button', { name: SEW_TEXT.begin });
  await expect(begin).toBeEnabled();
  await begin.click();
  const end = page.getByRole('heading', { name: `${called}: sewn` });
  for (let i = 0; i < 16 && !(await end.isVisible()); i += 1) {
    read.push(await main.innerText());
    await page.locator('body').press('Space');
    await page.waitForTimeout(150);
  }
  await expect(end).toBeVisible();
  return [...read, await main.innerText()].join('\n').replaceAll(OWN, '');
}

test('a zip and a hem in British and in American words; either finds them, and own names stay', async ({ page }) => {
  await openDemo(page, '/fabric?id=deck');
  await page.getByRole('tab', { name: IDENTITY_TEXT.whatItIs }).click();
  await page.getByLabel(IDENTITY_TEXT.name, { exact: true }).fill(OWN);
  await expect(page.getByRole('heading', { level: 1, name: OWN })).toBeVisible();
  await page.goto('/match?cloth=deck');
  await answered(page);

  const uk = `${await sewn(page, 'zipper', 'Centred zip')}\n${await sewn(page, 'hem fold', 'Hem folded twice')}`;
  expect(uk).toMatch(/Tack from the raw top edge/);
  expect(uk).not.toMatch(/zipper|\bbast(e|ed|ing)\b|\bcent(er|ered)\b|\bcolor\b/i);

  await page.getByRole('button', { name: /^Words: UK/ }).click();
  await expect(page.getByRole('button', { name: /^Words: US/ })).toBeVisible();
  const us = `${await sewn(page, 'zip', 'Centered zipper')}\n${await sewn(page, 'hem fold', 'Hem folded twice')}`;
  expect(us).toMatch(/Baste from the raw top edge/);
  expect(us).not.toMatch(/\bzips?\b|\btack(ed|ing)?\b|\bcentred?\b|\bcolours?\b/i);

  // A person's own name is theirs, whatever Bobbet calls a zip; and the choice outlives a reload.
  await page.goto('/fabric?id=deck');
  await expect(page.getByRole('heading', { level: 1, name: OWN })).toBeVisible();
  await page.getByRole('button', { name: /^Words: US/ }).click();
  await page.goto('/sew');
  await expect(page.getByRole('button', { name: /^Centred zip/ })).toBeVisible();
});

test('the question mark lists the keys and leads to the words, which are found in either English', async ({ page }) => {
  await openDemo(page, '/today');
  await page.locator('body').press('?');
  const help = page.getByRole('dialog', { name: HELP_TEXT.button });
  await help.getByRole('link', { name: HELP_TEXT.words }).click();
  await expect(page.getByRole('heading', { level: 1, name: WORDS_TEXT.title })).toBeVisible();
  await expect(help).toBeHidden();
  const words = page.getByRole('main');
  await page.getByLabel(WORDS_TEXT.find).fill('batting');
  await expect(words.getByText('Wadding', { exact: true })).toBeVisible();
  await page.getByLabel(WORDS_TEXT.find).fill('zzz');
  await expect(words.getByText(WORDS_TEXT.none)).toBeVisible();
  // In a field the question mark is a letter.
  await page.getByLabel(WORDS_TEXT.find).press('?');
  await expect(help).toBeHidden();
  // It can be switched off, for hands that press keys by accident or by voice; the button still opens the list.
  await page.getByRole('button', { name: HELP_TEXT.button }).click();
  await help.getByLabel(HELP_TEXT.byKey).click();
  await expect(help.getByLabel(HELP_TEXT.byKey)).not.toBeChecked();
  await stored(page, 'preferences', (rows) => JSON.stringify(rows).includes('"singleKeys","value":false'));
  await page.keyboard.press('Escape');
  await expect(help).toBeHidden();
  await page.goto('/words');
  await expect(page.getByRole('heading', { level: 1, name: WORDS_TEXT.title })).toBeVisible();
  await page.locator('body').press('?');
  await expect(help).toBeHidden();
  await page.getByRole('button', { name: HELP_TEXT.button }).click();
  await expect(help.getByLabel(HELP_TEXT.byKey)).not.toBeChecked();
});
