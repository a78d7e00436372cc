/** A finger slips this far without meaning to, px; going further means the person has changed their mind. */
const SLIP_PX = 10;

/**
 * A press counts where it began, though the page moved under the finger meanwhile.
 *
 * A browser sends a click only when press and release meet the same thing. Where something comes in above it in between, a button
 * moves away and the press is lost. Here the button is pressed all the same.
 *
 * @param page - the document
 * @returns stops it
 */
export function pressWhereItBegan(page: Document): () => void {
  let began: { on: HTMLElement; x: number; y: number } | null = null;
  const down = (event: PointerEvent) => {
    const on = event.isPrimary && event.button === 0 && event.target instanceof Element;
    const button = on ? (event.target as Element).closest<HTMLElement>('button, a[href]') : null;
    began = button && { on: button, x: event.clientX, y: event.clientY };
  };
  const up = (event: PointerEvent) => {
    const press = began;
    began = null;
    if (!press || Math.hypot(event.clientX - press.x, event.clientY - press.y) > SLIP_PX) return;
    const { on } = press;
    const met = page.elementFromPoint(event.clientX, event.clientY);
    // Where it is still under the finger, the browser's own click follows.
    if (on.contains(met) || !on.isConnected || on.matches(':disabled, [aria-disabled="true"]')) return;
    on.click();
  };
  const cancel = () => {
    began = null;
  };
  page.addEventListener('pointerdown', down, true);
  page.addEventListener('pointerup', up, true);
  page.addEventListener('pointercancel', cancel, true);
  return () => {
    page.removeEventListener('pointerdown', down, true);
    page.removeEventListener('pointerup', up, true);
    page.removeEventListener('pointercancel', cancel, true);
  };
}
