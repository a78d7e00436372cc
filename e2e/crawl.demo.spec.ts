import type { Page } from '@playwright/test';
import { expect, openDemo, settled, test } from './page';
import { SCREENS } from './screens';

/** What can be pressed on a page, outside the tape: the tape is the same everywhere and pressed on the first screen. */
const PRESSED =
  'button, a[href], [role="tab"], [role="checkbox"], [role="switch"], input[type="checkbox"], input[type="radio"], summary';

/** At most so many of one screen: a list of rows is pressed by its first few. */
const OF_ONE = 18;
const OF_ONE_KIND = 3;

/** Takes something away that other presses of the screen need: pressed last. */
const LAST = /^(Delete|Take|Put|Forget|Clear|Skip|Cancel|Failed)/;

/** Leave the page, ask the device for something, or put the whole workroom in another's place: pressed in tests of their own. */
const NOT_HERE = /^(Print|Import|Empty|Replace|Start my own workroom|Choose a folder|Camera)/;

interface Control {
  at: number;
  name: string;
  /** For a link: the page it leads to, and by which of its questions. */
  leads: string | null;
}

/** Runs on the page: lists its controls, and presses one as a keyboard does. */
const ON_THE_PAGE = (pressed: string) => {
  const words = (ids: string | null) =>
    (ids ?? '')
      .split(' ')
      .map((id) => document.getElementById(id)?.textContent ?? '')
      .join(' ')
      .trim();
  const named = (one: Element) =>
    one.getAttribute('aria-label') ||
    words(one.getAttribute('aria-labelledby')) ||
    (one as HTMLInputElement).labels?.[0]?.textContent ||
    one.textContent ||
    one.querySelector('[aria-label]')?.getAttribute('aria-label') ||
    '';
  const all = (within: string) =>
    [...document.querySelectorAll<HTMLElement>(within)]
      .flatMap((box) => [...box.querySelectorAll<HTMLElement>(pressed)])
      .map((one) => ({ one, name: named(one).trim() }))
      // Of one name the first, the second …: a list may grow above it.
      .map(({ one, name }, i, those) => ({
        one,
        name,
        at: those.slice(0, i).filter((other) => other.name === name).length,
      }));
  const leadsTo = (one: HTMLElement) =>
    one instanceof HTMLAnchorElement ? `${one.pathname} ${[...new URL(one.href).searchParams.keys()].join(' ')}` : null;
  /** What is wrong: nothing has the focus, nothing is on the page, or it says that it cannot be shown. */
  const wrong = () => {
    const task = document.querySelector('#task');
    const over = document.querySelector('[role="dialog"], [role="menu"], [role="listbox"]');
    const lost = document.activeElement === null || document.activeElement === document.body;
    return [
      ...(lost ? ['lost focus'] : []),
      ...(over || task?.querySelector('h1, [role="status"]') ? [] : ['no heading']),
      ...(task?.textContent?.includes('cannot be shown') ? ['broken page'] : []),
    ];
  };
  return {
    list: (within: string) =>
      all(within)
        .filter(({ one }) => one.getClientRects().length > 0 && !one.matches(':disabled, [download]'))
        .map(({ one, at, name }) => ({ at, name, leads: leadsTo(one) })),
    press: async (within: string, at: number, name: string, waitMs: number) => {
      const here = () => all(within).find((one) => one.at === at && one.name === name && !one.one.matches(':disabled'));
      for (let left = waitMs; left > 0 && !here(); left -= 60) await new Promise((done) => setTimeout(done, 60));
      const found = here();
      if (!found) return null;
      found.one.focus();
      found.one.click();
      // What comes of it may take a moment: only what stays wrong is wrong.
      const until = Date.now() + 6000;
      do await new Promise((done) => setTimeout(done, 60));
      while (wrong().length > 0 && Date.now() < until);
      return wrong();
    },
  };
};
type Crawler = ReturnType<typeof ON_THE_PAGE>;
declare global {
  interface Window {
    crawler: Crawler;
  }
}

