'use client';

import { useCallback, useRef } from 'react';

/** Gives the focus to an element when it first comes: to what a press has opened. */
export function useFocusOnce<E extends HTMLElement>(): (element: E | null) => void {
  const done = useRef(false);
  return useCallback((element) => {
    if (!element || done.current) return;
    done.current = true;
    element.focus();
  }, []);
}
