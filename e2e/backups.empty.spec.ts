import type { Page } from '@playwright/test';
import { answered, expect, test } from './page';
import { BACKUP_TEXT } from '@/features/workroom/files/text';
import { DOWNLOAD_TEXT } from '@/parts/frame/downloadText';
import { FRAME_TEXT } from '@/parts/frame/text';
import { NEW_JOB_TEXT } from '@/features/jobs/text';
import { PUT_AWAY_TEXT } from '@/features/cloth/text';
import { START_TEXT } from '@/features/match/text';

async function firstCloth(page: Page, name: string) {
  await page.goto('/match');
  await page.getByLabel(START_TEXT.name).fill(name);
  await page.getByLabel(/Stretched, how long is it/).fill('15');
  await page.keyboard.press('Enter');
  await answered(page);
}

test('a copy is kept on each day of use, and yesterday can be gone back to', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-03-27T09:00:00') });
  await firstCloth(page, 'cotton jersey');
  // The next morning: what was there the evening before is kept, over the night the clocks change.
  await page.clock.setFixedTime(new Date('2026-03-29T09:00:00'));
  await page.goto('/today');
  await page.goto('/workroom?place=files');
  const backups = page.getByRole('region', { name: BACKUP_TEXT.title });
  await expect(backups.getByText(BACKUP_TEXT.day('today'))).toBeVisible();
  await expect(backups.getByText('1 fabric').first()).toBeVisible();

  await page.getByRole('link', { name: 'Fabric', exact: true }).click();
  await page.getByRole('link', { name: /^cotton jersey/ }).click();
  await page.getByRole('button', { name: PUT_AWAY_TEXT.deleteThisFabric }).click();
  await expect(page.getByText('cotton jersey deleted.')).toBeVisible();
  await page.clock.setFixedTime(new Date('2026-03-30T09:00:00'));
  await page.goto('/workroom?place=files');
  await backups.getByRole('button', { name: 'Go back to this: As it was when you opened Bobbet yesterday' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('bring back 1 fabric');
  await dialog.getByRole('button', { name: BACKUP_TEXT.goBack }).click();
  await page.getByRole('link', { name: 'Fabric', exact: true }).click();
  await expect(page.getByRole('link', { name: /^cotton jersey/ })).toBeVisible();
});

test('a copy is written into the folder that was picked, and what the browser promises is said', async ({ page }) => {
  // The browser's own private folder stands in for one that a person picks.
  await page.addInitScript(() => {
    Object.assign(window, { showDirectoryPicker: () => navigator.storage.getDirectory() });
  });
  await firstCloth(page, 'cotton jersey');
  await page.goto('/workroom?place=files');
  await expect(page.getByText(BACKUP_TEXT.never)).toBeVisible();
  await page.getByRole('button', { name: BACKUP_TEXT.pick }).click();
  await expect(page.getByText(/^bobbet-workroom-\d{4}-\d{2}-\d{2}\.json saved\.$/)).toBeVisible();
  await expect(page.getByText(BACKUP_TEXT.last('today'))).toBeVisible();
  await expect(page.getByText(/^This browser (has promised|may clear)/)).toBeVisible();
  const text = await page.evaluate(async () => {
    const folder = await navigator.storage.getDirectory();
    for await (const [name, handle] of folder as never as AsyncIterable<[string, FileSystemFileHandle]>) {
      if (name.startsWith('bobbet-workroom-')) return (await handle.getFile()).text();
    }
    return '';
  });
  expect((JSON.parse(text) as { format: string }).format).toBe('bobbet-workroom');
});

test('after a month without a copy elsewhere one is asked for, and can be put off', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-03-01T09:00:00') });
  await firstCloth(page, 'cotton jersey');
  await page.clock.setFixedTime(new Date('2026-04-02T09:00:00'));
  await page.goto('/today');
  const banner = page.getByRole('region', { name: DOWNLOAD_TEXT.downloadLabel });
  await expect(banner).toBeVisible();
  await banner.getByRole('button', { name: DOWNLOAD_TEXT.later }).click();
  await expect(banner).toBeHidden();
  await page.clock.setFixedTime(new Date('2026-04-10T09:00:00'));
  await page.goto('/today');
  const download = page.waitForEvent('download');
  await banner.getByRole('button', { name: DOWNLOAD_TEXT.downloadNow }).click();
  await download;
  await expect(banner).toBeHidden();
});

test('a clock set back a year is told, and what is done later still comes later', async ({ page }) => {
  await firstCloth(page, 'cotton jersey');
  await page.addInitScript((back) => {
    const Real = Date;
    class Old extends Real {
      constructor(...given: []) {
        super(...((given.length > 0 ? given : [Real.now() - back]) as []));
      }
      static override now = () => Real.now() - back;
    }
    window.Date = Old as DateConstructor;
  }, 366 * 864e5);
  await page.goto('/projects');
  await page.getByRole('button', { name: NEW_JOB_TEXT.begin, exact: true }).click();
  const banner = page.getByRole('region', { name: FRAME_TEXT.clockLabel });
  await expect(banner).toContainText('earlier than your newest record');
  await page.goto('/fabric');
  await page.goto('/projects');
  await page.getByLabel('Name', { exact: true }).fill('Second');
  await page.getByRole('button', { name: NEW_JOB_TEXT.begin, exact: true }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Second' })).toBeVisible();
  await page.goto('/projects');
  // The newest comes first, as ever.
  await expect(page.getByRole('main').getByRole('link').first()).toContainText('Second');
  await page.getByRole('button', { name: NEW_JOB_TEXT.begin, exact: true }).click();
  await banner.getByRole('button', { name: FRAME_TEXT.clockRight }).click();
  await expect(banner).toBeHidden();
});
