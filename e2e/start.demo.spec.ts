import { execFileSync } from 'node:child_process';
import { answers, ended, starter } from './server';
import { expect, openDemo, test } from './page';
import { BOUNDARY_TEXT } from '@/parts/boundary/text';
import { NEW_JOB_TEXT } from '@/features/jobs/text';
import { START_TEXT } from '@/parts/start/text';

test('one address for one workroom: the number leads to the name', async ({ page, baseURL }) => {
  const { port } = new URL(baseURL!);
  const answer = await page.request.get(`http://127.0.0.1:${port}/fabric?id=merino`, { maxRedirects: 0 });
  expect(answer.status()).toBe(307);
  expect(answer.headers().location).toBe(`http://localhost:${port}/fabric?id=merino`);
  expect((await page.request.get('/favicon.ico')).headers()['content-type']).toMatch(/^image\//);
});

test('a starter that is killed leaves no server behind', async () => {
  const { child } = starter(4317);
  await expect.poll(() => answers(4317), { timeout: 60_000 }).toBe(true);
  child.kill('SIGKILL');
  await ended(child);
  await expect.poll(() => answers(4317), { timeout: 20_000 }).toBe(false);
});

test('a starter whose server dies says so and ends with 1', async () => {
  const { child, text } = starter(4318);
  await expect.poll(() => answers(4318), { timeout: 60_000 }).toBe(true);
  const gone = ended(child);
  const server = Number(execFileSync('pgrep', ['-P', String(child.pid)], { encoding: 'utf8' }));
  process.kill(server, 'SIGKILL');
  expect(await gone).toBe(1);
  expect(text()).toContain('The server stopped by itself.');
});

test('a server that has stopped gets a plate, never the browser’s bare page, and going on is one press', async ({
  browser,
}) => {
  const first = starter(4319);
  await expect.poll(() => answers(4319), { timeout: 60_000 }).toBe(true);
  const page = await browser.newPage({ baseURL: 'http://localhost:4319', serviceWorkers: 'block' });
  await openDemo(page);
  await page.getByRole('link', { name: 'Fabric', exact: true }).click();
  await expect(page.getByRole('link', { name: /^Merino jersey/ })).toBeVisible();
  first.child.kill('SIGTERM');
  await ended(first.child);
  // The tape and everything that was fetched stay; what cannot be fetched is told in its place.
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  const plate = page.getByRole('alert').filter({ hasText: BOUNDARY_TEXT.stopped }).first();
  await expect(plate).toBeVisible();
  await expect(page.getByRole('link', { name: 'bobbet' })).toBeVisible();
  await plate.getByRole('button', { name: BOUNDARY_TEXT.again }).click();
  await expect(plate.getByText(BOUNDARY_TEXT.stillStopped)).toBeVisible();
  const second = starter(4319);
  await expect.poll(() => answers(4319), { timeout: 60_000 }).toBe(true);
  await plate.getByRole('button', { name: BOUNDARY_TEXT.again }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Log' })).toBeVisible();
  second.child.kill('SIGTERM');
  await ended(second.child);
  await page.close();
});

const BROKEN: [name: string, script: string, title: RegExp][] = [
  [
    'no database',
    'delete window.indexedDB; Object.defineProperty(window, "indexedDB", { value: undefined })',
    /cannot keep your work/,
  ],
  [
    'a database that is refused',
    'IDBFactory.prototype.open = function () { throw new DOMException("no", "SecurityError") }',
    /will not keep your work here/,
  ],
  ['no workers', 'Object.defineProperty(window, "Worker", { value: undefined })', /too old for Bobbet/],
  [
    'storage that is blocked',
    'Object.defineProperty(window, "localStorage", { get() { throw new DOMException("no", "SecurityError") } })',
    /Stored data is switched off/,
  ],
];
for (const [name, script, title] of BROKEN) {
  test(`with ${name} the start says what is wrong and what to do`, async ({ browser, baseURL }) => {
    const page = await browser.newPage({ baseURL, serviceWorkers: 'block' });
    await page.addInitScript(script);
    await page.goto('/today');
    const plate = page.getByRole('alert').filter({ hasText: title });
    await expect(plate).toBeVisible();
    await expect(plate.getByRole('button')).toBeVisible();
    expect(await plate.innerText()).not.toMatch(/https?:|Error/);
    await page.close();
  });
}

test('without the browser’s own maker of keys new entries still get theirs', async ({ page }) => {
  await page.addInitScript('Object.defineProperty(crypto, "randomUUID", { value: undefined })');
  await openDemo(page, '/projects');
  await page.getByRole('button', { name: NEW_JOB_TEXT.begin, exact: true }).click();
  await expect(page).toHaveURL(/id=[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
});

test('a database of a newer Bobbet is left alone, and an old tab lets go when a newer one comes', async ({
  page,
  context,
}) => {
  await openDemo(page);
  const other = await context.newPage();
  await other.goto('/robots.txt');
  const upgraded = other.evaluate(
    () =>
      new Promise<string>((done) => {
        const open = indexedDB.open('bobbet', 9999);
        open.onsuccess = () => (open.result.close(), done('upgraded'));
        open.onerror = () => done(String(open.error));
      }),
  );
  await expect(page.getByRole('alert').filter({ hasText: START_TEXT['updated-elsewhere'].title })).toBeVisible();
  expect(await upgraded).toBe('upgraded');
  await page.reload();
  await expect(page.getByRole('alert').filter({ hasText: START_TEXT['database-newer'].title })).toBeVisible();
});

test('an old tab that holds the database is named, and once it is closed the start goes on', async ({
  browser,
  baseURL,
}) => {
  const context = await browser.newContext({ baseURL, serviceWorkers: 'block' });
  const old = await context.newPage();
  await old.goto('/robots.txt');
  await old.evaluate(
    () =>
      new Promise<void>((done) => {
        const open = indexedDB.open('bobbet', 10);
        open.onupgradeneeded = () => {
          for (const name of ['cloths', 'machines', 'kit', 'swatches', 'lines', 'cards']) {
            open.result.createObjectStore(name, { keyPath: 'id' });
          }
          open.result.createObjectStore('onMachine', { keyPath: 'machineId' });
          open.result.createObjectStore('preferences', { keyPath: 'key' });
        };
        // It hears that a newer one wants the database, and does not let go.
        open.onsuccess = () => done();
      }),
  );
  const page = await context.newPage();
  await page.goto('/today');
  await expect(page.getByRole('alert').filter({ hasText: START_TEXT['database-held'].title })).toBeVisible();
  await old.close();
  await expect(page.locator('h1#next')).toBeVisible();
  await context.close();
});
