'use client';

import { useEffect, useState } from 'react';
import { readDraft, reportTrouble, writeDraft } from '@/data';

type Texts = Record<string, string>;

/** Texts that are being typed. */
export interface Draft {
  texts: Texts;
  setText: (field: string, text: string) => void;
  /** Forgets what was typed, but for what the next one begins with. */
  clear: (keep?: Texts) => void;
}

/**
 * Texts that are typed but not yet kept: they survive a reload, and belong to one key.
 *
 * @param key - what is being filled in
 */
export function useDraft(key: string): Draft {
  const [state, setState] = useState<{ key: string; texts: Texts }>({ key: '', texts: {} });
  useEffect(() => {
    // Read after the page is there: the server has no drafts, and both must draw the same at first.
    // eslint-disable-next-line react-hooks/set-state-in-effect
    setState({ key, texts: readDraft(key) });
  }, [key]);
  const put = (edit: (now: Texts) => Texts) => {
    const texts = edit(readDraft(key));
    setState({ key, texts });
    try {
      writeDraft(key, texts);
    } catch (cause) {
      // Without room it is still on the screen; anything else is a slip of ours.
      if (!reportTrouble(cause)) throw cause;
    }
  };
  return {
    texts: state.key === key ? state.texts : {},
    setText: (field, text) => put((now) => ({ ...now, [field]: text })),
    clear: (keep = {}) => put(() => keep),
  };
}
