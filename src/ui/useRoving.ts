'use client';

import { type FocusEvent, type KeyboardEvent, useLayoutEffect, useRef } from 'react';

/** Where each key leads among so many, from the one that has the focus. */
const WAYS: Readonly<Record<string, (at: number, of: number) => number>> = {
  ArrowRight: (at, of) => (at + 1) % of,
  ArrowDown: (at, of) => (at + 1) % of,
  ArrowLeft: (at, of) => (at + of - 1) % of,
  ArrowUp: (at, of) => (at + of - 1) % of,
  Home: () => 0,
  End: (_, of) => of - 1,
};

/** What can be pressed, in the order of the page. */
const pressable = (box: HTMLElement) =>
  [...box.querySelectorAll<HTMLElement>('button:not(:disabled)')].filter((one) => one.offsetParent !== null);

/** Tab stops at one of them only: the one that was last at, else what is pressed in, else the first. */
function keepOneStop(box: HTMLElement, at: Element | null): void {
  const all = pressable(box);
  const stop =
    all.find((one) => one === at) ??
    all.find((one) => one.dataset.stop !== undefined) ??
    all.find((one) => one.getAttribute('aria-pressed') === 'true') ??
    all[0];
  for (const one of all) {
    one.tabIndex = one === stop ? 0 : -1;
    if (one === stop && one === at) one.dataset.stop = '';
    else if (at && all.includes(at as HTMLElement)) delete one.dataset.stop;
  }
}

/**
 * Makes a group of buttons one stop of the Tab key, within which the arrow keys, Home and End move the focus.
 *
 * @returns what the element around the buttons takes
 */
export function useRoving<Box extends HTMLElement>() {
  const ref = useRef<Box>(null);
  useLayoutEffect(() => {
    const box = ref.current;
    if (!box) return;
    const at = document.activeElement;
    keepOneStop(box, at);
    // One that has been switched off by its own press hands the focus to the one beside it.
    if (box.contains(at) && at?.matches(':disabled')) box.querySelector<HTMLElement>('[tabindex="0"]')?.focus();
  });
  const onFocus = ({ target }: FocusEvent) => {
    if (ref.current?.contains(target)) keepOneStop(ref.current, target);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const way = WAYS[event.key];
    const box = ref.current;
    if (!way || !box || event.altKey || event.ctrlKey || event.metaKey || event.shiftKey) return;
    const all = pressable(box);
    const at = all.indexOf(event.target as HTMLElement);
    // What a button of the group has opened lies elsewhere and keeps its own keys.
    if (at < 0) return;
    event.preventDefault();
    all[way(at, all.length)].focus();
  };
  return { ref, onFocus, onKeyDown };
}
