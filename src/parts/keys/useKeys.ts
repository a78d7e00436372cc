'use client';

import { useEffect, useRef } from 'react';
import { tinykeys } from 'tinykeys';
import { usePreference } from '@/data';
import { typesInto } from './typesInto';

/** What a key does, by the key as tinykeys writes it. */
type Bindings = Readonly<Record<string, () => void>>;

/** What takes letters for itself: a list finds its rows by them, a slider moves. */
const TAKES_LETTERS = '[role="listbox"], [role="combobox"], [role="menu"], [role="slider"], [role="dialog"], select';

/** Whether a letter belongs to what has the focus. */
const takesLetters = (target: EventTarget | null): boolean =>
  typesInto(target) || (target instanceof Element && target.closest(TAKES_LETTERS) !== null);

/**
 * Keys that work on every page.
 *
 * Single letters, figures and signs can be switched off, and never work while a field, a list or a window has the focus.
 *
 * @param bindings - what each key does
 * @param where - `everywhere` for keys held with Ctrl or ⌘, which nobody types
 */
export function useKeys(bindings: Bindings, where: 'outside' | 'everywhere' = 'outside'): void {
  const on = (usePreference('singleKeys') ?? true) || where === 'everywhere';
  const latest = useRef(bindings);
  useEffect(() => {
    latest.current = bindings;
  });
  const keys = Object.keys(bindings).join(' ');
  useEffect(() => {
    if (!on) return;
    const pressed = (key: string) => (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.repeat) return;
      if (where === 'outside' && takesLetters(event.target)) return;
      event.preventDefault();
      latest.current[key]();
    };
    return tinykeys(window, Object.fromEntries(keys.split(' ').map((key) => [key, pressed(key)])));
  }, [on, where, keys]);
}
