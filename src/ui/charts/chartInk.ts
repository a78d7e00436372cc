'use client';

import { useMemo, useSyncExternalStore } from 'react';

/** What a chart is drawn with. */
export type InkName = 'red' | 'green' | 'ink' | 'ink-2';
export type Ink = Record<InkName | 'rule' | 'sheet' | 'text', string>;

/** Colours and type as the page has them now: a canvas does not follow the style sheet by itself. */
function inkNow(): Ink {
  const style = getComputedStyle(document.documentElement);
  const of = (name: string) => style.getPropertyValue(`--${name}`).trim();
  return {
    red: of('red'),
    green: of('green'),
    ink: of('ink'),
    'ink-2': of('ink-2'),
    rule: of('rule'),
    sheet: of('sheet'),
    text: of('text'),
  };
}

/** Daylight or evening, as the page is now; nothing while it is made on the server. */
function useScheme(): string | null {
  return useSyncExternalStore(
    (changed) => {
      const observer = new MutationObserver(changed);
      observer.observe(document.documentElement, { attributes: true });
      return () => observer.disconnect();
    },
    () => (document.documentElement.hasAttribute('data-dark') ? 'evening' : 'daylight'),
    () => null,
  );
}

/** The inks of the page, read again when daylight changes to evening; null while the page is made on the server. */
export function useInk(): Ink | null {
  const scheme = useScheme();
  return useMemo(() => (scheme ? inkNow() : null), [scheme]);
}
