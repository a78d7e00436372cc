/**
 * The browser is killed, by its own process id, at random moments of a scripted hour of fabrics imported and deleted, files
 * imported, things undone and notes written. What a screen had acknowledged has to be there afterwards, and nothing may
 * hang in the air.
 *
 *     COUNT=200 npx tsx bench/kills.ts http://localhost:3000
 */
import { mkdtempSync, readFileSync, readlinkSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { type BrowserContext, chromium, type Page } from '@playwright/test';
import { LISTS, type LinkedList, sortOut } from '../src/core/file';
import { seeded } from '../src/core/random';

const COUNT = Number(process.env.COUNT ?? 200);
/** Longest life of a browser beyond its first moments, ms. */
const SPAN_MS = Number(process.env.SPAN ?? 5000);
const url = process.argv[2] ?? 'http://localhost:3000';
const rng = seeded(Number(process.env.SEED ?? 1));
const demo = readFileSync(new URL('../demo/tansy-wren.json', import.meta.url));
const options = {
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--disable-background-networking'],
};

/** What has to be there: fabrics by name, and the note on one project. */
interface Known {
  cloths: Set<string>;
  note: string;
}

const DEMO_NOTE = (JSON.parse(demo.toString()) as { jobs: { id: string; notes: string }[] }).jobs.find(
  ({ id }) => id === 'apron',
)!.notes;

type Doing = (page: Page, known: Known, n: number) => Promise<() => void>;
const said = (page: Page, text: string) => page.getByText(text).first().waitFor({ timeout: 15_000 });

let imports = 0;

/** What is done in the hour; each gives back what is known once the screen has acknowledged it. */
const DOINGS: Doing[] = [
  async (page, known) => {
    imports += 1;
    const names = [`Remnant ${imports}a`, `Remnant ${imports}b`];
    await page.goto('/workroom?place=files');
    const buffer = Buffer.from(`Name,Weight\n${names.map((name) => `${name},120`).join('\n')}\n`);
    await page.getByLabel('Import Cloths from CSV').setInputFiles({ name: 'r.csv', mimeType: 'text/csv', buffer });
    await page.getByRole('button', { name: 'Import it' }).click();
    await said(page, 'r.csv imported.');
    return () => names.forEach((name) => known.cloths.add(name));
  },
  async (page, known) => {
    const name = [...known.cloths].find((one) => one.startsWith('Remnant'));
    if (!name) return () => undefined;
    await page.goto('/fabric');
    await page.getByRole('textbox', { name: 'Find a cloth' }).fill(name);
    await page.getByRole('link', { name: new RegExp(`^${name}`) }).click();
    await page.getByRole('button', { name: 'Delete this fabric' }).click();
    await said(page, `${name} deleted.`);
    return () => void known.cloths.delete(name);
  },
  async (page) => {
    await page.goto('/workroom?place=files');
    await page
      .getByLabel('Import a file')
      .setInputFiles({ name: 'demo.json', mimeType: 'application/json', buffer: demo });
    await page.getByRole('button', { name: 'Add to what is here' }).click();
    await said(page, 'The file is imported.');
    return () => void (known.note = DEMO_NOTE);
  },
  async (page, known, n) => {
    await page.goto('/projects?id=apron&place=about');
    const notes = page.getByRole('textbox', { name: 'Notes' });
    await notes.fill(`Note ${n}`);
    // As long as a person takes to look up.
    await page.waitForTimeout(700);
    return () => void (known.note = `Note ${n}`);
  },
];

/** Every row of the workroom, as it lies in the browser, read without the app. */
const dump = (page: Page) =>
  page.evaluate(
    (lists) =>
      new Promise<Record<string, unknown[]>>((done, fail) => {
        const open = indexedDB.open('bobbet');
        open.onerror = () => fail(open.error);
        open.onsuccess = () => {
          const rows: Record<string, unknown[]> = {};
          const transaction = open.result.transaction(lists);
          for (const list of lists) {
            const all = transaction.objectStore(list).getAll();
            all.onsuccess = () => (rows[list] = all.result as unknown[]);
          }
          transaction.oncomplete = () => (open.result.close(), done(rows));
        };
      }),
    [...LISTS] as string[],
  );

function kill(profile: string): void {
  const pid = Number(readlinkSync(path.join(profile, 'SingletonLock')).split('-').pop());
  process.kill(pid, 'SIGKILL');
}

/** One life: opens, does things until it is killed, and looks at what is left. */
async function life(profile: string, known: Known, n: number): Promise<string | null> {
  const context: BrowserContext = await chromium.launchPersistentContext(profile, { ...options, baseURL: url });
  const page = context.pages()[0];
  const gone = new Promise((done) => context.once('close', done));
  let killed = false;
  await page.goto('/projects');
  await page.getByRole('heading', { name: 'Jobs' }).waitFor();
  const timer = setTimeout(
    () => {
      killed = true;
      kill(profile);
    },
    300 + rng.next() * SPAN_MS,
  );
  let doing: Known = { cloths: new Set(known.cloths), note: known.note };
  while (!killed) {
    const one = DOINGS[Math.floor(rng.next() * DOINGS.length)];
    try {
      const then = await one(page, known, n);
      if (killed) break;
      then();
      doing = { cloths: new Set(known.cloths), note: known.note };
    } catch (cause) {
      if (!killed) {
        clearTimeout(timer);
        kill(profile);
        await gone;
        return `could not be done: ${(cause as Error).message.split('\n')[0]}`;
      }
    }
  }
  await gone;
  const after = await chromium.launchPersistentContext(profile, { ...options, baseURL: url });
  const bare = after.pages()[0];
  await bare.goto('/robots.txt');
  const rows = await dump(bare);
  await after.close();
  const { setAside } = sortOut(rows as Record<LinkedList, unknown[]>);
  if (setAside.length > 0) return `in the air: ${setAside[0].path}: ${setAside[0].problem}`;
  const names = new Set((rows.cloths as { cloth: { name: string } }[]).map(({ cloth }) => cloth.name));
  const note = (rows.jobs as { id: string; notes: string }[]).find(({ id }) => id === 'apron')?.notes ?? '';
  // What was being done when it was killed may have been done or not; what came before it must be there.
  const missing = [...doing.cloths].filter((name) => !names.has(name));
  const pairs = missing.length;
  known.cloths = names;
  const may = [doing.note, `Note ${n}`, DEMO_NOTE];
  const lostNote = may.includes(note) ? null : `note “${doing.note}” is “${note}”`;
  known.note = note;
  if (pairs > 1) return `lost: ${missing.join(', ')}`;
  return lostNote;
}

const profile = mkdtempSync(path.join(tmpdir(), 'bobbet-kills-'));
const known: Known = { cloths: new Set(), note: DEMO_NOTE };
const wrong: string[] = [];
const started = Date.now();
try {
  const first = await chromium.launchPersistentContext(profile, { ...options, baseURL: url });
  await first.pages()[0].goto('/fabric');
  await first
    .pages()[0]
    .getByRole('link', { name: /^Merino jersey/ })
    .waitFor();
  known.cloths = new Set(
    ((await dump(first.pages()[0])).cloths as { cloth: { name: string } }[]).map((c) => c.cloth.name),
  );
  await first.close();
  for (let n = 1; n <= COUNT; n += 1) {
    const lost = await life(profile, known, n).catch((cause: Error) => `threw ${cause.message.split('\n')[0]}`);
    if (lost !== null) wrong.push(`kill ${n}: ${lost}`);
  }
} finally {
  rmSync(profile, { recursive: true, force: true });
}
const seconds = ((Date.now() - started) / 1000).toFixed(0);
console.log(`kills: ${COUNT} at random moments, ${wrong.length} with something lost or in the air, ${seconds} s`);
for (const one of wrong.slice(0, 20)) console.log(one);
