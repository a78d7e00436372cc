'use client';

import { useEffect, useRef } from 'react';
import { typesInto } from '@/parts/keys';

const NEXT = [' ', 'ArrowRight', 'PageDown'];
const BACK = ['ArrowLeft', 'PageUp'];

/** What foot switches and clickers send. */
const PAGE_KEYS = ['PageDown', 'PageUp'];

/**
 * Space, arrows and page keys move the steps, never while a control has the focus; with a foot switch switched on, page keys work
 * whatever has the focus but a field.
 */
export function useRunKeys({
  next,
  back,
  off,
  footSwitch,
}: {
  next: () => Promise<void>;
  back: () => Promise<void>;
  off: boolean;
  footSwitch: boolean;
}) {
  const steps = useRef({ next, back, off, footSwitch });
  useEffect(() => {
    steps.current = { next, back, off, footSwitch };
  });
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const inControl = (event.target as Element | null)?.closest(
        'input, textarea, select, button, a, summary, [role]',
      );
      const bySwitch = steps.current.footSwitch && PAGE_KEYS.includes(event.key) && !typesInto(event.target);
      if (
        steps.current.off ||
        (inControl && !bySwitch) ||
        event.repeat ||
        event.altKey ||
        event.ctrlKey ||
        event.metaKey
      )
        return;
      if (NEXT.includes(event.key)) void steps.current.next();
      else if (BACK.includes(event.key)) void steps.current.back();
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
}
