// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { useRoving } from './useRoving';

function Group({ names, picked }: { names: readonly string[]; picked?: string }) {
  const roving = useRoving<HTMLDivElement>();
  return (
    <div {...roving}>
      {names.map((name) => (
        <button key={name} aria-pressed={name === picked}>
          {name}
        </button>
      ))}
      <input aria-label="Field" />
    </div>
  );
}
const stops = () =>
  screen
    .getAllByRole('button')
    .filter((button) => button.tabIndex === 0)
    .map((button) => button.textContent);
const key = (name: string, on = document.activeElement!) => fireEvent.keyDown(on, { key: name });
const NAMES = ['one', 'two', 'three'];

describe('a group of buttons', () => {
  beforeEach(() => {
    // Nothing is laid out here: every button counts as shown.
    Object.defineProperty(HTMLElement.prototype, 'offsetParent', { configurable: true, get: () => document.body });
  });
  afterEach(cleanup);

  it('is one stop of Tab: at what is picked, else at the first', () => {
    const { rerender } = render(<Group names={NAMES} />);
    expect(stops()).toEqual(['one']);
    rerender(<Group names={NAMES} picked="three" />);
    cleanup();
    render(<Group names={NAMES} picked="two" />);
    expect(stops()).toEqual(['two']);
  });

  it('is walked with the arrow keys, round its ends, and remembers where it was', () => {
    render(<Group names={NAMES} />);
    screen.getByRole('button', { name: 'one' }).focus();
    key('ArrowRight');
    expect(document.activeElement?.textContent).toBe('two');
    key('ArrowUp');
    key('ArrowLeft');
    expect(document.activeElement?.textContent).toBe('three');
    key('Home');
    key('End');
    expect(document.activeElement?.textContent).toBe('three');
    (document.activeElement as HTMLElement).blur();
    expect(stops()).toEqual(['three']);
  });

  it('keeps a stop when the one that had it is gone, and leaves keys of a field alone', () => {
    const { rerender } = render(<Group names={NAMES} />);
    screen.getByRole('button', { name: 'three' }).focus();
    rerender(<Group names={['one', 'two']} />);
    expect(stops()).toEqual(['one']);
    const field = screen.getByRole('textbox');
    field.focus();
    key('ArrowRight', field);
    expect(document.activeElement).toBe(field);
  });
});
