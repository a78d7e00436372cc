'use client';

import { useEffect, useRef } from 'react';
import { useUndoing } from '../workspace';

/** Fields that undo what is typed in them by themselves. */
const OWN_UNDO = new Set([
  'text',
  'search',
  'number',
  'email',
  'tel',
  'url',
  'password',
  'date',
  'time',
  'datetime-local',
]);

/** Whether a key belongs to what has the focus: a field with text in it. */
export function typesInto(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false;
  if (target.isContentEditable || target instanceof HTMLTextAreaElement) return true;
  return target instanceof HTMLInputElement && OWN_UNDO.has(target.type);
}

/**
 * Undo and redo by keyboard on every station: Ctrl or ⌘ with Z, Shift for redo; Ctrl Y redoes too.
 *
 * @param open - whether the workroom is open
 */
export function useUndoKeys(open: boolean): void {
  const undoing = useUndoing();
  const latest = useRef(undoing);
  useEffect(() => {
    latest.current = undoing;
  });
  useEffect(() => {
    if (!open) return;
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.altKey || event.defaultPrevented) return;
      const key = event.key.toLowerCase();
      if ((key !== 'z' && key !== 'y') || typesInto(event.target)) return;
      event.preventDefault();
      void (key === 'y' || event.shiftKey ? latest.current.redo() : latest.current.undo());
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [open]);
}
