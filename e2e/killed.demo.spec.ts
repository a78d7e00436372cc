import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { chromium, expect, test } from '@playwright/test';

// A power cut, a flat battery: nobody gets to say goodbye. The whole browser is killed while a line is being filled in.
test('nothing is lost when the browser is killed in the middle of a line', async ({ baseURL }, info) => {
  const profile = mkdtempSync(path.join(tmpdir(), 'bobbet-killed-'));
  const open = () => chromium.launchPersistentContext(profile, { ...info.project.use.launchOptions, baseURL });
  try {
    const before = await open();
    const page = before.pages()[0];
    await page.goto('/match');
    await expect(page.getByText('This is a demo workroom')).toBeVisible();
    await page.goto('/swatch?id=merino-side');
    await page.getByLabel('After sewing, mm').fill('103');
    await page.getByLabel('Pucker grade').fill('4.5');
    await page.getByRole('button', { name: 'Skipped stitches: not seen' }).click();
    await page.getByRole('textbox', { name: 'Notes' }).pressSequentially('Skipped twice near the st');
    // As long as a person takes to look up from the key they pressed last.
    await page.waitForTimeout(1000);
    const gone = new Promise((resolve) => before.once('close', resolve));
    execFileSync('pkill', ['-KILL', '-f', profile]);
    await gone;

    const after = await open();
    const again = after.pages()[0];
    await again.goto('/swatch?id=merino-side');
    await expect(again.getByLabel('After sewing, mm')).toHaveValue('103');
    await expect(again.getByLabel('Pucker grade')).toHaveValue('4.5');
    await expect(again.getByRole('button', { name: 'Skipped stitches: slight' })).toBeVisible();
    await expect(again.getByRole('textbox', { name: 'Notes' })).toHaveValue('Skipped twice near the st');
    await expect(again.getByLabel('Stitches in 100 mm')).toHaveValue('41');
    await after.close();
  } finally {
    rmSync(profile, { recursive: true, force: true });
  }
});
