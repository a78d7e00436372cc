import AxeBuilder from '@axe-core/playwright';
import { test as base, expect, type Locator, type Page } from '@playwright/test';
import { PAPER_TEXT } from '@/parts/paper/text';

/** A test whose page may ask nothing of any other origin, and may log no error. */
export const test = base.extend<{ page: Page }>({
  page: async ({ page, baseURL }, provide, info) => {
    const slips: string[] = [];
    page.on('request', (request) => {
      const url = new URL(request.url());
      const own = url.origin === new URL(baseURL!).origin || ['data:', 'blob:'].includes(url.protocol);
      if (!own) slips.push(`asked ${url.origin}`);
    });
    page.on('console', (message) => message.type() === 'error' && slips.push(`console: ${message.text()}`));
    page.on('pageerror', (error) => slips.push(`error: ${error.message}`));
    // What the content policy stops is told as an event, even where the attempt was caught.
    await page.addInitScript(() =>
      document.addEventListener('securitypolicyviolation', (event) =>
        console.error(`policy: ${event.violatedDirective} ${event.blockedURI}`),
      ),
    );
    await provide(page);
    if (info.status !== info.expectedStatus) await sayWhere(page);
    expect(slips, 'requests to other origins and errors').toEqual([]);
  },
});

/** Where a failed test was, for a run of which only the text is kept. */
async function sayWhere(page: Page) {
  const text = await page.evaluate(() => document.body.innerText.slice(0, 3000)).catch(() => 'the page is gone');
  console.log(`The page at the end: ${page.url()}\n${text}`);
}

export { expect };

/** The large reading of a label on Match or a card. */
export const reading = (page: Page, label: string) =>
  page
    .locator('dl > div')
    .filter({ has: page.locator('dt', { hasText: new RegExp(`^${label}$`) }) })
    .locator('dd')
    .first();

/** Waits until the workroom is open and an answer is on screen. */
export async function answered(page: Page) {
  await expect(reading(page, 'Stitch').first()).toBeVisible();
}

/** Waits until nothing on the page has changed for half a second. */
export const settled = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<void>((done) => {
        let timer = setTimeout(done, 500);
        new MutationObserver(() => {
          clearTimeout(timer);
          timer = setTimeout(done, 500);
        }).observe(document, { subtree: true, childList: true, attributes: true, characterData: true });
      }),
  );

/** Bobbet has no frames of other origins, so nothing has to be put together on a page of its own. */
const axe = (page: Page) => new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] });

/** What axe finds wrong once the page has come to rest: the rule, and the beginning of the first place. */
export async function axeFindings(page: Page, without: readonly string[] = []): Promise<string[]> {
  // What fades is read neither before nor after.
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await settled(page);
  const { violations } = await axe(page)
    .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .disableRules([...without])
    .analyze();
  return violations.map(sayFinding);
}

/** The same in both themes: what can differ between them is contrast alone, so the evening one is asked for no more. */
export async function axeFindingsInBoth(page: Page, without: readonly string[] = []): Promise<string[]> {
  await page.emulateMedia({ colorScheme: 'light' });
  const byDay = await axeFindings(page, without);
  await page.emulateMedia({ colorScheme: 'dark', reducedMotion: 'reduce' });
  // Nothing moves but the colours: they are there with the next picture.
  await page.evaluate(() => new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn))));
  const { violations } = await axe(page).withRules(['color-contrast']).analyze();
  return [...byDay, ...violations.map((finding) => `in the evening: ${sayFinding(finding)}`)];
}

const sayFinding = ({ id, nodes }: { id: string; nodes: { html: string }[] }) =>
  `${id}: ${nodes[0].html.slice(0, 120)}`;

/** Waits until something is stored in one of the tables of the workroom, as a page that is opened next will read it. */
export const stored = (page: Page, table: string, what: (rows: unknown[]) => boolean) =>
  expect.poll(async () => what(await rowsOf(page, table)), { message: `what is stored in ${table}` }).toBe(true);

/** What is stored in one of the tables of the workroom. */
export const rowsOf = (page: Page, table: string) =>
  page.evaluate(
    (name) =>
      new Promise<unknown[]>((done, failed) => {
        const opened = indexedDB.open('bobbet');
        opened.onerror = () => failed(new Error(`${opened.error}`));
        opened.onsuccess = () => {
          const asked = opened.result.transaction(name).objectStore(name).getAll();
          asked.onerror = () => failed(new Error(`${asked.error}`));
          asked.onsuccess = () => {
            opened.result.close();
            done(asked.result as unknown[]);
          };
        };
      }),
    table,
  );

/** What is printed, with the sheet alone on the page as a printer gets it. A browser without a window prints nothing. */
export async function printed(page: Page): Promise<Locator> {
  await page.evaluate(() => {
    window.print = () => undefined;
  });
  await page.getByRole('dialog').getByRole('button', { name: PAPER_TEXT.print }).click();
  await page.emulateMedia({ media: 'print' });
  const sheet = page.locator('[data-sheet] section');
  await expect(sheet.first()).toBeVisible();
  return sheet;
}

/** The printer has it: the sheet is put away, and what was on the screen is there again. */
export async function away(page: Page) {
  await page.emulateMedia({ media: 'screen' });
  await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
  await expect(page.locator('[data-sheet]')).toHaveCount(0);
}

/** Opens the demo workroom at one of its places. */
export async function openDemo(page: Page, place = '/match') {
  await page.goto(place);
  await expect(page.getByText('Demo workroom')).toBeVisible();
}

/** Goes to the cards of the ledger; what else happened is off the screen then. */
export async function openCards(page: Page) {
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  const cards = page.getByRole('tab', { name: /^Cards/ });
  await cards.click();
  await expect(cards).toHaveAttribute('aria-selected', 'true');
}

/** Opens the demo, chooses a fabric in Match, then an operation in Sew. */
export async function ask(page: Page, cloth: string, operation: string) {
  await openDemo(page, `/match?cloth=${cloth}`);
  await answered(page);
  await page.getByRole('link', { name: 'Sew', exact: true }).click();
  await page.getByRole('button', { name: new RegExp(`^${operation}\\s*(?:\\d|take care|instead|not for)`) }).click();
  await expect(page.getByRole('heading', { level: 1, name: operation })).toBeVisible();
}

/** Answers "Not sure" to whatever is asked, until a change is proposed. */
export async function unsure(said: Locator) {
  const question = said.getByRole('button', { name: 'Not sure' });
  const change = said.getByRole('button', { name: /^Do this in test/ });
  for (;;) {
    // While the next step is worked out, the last one is there but cannot be pressed.
    await expect(question.or(change)).toBeEnabled();
    if (await change.isVisible()) return;
    await question.click({ timeout: 2000 }).catch(() => undefined);
  }
}

/** The same words with any kind of space between them: a number and its unit are kept on one line. */
export const anySpaces = (words: RegExp): RegExp => new RegExp(words.source.replaceAll(' ', '\\s'), words.flags);
