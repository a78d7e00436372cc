'use client';

import UndoIcon from '@mui/icons-material/Undo';
import Tooltip from '@mui/material/Tooltip';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { followHistory, historyNow } from '@/data';
import { Pressable } from '@/ui';
import { useUndoing } from '../workspace';
import { HISTORY_TEXT as TEXT } from './text';

/** How long the last deed stands out, ms. */
const FRESH_MS = 60_000;

/**
 * Undo, always in the same place and in sight: it says what it would take back, and stands out for a minute after each deed. It is never
 * taken away, so that a press on it keeps the focus.
 */
export function UndoNow() {
  const last = useSyncExternalStore(followHistory, historyNow, () => null)?.done.findLast((entry) => !entry.stuck);
  const { undo } = useUndoing();
  const fresh = useFresh(last?.at);
  const says = last ? TEXT.undoThis(last.text) : TEXT.nothing;
  return (
    <Tooltip title={says}>
      <Pressable aria-label={says} aria-disabled={!last} data-fresh={fresh || undefined} onClick={() => void undo()}>
        <UndoIcon fontSize="small" />
        <span aria-hidden>{TEXT.undo}</span>
      </Pressable>
    </Tooltip>
  );
}

/** Whether a moment is less than a minute ago. */
function useFresh(at: number | undefined): boolean {
  const [old, setOld] = useState<number | null>(null);
  useEffect(() => {
    if (at === undefined) return;
    const left = FRESH_MS - (Date.now() - at);
    const timer = setTimeout(() => setOld(at), Math.max(0, left));
    return () => clearTimeout(timer);
  }, [at]);
  return at !== undefined && at !== old;
}
