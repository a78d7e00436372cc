// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { focusWhatComes } from '../keys';
import { focusFollows } from './focusFollows';

let stop = () => {};
const focused = () => document.activeElement;
const at = (selector: string) => document.querySelector<HTMLElement>(selector)!;
const later = (ms: number) => new Promise((done) => setTimeout(done, ms));

beforeEach(() => {
  history.replaceState(null, '', '/match');
  document.body.innerHTML =
    '<header><button id="tape">Today</button></header><main id="task" tabindex="-1"><h1>Match</h1><button id="find">Find</button><button id="other">Other</button></main>';
  // Nothing is laid out here: what is in the page is shown, unless it is hidden.
  HTMLElement.prototype.getClientRects = function rects(this: HTMLElement) {
    return (this.hidden ? [] : [{}]) as unknown as DOMRectList;
  };
  stop = focusFollows(document);
});
afterEach(() => stop());

const press = (selector: string, does: () => void) => {
  const button = at(selector);
  button.focus();
  button.addEventListener('click', does);
  button.click();
};

describe('the focus', () => {
  it('goes to the heading when what was pressed is gone, and to the marked work where there is some', async () => {
    press('#find', () => at('#find').remove());
    await later(60);
    expect(focused()).toBe(at('h1'));
    press('#other', () => {
      at('#task').insertAdjacentHTML('beforeend', '<h2 data-work>Test 1</h2><h2 data-work hidden>Test 2</h2>');
      at('#other').remove();
    });
    await later(60);
    expect(focused()?.textContent).toBe('Test 1');
  });

  it('waits for work that comes later', async () => {
    press('#find', () => {
      at('#task').innerHTML = '';
      setTimeout(() => {
        at('#task').innerHTML = '<h1>Sew</h1>';
      }, 120);
    });
    await later(60);
    expect(focused()).toBe(document.body);
    await later(180);
    expect(focused()?.textContent).toBe('Sew');
  });

  it('stays with what still stands, and with a person who has moved on', async () => {
    press('#tape', () => at('#find').remove());
    await later(60);
    expect(focused()).toBe(at('#tape'));
    press('#other', () => {
      at('#other').remove();
      at('#tape').focus();
    });
    await later(60);
    expect(focused()).toBe(at('#tape'));
  });

  it('is not called back from an empty place that a person has clicked', async () => {
    at('#other').focus();
    at('#other').blur();
    document.body.click();
    await later(60);
    expect(focused()).toBe(document.body);
  });

  it('stays out of a page that a window lies over, until that has closed', async () => {
    at('#task').setAttribute('aria-hidden', 'true');
    press('#find', () => at('#find').remove());
    await later(60);
    expect(focused()).toBe(document.body);
    at('#task').removeAttribute('aria-hidden');
    await later(60);
    expect(focused()).toBe(at('h1'));
  });

  it('goes on from the page to its work once a link has led there', async () => {
    at('#tape').focus();
    focusWhatComes();
    expect(focused()).toBe(at('#task'));
    await later(60);
    expect(focused()).toBe(at('#task'));
    history.replaceState(null, '', '/sew');
    at('#task').innerHTML = '<h1>Sew</h1>';
    await later(80);
    expect(focused()?.textContent).toBe('Sew');
  });
});
