import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { axeFindings, expect, openDemo, test } from './page';
import { BOUNDARY_TEXT } from '@/parts/boundary/text';
import { FILES_TEXT } from '@/features/workroom/files/text';
import { FRAME_TEXT, TAPE_TEXT } from '@/parts/frame/text';
import { IMPORT_JOB_TEXT } from '@/features/jobs/text';
import { START_TEXT } from '@/features/match/text';

/** Changes a stored row behind the back of the program, as a failing disk or a slip would. */
const damage = (page: Page, table: string, id: string, change: object | null) =>
  page.evaluate(
    ([name, key, edit]) =>
      new Promise<void>((done, fail) => {
        const open = indexedDB.open('bobbet');
        open.onsuccess = () => {
          const store = open.result.transaction(name, 'readwrite').objectStore(name);
          const get = store.get(key);
          get.onsuccess = () => {
            if (edit === null) store.delete(key);
            else store.put({ ...get.result, ...edit });
          };
          store.transaction.oncomplete = () => (open.result.close(), done());
          store.transaction.onerror = () => fail(store.transaction.error);
        };
      }),
    [table, id, change] as const,
  );
const banner = (page: Page) => page.getByRole('region', { name: FRAME_TEXT.wrongLabel });

test('a damaged record and a line in the air are told, exported apart, and repaired or set aside', async ({ page }) => {
  await openDemo(page);
  await damage(page, 'cloths', 'neoprene', { colour: 'blue' });
  await damage(page, 'swatches', 'canvas-seam', null);
  await page.reload();
  await expect(banner(page)).toContainText(/\d saved records cannot be used as they are/);
  await banner(page).getByRole('link', { name: FRAME_TEXT.lookAtThem }).click();
  await expect(page.getByRole('button', { name: 'Repair: fabric “Neoprene for the tiller grip”' })).toBeVisible();
  expect(await axeFindings(page)).toEqual([]);

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export the workroom' }).click();
  const file = JSON.parse(await readFile((await (await download).path())!, 'utf8')) as { setAside: { list: string }[] };
  expect(file.setAside.filter(({ list }) => list === 'cloths')).toHaveLength(1);
  expect(file.setAside.filter(({ list }) => list === 'lines').length).toBeGreaterThan(0);
  await expect(page.getByText(/could not be read and are in it as they were found/)).toBeVisible();

  await page.getByRole('button', { name: 'Repair: fabric “Neoprene for the tiller grip”' }).click();
  await expect(page.getByText(/Fabric “Neoprene.*repaired\. Left out: colour/)).toBeHidden();
  // A colour is something a fabric must have: too much is gone, and it is said.
  await expect(page.getByText('Too much of it is damaged.')).toBeVisible();
  await page.getByRole('button', { name: 'OK' }).click();
  await page.getByRole('button', { name: 'Set aside: fabric “Neoprene for the tiller grip”' }).click();
  await expect(page.getByRole('button', { name: 'Put it back: fabric “Neoprene for the tiller grip”' })).toBeVisible();

  await page.getByRole('button', { name: 'Repair: test 1' }).click();
  await expect(
    page.getByText(/Added so that it can be used: fabric “Recovered fabric”, swatch “Recovered swatch”/),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: /^Repair: test/ })).toHaveCount(0);
  await expect(banner(page)).toBeHidden();
});

test('emptying and bringing back keeps a damaged record, and undo says so when it fails', async ({ page }) => {
  await openDemo(page);
  await damage(page, 'cloths', 'neoprene', { colour: 'blue' });
  await page.reload();
  await expect(banner(page)).toContainText('1 saved record');
  await page.getByRole('button', { name: FRAME_TEXT.startMyOwnWorkroom }).click();
  await expect(page.getByRole('heading', { name: START_TEXT.title })).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByText('Demo workroom')).toBeVisible();
  await expect(banner(page)).toContainText('1 saved record');
});

