'use client';

import { useEffect, useRef } from 'react';

const NEXT = [' ', 'ArrowRight', 'PageDown'];
const BACK = ['ArrowLeft', 'PageUp'];

/** Space, arrows and foot switches (which send page keys) move the steps; never while a control has the focus. */
export function useRunKeys({
  next,
  back,
  off,
}: {
  next: () => Promise<void>;
  back: () => Promise<void>;
  off: boolean;
}) {
  const steps = useRef({ next, back, off });
  useEffect(() => {
    steps.current = { next, back, off };
  });
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const inControl = (event.target as Element | null)?.closest(
        'input, textarea, select, button, a, summary, [role]',
      );
      if (steps.current.off || inControl || event.repeat || event.altKey || event.ctrlKey || event.metaKey) return;
      if (NEXT.includes(event.key)) void steps.current.next();
      else if (BACK.includes(event.key)) void steps.current.back();
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
}
