// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { pressWhereItBegan } from './pressWhereItBegan';

let stop = () => {};
let under: Element | null = null;
const pressed = vi.fn();

beforeEach(() => {
  document.body.innerHTML = '<p>Text</p><button><span>Keep</span></button>';
  document.querySelector('button')!.addEventListener('click', pressed);
  // No page is laid out here: the test says what is under the finger.
  document.elementFromPoint = () => under;
  stop = pressWhereItBegan(document);
  pressed.mockClear();
});
afterEach(() => stop());

const send = (kind: string, on: Element, more: object = {}) => {
  const event = new MouseEvent(kind, { bubbles: true, button: 0, clientX: 50, clientY: 50, ...more });
  Object.defineProperty(event, 'isPrimary', { value: true });
  on.dispatchEvent(event);
};
const [text, button, inside] = [
  () => document.querySelector('p')!,
  () => document.querySelector('button')!,
  () => document.querySelector('span')!,
];

describe('a press', () => {
  it('counts where it began, though something else is under the finger at its end', () => {
    send('pointerdown', inside());
    under = text();
    send('pointerup', text());
    expect(pressed).toHaveBeenCalledTimes(1);
  });

  it('is left to the browser where the button is still there', () => {
    send('pointerdown', inside());
    under = inside();
    send('pointerup', inside());
    expect(pressed).not.toHaveBeenCalled();
  });

  it('does not count when the finger went away, by more than a slip', () => {
    under = text();
    send('pointerdown', button());
    send('pointerup', text(), { clientX: 61 });
    expect(pressed).not.toHaveBeenCalled();
    send('pointerdown', button());
    send('pointerup', text(), { clientX: 60 });
    expect(pressed).toHaveBeenCalledTimes(1);
  });

  it('does not count beside a button, with another mouse button, or when it was broken off', () => {
    under = text();
    send('pointerdown', text());
    send('pointerup', text());
    send('pointerdown', button(), { button: 2 });
    send('pointerup', text(), { button: 2 });
    send('pointerdown', button());
    send('pointercancel', button());
    send('pointerup', text());
    expect(pressed).not.toHaveBeenCalled();
  });

  it('does not count on a button that is gone, or may not be pressed any more', () => {
    under = text();
    send('pointerdown', button());
    button().disabled = true;
    send('pointerup', text());
    button().disabled = false;
    send('pointerdown', button());
    button().remove();
    send('pointerup', text());
    expect(pressed).not.toHaveBeenCalled();
  });

  it('is no longer watched once it was stopped', () => {
    stop();
    under = text();
    send('pointerdown', button());
    send('pointerup', text());
    expect(pressed).not.toHaveBeenCalled();
  });
});