test('a project whose seams wait for themselves is out of reach alone: saved, repaired or deleted', async ({
  page,
}) => {
  await openDemo(page);
  const ring = await page.evaluate(
    () =>
      new Promise<object[]>((done) => {
        const open = indexedDB.open('bobbet');
        open.onsuccess = () => {
          const get = open.result.transaction('jobs').objectStore('jobs').get('apron');
          get.onsuccess = () => (open.result.close(), done(get.result.seams));
        };
      }),
  );
  const seams = ring.map((seam, i) =>
    i === 2 ? { ...seam, after: [{ seamId: (seam as { id: string }).id, why: '' }] } : seam,
  );
  await damage(page, 'jobs', 'apron', { seams });
  await page.goto('/projects?id=apron');
  const plate = page.getByRole('alert').filter({ hasText: BOUNDARY_TEXT.part('This project') });
  await expect(plate).toContainText('seams[2].after[0]: waits for itself');
  await page.getByRole('link', { name: TAPE_TEXT.today, exact: true }).click();
  await expect(page.locator('h1#next')).toBeVisible();
  await page.goto('/projects?id=apron');
  await plate.getByRole('button', { name: BOUNDARY_TEXT.repair }).click();
  await expect(page.getByRole('heading', { level: 1, name: /^Work apron/ })).toBeVisible();
});

test('a project file with a ring is refused by path, and the others of a workroom file come in', async ({ page }) => {
  await openDemo(page);
  const demo = JSON.parse(await readFile('demo/tansy-wren.json', 'utf8')) as {
    jobs: { seams: { id: string; after: object[] }[] }[];
    cards: { photoId?: string }[];
  };
  const { seams } = demo.jobs[0];
  seams[2].after = [{ seamId: seams[2].id, why: '' }];
  const { cloths, machines, jobs } = demo as never as Record<string, object[]>;
  const job = {
    format: 'bobbet-job',
    version: 1,
    exportedAt: '2026-01-01T00:00:00Z',
    cloths: [],
    machine: null,
    job: jobs[0],
  };
  await page.goto('/projects');
  const json = (name: string, value: object) => ({
    name,
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(value)),
  });
  await page.getByLabel(IMPORT_JOB_TEXT.importAJob).setInputFiles(json('ring.json', job));
  await expect(page.getByText('job.seams[2].after[0]: waits for itself')).toBeVisible();

  expect(cloths.length + machines.length).toBeGreaterThan(0);
  await page.goto('/workroom?place=files');
  await page.getByLabel(FILES_TEXT.importOne).setInputFiles(json('broken.json', demo));
  await expect(page.getByText('jobs[0].seams[2].after[0]: waits for itself')).toBeVisible();
  await page.getByRole('button', { name: FILES_TEXT.replace }).click();
  await expect(page.getByText(FILES_TEXT.imported)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Put it back: project “/ })).toBeVisible();
  await page.getByRole('button', { name: /^Put it back: project “/ }).click();
  await expect(page.getByText('It is back. Left out: seams[2].after[0].')).toBeVisible();
});

test('a project with an operation nobody knows, and a card of another world, take nothing else with them', async ({
  page,
}) => {
  await openDemo(page);
  const seam = {
    id: 's',
    name: 'Odd',
    procedureId: 'no-such-operation',
    clothId: 'gone',
    secondClothId: null,
    pieces: [],
  };
  const more = {
    count: 99,
    answers: { width: 1e300, length: -1e300 },
    stage: 'attach',
    needleColour: '',
    bobbinColour: '',
  };
  const seams = [{ ...seam, ...more, after: [], notes: '' }];
  await damage(page, 'jobs', 'apron', { seams, order: ['nothing', 's'] });
  await page.goto('/projects?id=apron');
  await expect(page.getByRole('heading', { name: /Work apron|This project cannot be shown/ })).toBeVisible();
  for (const station of ['Today', 'Sew', 'Log', 'Projects']) {
    await page.getByRole('link', { name: station, exact: true }).click();
    await expect(page.getByRole('heading').first()).toBeVisible();
    await expect(page.getByText(BOUNDARY_TEXT.page)).toHaveCount(0);
  }
});
