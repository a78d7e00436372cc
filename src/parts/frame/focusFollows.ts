import { arrived, hasComeTo, isLed } from '../keys';

/** How long after a press the work it led to may take to come, ms. */
const COMES_WITHIN_MS = 8000;

/** Where the work is: what a part of a page marks, else the page's heading. Of several marks the last that is shown. */
const WORK = '#task [data-work]';
const HEADING = '#task h1';

/** Whether what had the focus can have it no more: it is gone, hidden or switched off. */
const isLost = (one: HTMLElement): boolean =>
  !one.isConnected || one.matches(':disabled') || one.closest('[inert]') !== null || one.getClientRects().length === 0;

/**
 * Sends the focus where the work went.
 *
 * A press often takes away what was pressed: the next line, the next page. A browser then leaves the focus on nothing, and a keyboard or a
 * screen reader begins at the top again. Here it goes to the work that came instead. What still stands keeps its focus, and nobody who has
 * moved on meanwhile is called back.
 *
 * @param page - the document
 * @returns stops it
 */
export function focusFollows(page: Document): () => void {
  let last: HTMLElement | null = null;
  let looking = 0;
  const lost = () => page.activeElement === page.body && last !== null && isLost(last);
  // Switched off a moment ago: a browser still calls it focused, but no longer for long.
  const failing = () => page.activeElement instanceof HTMLElement && page.activeElement.matches(':disabled');
  const look = (until: number) => {
    cancelAnimationFrame(looking);
    looking = requestAnimationFrame((now) => {
      const come = hasComeTo(page);
      if (lost() || come) {
        const target = workIn(page);
        if (target) return sendTo(target);
      } else if (page.activeElement !== page.body && !failing() && !isLed(page)) return;
      if (now < until) look(until);
    });
  };
  const focused = ({ target }: FocusEvent) => {
    last = target as HTMLElement;
    // A person who has gone elsewhere is not led any more.
    if (last.id !== 'task') arrived(page);
  };
  const pressed = () => look(performance.now() + COMES_WITHIN_MS);
  // What vanishes without a press, such as a window that has closed, counts as well.
  const watch = new MutationObserver(() => (lost() || failing() || isLed(page)) && pressed());
  watch.observe(page.body, { childList: true, subtree: true, attributeFilter: ['disabled', 'hidden', 'inert'] });
  page.addEventListener('focusin', focused);
  page.addEventListener('click', pressed, true);
  page.addEventListener('keyup', pressed, true);
  return () => {
    cancelAnimationFrame(looking);
    watch.disconnect();
    page.removeEventListener('focusin', focused);
    page.removeEventListener('click', pressed, true);
    page.removeEventListener('keyup', pressed, true);
  };
}

/** Null while a window lies over the page: it keeps the focus to itself. */
function workIn(page: Document): HTMLElement | null {
  if (page.getElementById('task')?.closest('[aria-hidden="true"]')) return null;
  const shown = [...page.querySelectorAll<HTMLElement>(WORK)].filter((one) => one.getClientRects().length > 0);
  return shown.at(-1) ?? page.querySelector<HTMLElement>(HEADING);
}

function sendTo(target: HTMLElement): void {
  arrived(target.ownerDocument);
  if (!target.matches('a[href], button, input, select, textarea, [tabindex]')) target.tabIndex = -1;
  target.focus();
}
