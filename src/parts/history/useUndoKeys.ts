'use client';

import { useEffect, useRef } from 'react';
import { typesInto } from '../keys';
import { useUndoing } from '../workspace';

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
