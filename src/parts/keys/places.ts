/** The machine bar, for what leads to it. */
export const BAR_ID = 'machine-bar';

/** What had the focus before the machine bar took it. */
let cameFrom: HTMLElement | null = null;

/** Puts the focus on the first thing that can be pressed on the machine bar; from there, back to where it came from. */
export function focusBar(): void {
  const bar = document.getElementById(BAR_ID);
  const now = document.activeElement as HTMLElement | null;
  if (bar?.contains(now)) return cameFrom?.isConnected ? cameFrom.focus() : focusTask();
  cameFrom = now === document.body ? null : now;
  const first = [...(bar?.querySelectorAll<HTMLElement>('button') ?? [])].find((one) => one.offsetParent !== null);
  (first ?? bar)?.focus({ preventScroll: true });
}

/** The page between the tape and the machine bar. */
const task = () => document.getElementById('task');

/** Puts the focus on the page. */
export const focusTask = (): void => task()?.focus({ preventScroll: true });

/** Puts the focus on the page while a link leads to another: once that has come, it goes on to the work there. */
export function focusWhatComes(): void {
  const main = task();
  if (main) main.dataset.ledFrom = location.href;
  focusTask();
}

/** Whether a link has led to another page than the one it began on, and the focus waits to go on to the work there. */
export function hasComeTo(page: Document): boolean {
  const from = page.getElementById('task')?.dataset.ledFrom;
  return from !== undefined && from !== page.location.href && page.activeElement === task();
}

/** Whether a link is leading to another page. */
export const isLed = (page: Document): boolean => page.getElementById('task')?.dataset.ledFrom !== undefined;

/** The work has the focus: nothing more is waited for. */
export const arrived = (page: Document): void => void delete page.getElementById('task')?.dataset.ledFrom;

/** Puts the focus on the page where a window has closed and nothing has it. */
export function focusSomewhere(): void {
  if (document.activeElement === null || document.activeElement === document.body) focusTask();
}

const asked = new EventTarget();
const SHOW = 'keys';

/** Opens the list of keys, wherever it is asked for. */
export const showKeys = (): void => void asked.dispatchEvent(new Event(SHOW));

/** Does something whenever the list of keys is asked for. */
export function onShowKeys(act: () => void): () => void {
  asked.addEventListener(SHOW, act);
  return () => asked.removeEventListener(SHOW, act);
}
