import { expect, openDemo, test, unsure } from './page';
import { DIAGNOSIS_TEXT } from '@/parts/diagnosis/text';
import { SIGNS_TEXT, WHAT_NEXT_TEXT } from '@/features/swatch/text';

test('a line that fails is told the one thing to change, and one press makes it the next line', async ({ page }) => {
  await openDemo(page, '/test?id=velvet');
  const said = page.getByRole('region', { name: /Change one thing|One question first/ });
  // Pile that crept and foot marks: what drags on the upper layer, or presses too hard.
  await expect(said).toContainText(/walking foot|presser pressure one mark lighter/);
  await expect(said).toContainText(/Works (about )?(\d+ times? in \d+|half the time)/);
  await expect(said.getByRole('list', { name: DIAGNOSIS_TEXT.causes }).getByRole('listitem')).toHaveCount(3);
  const first = await said.locator('p').first().textContent();
  await said.getByRole('button', { name: WHAT_NEXT_TEXT.doItLine(2) }).click();
  await expect(page.getByRole('heading', { name: /^Test 2/ })).toBeVisible();
  await expect(said).toHaveCount(0);
  await expect(page.getByText(/^One change from the last test\. /)).toBeVisible();

  // The same again: what was tried is not proposed a second time.
  await page.getByRole('textbox', { name: /Top layer shifted/ }).fill('5');
  await expect(said).toBeVisible();
  await unsure(said);
  await expect(said.locator('p').first()).not.toHaveText(first!);
  await page.reload();
  await expect(said.getByRole('button', { name: /^Do this in test/ })).toBeVisible();
  await expect(said.locator('p').first()).not.toHaveText(first!);
});

test('nothing seen and nothing measured asks for no change', async ({ page }) => {
  await openDemo(page, '/test?id=merino-side');
  await page.getByRole('button', { name: SIGNS_TEXT.nothingWrong }).click();
  await expect(page.getByRole('region', { name: DIAGNOSIS_TEXT.change })).toHaveCount(0);
  await page.getByRole('button', { name: 'Stretched, wavy seam: not seen' }).click();
  await expect(page.getByRole('region', { name: DIAGNOSIS_TEXT.change })).toBeVisible();
});

test('once the obvious change did not help it asks, the answer is kept, and what comes next follows from it', async ({
  page,
}) => {
  await openDemo(page, '/test?id=velvet');
  const said = page.getByRole('region', { name: DIAGNOSIS_TEXT.change });
  await said.getByRole('button', { name: WHAT_NEXT_TEXT.doItLine(2) }).click();
  await expect(page.getByRole('heading', { name: /^Test 2/ })).toBeVisible();
  await page.getByRole('textbox', { name: /Top layer shifted/ }).fill('5');
  const question = page.getByRole('region', { name: DIAGNOSIS_TEXT.question });
  await expect(question).toBeVisible();
  const asked = await question.locator('p').first().textContent();
  await question.getByRole('button').first().click();
  await expect(page.getByText(asked!)).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('region', { name: /Change one thing|One question first/ })).toBeVisible();
  await expect(page.getByText(asked!)).toHaveCount(0);
});
