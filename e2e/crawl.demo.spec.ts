import { expect, openDemo, settled, test } from './page';

/** Everything with something to press. */
const SCREENS = [
  '/today',
  '/fabric',
  '/fabric?id=merino',
  '/match?cloth=merino',
  '/match?cloth=deck',
  '/test',
  '/test?id=merino-side',
  '/test/signs',
  '/sew',
  '/projects',
  '/projects?id=apron',
  '/projects?id=apron&place=seams',
  '/projects?id=top&place=budget',
  '/projects?id=top&place=about',
  '/log',
  '/log?place=cards',
  '/log?place=charts',
  '/log?id=card-fleece-hat',
  '/calculator',
  '/calculator?name=zip',
  '/start',
  '/shop',
  '/check-up',
  '/workroom',
  '/workroom?place=care',
  '/workroom?place=kit',
  '/workroom?place=needles',
  '/workroom?place=threads',
  '/workroom?place=files',
];

/** What can be pressed on a page, outside the tape: the tape is the same everywhere and pressed on the first screen. */
const PRESSED =
  'button, a[href], [role="tab"], [role="checkbox"], [role="switch"], input[type="checkbox"], input[type="radio"], summary';

/** At most so many of one screen: a list of rows is pressed by its first few. */
const OF_ONE = 16;
const OF_ONE_KIND = 3;

/** Leave the page, ask the device for something, or put the whole workroom in another's place: pressed in tests of their own. */
const NOT_HERE = /^(Print|Import|Empty|Replace|Start my own workroom|Choose a folder|Camera)/;

interface Control {
  at: number;
  name: string;
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
      .map((one, at) => ({ one, at, name: named(one).trim() }));
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
        .map(({ at, name }) => ({ at, name })),
    press: async (within: string, at: number, name: string) => {
      const found = all(within)[at];
      if (found?.name !== name || found.one.matches(':disabled')) return null;
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

function fewOf(controls: readonly Control[]): Control[] {
  const seen = new Map<string, number>();
  return controls
    .filter(({ name }) => {
      const kind = name.replace(/[\d.,]+|“[^”]*”/g, '#').slice(0, 12);
      seen.set(kind, (seen.get(kind) ?? 0) + 1);
      return seen.get(kind)! <= OF_ONE_KIND && !NOT_HERE.test(name);
    })
    .slice(0, OF_ONE);
}

test('everything is pressed once: no dead end, no lost focus, no control without a name', async ({ page }) => {
  test.setTimeout(600_000);
  await page.addInitScript(`window.crawler = (${String(ON_THE_PAGE)})(${JSON.stringify(PRESSED)})`);
  // Printing would wait for a person.
  await page.addInitScript(() => {
    window.print = () => {};
  });
  await openDemo(page, '/today');
  let pressed = 0;
  const found: string[] = [];
  for (const screen of SCREENS) {
    const within = screen === '/today' ? '#task, aside' : '#task';
    const open = async () => {
      await page.goto(screen);
      await expect(page.locator('#task h1').first()).toBeVisible();
      await settled(page);
    };
    await open();
    const here = page.url();
    const all = await page.evaluate((root) => window.crawler.list(root), within);
    found.push(...all.filter(({ name }) => name === '').map(({ at }) => `${screen}: control ${at} has no name`));
    const press = ({ at, name }: Control) =>
      page.evaluate(([root, place, called]) => window.crawler.press(root, place, called), [within, at, name] as const);
    for (const control of fewOf(all)) {
      // A press before may have opened, sorted or led on: then it begins again from the screen as it stands.
      let wrong = page.url() === here ? await press(control) : null;
      if (wrong === null) {
        await open();
        wrong = await press(control);
      }
      if (wrong === null) continue;
      found.push(...wrong.map((what) => `${screen}: ${control.name}: ${what}`));
      pressed += 1;
      await page.keyboard.press('Escape');
    }
  }
  console.log(`   controls pressed: ${pressed}`);
  expect(found).toEqual([]);
  expect(pressed).toBeGreaterThanOrEqual(300);
});
