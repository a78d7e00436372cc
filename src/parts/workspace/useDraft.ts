'use client';

import { useEffect, useRef, useState } from 'react';
import { readDraft, reportTrouble, writeDraft } from '@/data';

/** Texts being typed by field. */
export type DraftTexts = Record<string, string>;

/**
 * Texts that are typed but not yet kept: they survive a reload, and belong to one key.
 *
 * @param key - what is being filled in
 * @returns the texts, how to change one, and how to clear them once they are kept
 */
export function useDraft(key: string): {
  texts: DraftTexts;
  setText: (field: string, text: string) => void;
  clear: (keep?: DraftTexts) => void;
} {
  const [state, setState] = useState<{ key: string; texts: DraftTexts }>({ key, texts: {} });
  // Typed before the stored draft was read: what is typed wins, field by field.
  const now = useRef<{ key: string; texts: DraftTexts }>({ key, texts: {} });
  useEffect(() => {
    let gone = false;
    now.current = { key, texts: {} };
    readDraft(key)
      .then((stored) => {
        if (gone) return;
        now.current = { key, texts: { ...stored, ...now.current.texts } };
        setState(now.current);
      })
      .catch(reportTrouble);
    return () => {
      gone = true;
    };
  }, [key]);
  const put = (texts: DraftTexts) => {
    now.current = { key, texts };
    setState(now.current);
    writeDraft(key, texts).catch(reportTrouble);
  };
  return {
    texts: state.key === key ? state.texts : {},
    setText: (field, text) => put({ ...now.current.texts, [field]: text }),
    clear: (keep = {}) => put(keep),
  };
}