/** Those of one screen to be pressed: what changes the page less comes first, and of links to one kind of page the first of all. */
function fewOf(controls: readonly Control[], led: Set<string>): Control[] {
  const few = firstOf(controls);
  const links = few.filter(({ leads }) => {
    if (leads === null || led.has(leads)) return false;
    led.add(leads);
    return true;
  });
  const stays = few.filter(({ leads }) => leads === null);
  return [...stays.filter(({ name }) => !LAST.test(name)), ...links, ...stays.filter(({ name }) => LAST.test(name))];
}

function firstOf(controls: readonly Control[]): Control[] {
  const seen = new Map<string, number>();
  return controls
    .filter(({ name }) => {
      const kind = name.replace(/[\d.,]+|“[^”]*”/g, '#').slice(0, 12);
      seen.set(kind, (seen.get(kind) ?? 0) + 1);
      return seen.get(kind)! <= OF_ONE_KIND && !NOT_HERE.test(name);
    })
    .slice(0, OF_ONE);
}

/** Each presses a third of the screens, so that they run beside each other. */
const PARTS = [0, 1, 2];
const AT_LEAST = 100;

for (const part of PARTS)
  test(`everything is pressed once, part ${part + 1}: no dead end, no lost focus, no control without a name`, async ({
    page,
  }) =>
    crawl(
      page,
      SCREENS.filter((_, i) => i % PARTS.length === part),
    ));

async function crawl(page: Page, screens: readonly string[]) {
  test.setTimeout(420_000);
  await page.addInitScript(`window.crawler = (${String(ON_THE_PAGE)})(${JSON.stringify(PRESSED)})`);
  // Printing would wait for a person.
  await page.addInitScript(() => {
    window.print = () => {};
  });
  await openDemo(page, '/today');
  let pressed = 0;
  const led = new Set<string>();
  const found: string[] = [];
  for (const screen of screens) {
    const within = screen === '/today' ? '#task, aside' : '#task';
    const open = async () => {
      // Going back from the press before may still be under way, and takes the page from under the new address.
      await expect(() => page.goto(screen)).toPass();
      await expect(page.locator('#task h1').first()).toBeVisible();
    };
    await open();
    await settled(page);
    const here = page.url();
    const all = await page.evaluate((root) => window.crawler.list(root), within);
    found.push(...all.filter(({ name }) => name === '').map(({ at }) => `${screen}: control ${at} has no name`));
    const press = ({ at, name }: Control, waitMs: number) =>
      page.evaluate(([root, place, called, wait]) => window.crawler.press(root, place, called, wait), [
        within,
        at,
        name,
        waitMs,
      ] as const);
    let gone = 0;
    for (const control of fewOf(all, led)) {
      // A press before may have opened, sorted or led on: then it begins again from the screen as it stands.
      let wrong = page.url() === here ? await press(control, 400).catch(() => null) : null;
      if (wrong === null) {
        await open();
        wrong = await press(control, 2500);
      }
      gone = wrong === null ? gone + 1 : 0;
      // What the screen was about has been taken away by a press before.
      if (gone > 1) break;
      if (wrong === null) continue;
      found.push(...wrong.map((what) => `${screen}: ${control.name}: ${what}`));
      pressed += 1;
      await page.keyboard.press('Escape');
      // Back without loading the page anew, where that is possible; else the next press does.
      if (new URL(page.url()).pathname === new URL(here).pathname) continue;
      await page.evaluate(() => history.back()).catch(() => undefined);
      await page.waitForURL(here, { timeout: 2000 }).catch(() => undefined);
    }
  }
  console.log(`   controls pressed: ${pressed}`);
  expect(found).toEqual([]);
  expect(pressed).toBeGreaterThanOrEqual(AT_LEAST);
}
