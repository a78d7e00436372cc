import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { ask, axeFindings, expect, openDemo, test } from './page';
import { CHECK_UP_TEXT } from '@/features/checkUp/text';
import { JOB_ACTIONS_TEXT } from '@/features/jobs/text';
import { WITH_PICKED_TEXT } from '@/features/ledger/text';
import { PRINTING_TEXT, TEXT as SEW_TEXT } from '@/features/sew/text';
import { SCRAP_PAGE_TEXT } from '@/features/swatch/text';
import { PAPER_TEXT as TEXT } from '@/parts/paper/text';
import { drawnOn, pagesOf } from '@/parts/paper/pdf.testing';

const press = (page: Page, name: string) => page.getByRole('button', { name, exact: true }).click();
const cards = async (page: Page) => {
  await openDemo(page, '/log?place=cards');
  await page.getByRole('checkbox', { name: /^Select Deck canvas/ }).check();
};
const steps = async (page: Page) => {
  await ask(page, 'lawn', 'Seam along any line');
  await expect(page.getByRole('region', { name: SEW_TEXT.drawing })).toContainText('18 cm');
};

/** Everything that goes on paper: how it is come by, and how many pages it takes on A4. */
const SHEETS: readonly { what: string; pages: number; scaled?: boolean; open: (page: Page) => Promise<void> }[] = [
  {
    what: 'a swatch',
    pages: 1,
    scaled: true,
    open: async (page) => {
      await openDemo(page, '/test?id=merino-side');
      await press(page, SCRAP_PAGE_TEXT.printTheScrapAt);
    },
  },
  {
    what: 'a project',
    pages: 1,
    open: async (page) => {
      await openDemo(page, '/projects?id=top');
      await press(page, JOB_ACTIONS_TEXT.print);
    },
  },
  {
    what: 'the steps',
    pages: 2,
    open: async (page) => {
      await steps(page);
      await press(page, PRINTING_TEXT.printTheSteps);
    },
  },
  {
    what: 'a template wider than the paper',
    pages: 2,
    scaled: true,
    open: async (page) => {
      await steps(page);
      await page.getByLabel('Across, cm').fill('32');
      await expect(page.getByRole('region', { name: SEW_TEXT.drawing })).toContainText('32 cm');
      await press(page, PRINTING_TEXT.printTheTemplate);
    },
  },
  {
    what: 'a check-up',
    pages: 1,
    scaled: true,
    open: async (page) => {
      await openDemo(page, '/check-up');
      await press(page, CHECK_UP_TEXT.print);
    },
  },
  {
    what: 'a card',
    pages: 1,
    open: async (page) => {
      await cards(page);
      await press(page, WITH_PICKED_TEXT.printCards(1));
    },
  },
  {
    what: 'labels',
    pages: 1,
    open: async (page) => {
      await cards(page);
      await press(page, WITH_PICKED_TEXT.printLabels);
    },
  },
];

for (const { what, pages, scaled, open } of SHEETS)
  test(`${what}: seen page by page before it is printed, and saved as a file true to scale`, async ({ page }, info) => {
    await open(page);
    const dialog = page.getByRole('dialog');
    const pictures = dialog.getByRole('img', { name: /^Page \d/ });
    await expect(pictures).toHaveCount(pages);
    await expect(dialog.getByText(TEXT.pages(pages))).toBeVisible();
    const download = page.waitForEvent('download');
    await press(page, TEXT.save);
    const file = info.outputPath('file.pdf');
    await (await download).saveAs(file);
    const made = await pagesOf(await readFile(file));
    expect(made).toHaveLength(pages);
    expect([made[0].getWidth(), made[0].getHeight()].map(Math.round)).toEqual([595, 842]);
    const drawn = made.map(drawnOn).join('\n');
    expect(drawn).toMatch(/ Tj/);
    // The bar to be measured is 4 in long, in mm under a scale of mm to points.
    if (scaled) expect(levelLines(drawn).filter((mm) => Math.abs(mm - 101.6) < 0.02)).not.toEqual([]);
    await press(page, TEXT.close);
    await expect(dialog).toHaveCount(0);
  });

/** How long every line is that goes straight to the right. */
const levelLines = (drawn: string) =>
  [...drawn.matchAll(/([\d.]+) ([\d.]+) m\s+([\d.]+) \2 l/g)].map(([, from, , to]) => Number(to) - Number(from));

test('pages follow the paper that is chosen, and nothing about the window is wrong', async ({ page }) => {
  await openDemo(page, '/projects?id=top');
  await press(page, JOB_ACTIONS_TEXT.print);
  const first = page.getByRole('dialog').getByRole('img', { name: TEXT.page(1, 1) });
  const shape = async () => {
    const box = (await first.boundingBox())!;
    return box.height / box.width;
  };
  await expect.poll(shape).toBeCloseTo(297 / 210, 1);
  expect(await axeFindings(page)).toEqual([]);
  await page.getByRole('combobox', { name: TEXT.paper }).click();
  await page.getByRole('option', { name: 'Letter' }).click();
  await expect.poll(shape).toBeCloseTo(279.4 / 215.9, 1);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByRole('button', { name: JOB_ACTIONS_TEXT.print, exact: true })).toBeFocused();
});
