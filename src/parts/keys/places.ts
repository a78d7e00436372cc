/** The machine bar, for what leads to it. */
export const BAR_ID = 'machine-bar';

/** Puts the focus on the first thing that can be pressed on the machine bar. */
export function focusBar(): void {
  const bar = document.getElementById(BAR_ID);
  const first = [...(bar?.querySelectorAll<HTMLElement>('button') ?? [])].find((one) => one.offsetParent !== null);
  (first ?? bar)?.focus({ preventScroll: true });
}

/** Puts the focus on the page, where a link has led to it. */
export const focusTask = (): void => document.getElementById('task')?.focus({ preventScroll: true });

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
