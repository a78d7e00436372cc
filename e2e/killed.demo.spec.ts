import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { chromium, expect, type Page, test, type TestInfo } from '@playwright/test';
import { ABOUT_TEXT, JOB_PAGE_TEXT, SEAM_EDITOR_TEXT } from '@/features/jobs/text';
import { MEASURES_TEXT, NOTES_TEXT } from '@/features/swatch/text';

// A power cut, a flat battery: nobody gets to say goodbye. The whole browser is killed while something is being filled in.
interface Kill {
  fill: (page: Page) => Promise<void>;
  check: (page: Page) => Promise<void>;
}

async function killed(baseURL: string | undefined, info: TestInfo, { fill, check }: Kill) {
  const profile = mkdtempSync(path.join(tmpdir(), 'bobbet-killed-'));
  const open = () =>
    chromium.launchPersistentContext(profile, { ...info.project.use.launchOptions, baseURL, serviceWorkers: 'block' });
  try {
    const before = await open();
    const page = before.pages()[0];
    await page.goto('/match');
    await expect(page.getByText('Demo workroom')).toBeVisible();
    await fill(page);
    // As long as a person takes to look up from the key they pressed last.
    await page.waitForTimeout(1000);
    const gone = new Promise((resolve) => before.once('close', resolve));
    execFileSync('pkill', ['-KILL', '-f', profile]);
    await gone;
    const after = await open();
    await check(after.pages()[0]);
    await after.close();
  } finally {
    rmSync(profile, { recursive: true, force: true });
  }
}

test('nothing is lost when the browser is killed in the middle of a line', async ({ baseURL }, info) => {
  await killed(baseURL, info, {
    fill: async (page) => {
      await page.goto('/test?id=merino-side');
      await page.getByLabel(`${MEASURES_TEXT.afterSewing}, cm`).fill('10.3');
      await page.getByLabel(MEASURES_TEXT.puckerGrade).fill('4.5');
      await page.getByRole('button', { name: 'Skipped stitches: not seen' }).click();
      await page.getByRole('textbox', { name: NOTES_TEXT.notes }).pressSequentially('Skipped twice near the st');
    },
    check: async (page) => {
      await page.goto('/test?id=merino-side');
      await expect(page.getByLabel(`${MEASURES_TEXT.afterSewing}, cm`)).toHaveValue('10.3');
      await expect(page.getByLabel(MEASURES_TEXT.puckerGrade)).toHaveValue('4.5');
      await expect(page.getByRole('button', { name: 'Skipped stitches: slight' })).toBeVisible();
      await expect(page.getByRole('textbox', { name: NOTES_TEXT.notes })).toHaveValue('Skipped twice near the st');
      await expect(page.getByLabel(MEASURES_TEXT.stitchesIn('10 cm'))).toHaveValue('41');
    },
  });
});

test('nothing is lost when the browser is killed in the middle of a job', async ({ baseURL }, info) => {
  await killed(baseURL, info, {
    fill: async (page) => {
      await page.goto('/projects?id=top&place=seams');
      await page.getByRole('button', { name: /^Neckband/ }).click();
      await page.getByLabel(SEAM_EDITOR_TEXT.howManyAlike).fill('2');
      await page.getByLabel('Round the neckline, at the seam line, cm').fill('58');
      await page.getByRole('button', { name: SEAM_EDITOR_TEXT.itNeedNotWait('Shoulders') }).click();
      await page.getByRole('button', { name: SEAM_EDITOR_TEXT.itNeedNotWait('Lay and cut') }).click();
      await page.getByRole('tab', { name: JOB_PAGE_TEXT.piecesAndNotes }).click();
      await page.getByRole('textbox', { name: ABOUT_TEXT.notes }).pressSequentially('Cut the band acr');
    },
    check: async (page) => {
      await page.goto('/projects?id=top&place=seams');
      await expect(page.getByRole('row', { name: /^Neckband.*2 of these/ })).toBeVisible();
      await page.getByRole('button', { name: /^Neckband/ }).click();
      await expect(page.getByLabel('Round the neckline, at the seam line, cm')).toHaveValue('58');
      await expect(page.getByText(SEAM_EDITOR_TEXT.itWaitsForNothing)).toBeVisible();
      await page.getByRole('tab', { name: JOB_PAGE_TEXT.piecesAndNotes }).click();
      await expect(page.getByRole('textbox', { name: ABOUT_TEXT.notes })).toHaveValue('Cut the band acr');
    },
  });
});

test('nothing is lost when the browser is killed while a job is being named', async ({ baseURL }, info) => {
  await killed(baseURL, info, {
    fill: async (page) => {
      await page.goto('/projects');
      await page.getByLabel('Name', { exact: true }).fill('Tote');
      // By then what was typed first is written out, and what follows is not.
      await page.waitForTimeout(6000);
      await page.getByLabel('Name', { exact: true }).pressSequentially(' for the mark');
    },
    check: async (page) => {
      await page.goto('/projects');
      await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Tote for the mark');
    },
  });
});
