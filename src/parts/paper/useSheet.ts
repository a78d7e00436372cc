'use client';

import { useEffect, useState } from 'react';
import type { PaperPage } from './marks';
import { intoPages, pageStarts } from './pages';
import { readSheet } from './readSheet';

/** The paper, its margins, and what is on it. */
export interface SheetFormat {
  widthMm: number;
  heightMm: number;
  marginMm: number;
}

/**
 * A sheet cut into pages; it is read again whenever it changes.
 *
 * @param root - where it is laid out at true size; null while it is not there
 * @returns its pages; null until its type is there and it has been read
 */
export function useSheet(root: HTMLElement | null, format: SheetFormat): readonly PaperPage[] | null {
  const [pages, setPages] = useState<readonly PaperPage[] | null>(null);
  const { widthMm, heightMm, marginMm } = format;
  useEffect(() => {
    if (!root) return;
    let here = true;
    const read = async () => {
      await document.fonts.ready;
      if (here) setPages(pagesOf(root, { widthMm, heightMm, marginMm }));
    };
    void read();
    const watch = new MutationObserver(() => void read());
    watch.observe(root, { subtree: true, childList: true, characterData: true, attributes: true });
    return () => {
      here = false;
      watch.disconnect();
    };
  }, [root, widthMm, heightMm, marginMm]);
  return pages;
}

function pagesOf(root: HTMLElement, format: SheetFormat): PaperPage[] {
  const { marks, whole, forced, heightMm } = readSheet(root);
  const starts = pageStarts(heightMm, format.heightMm - 2 * format.marginMm, whole, forced);
  return intoPages(marks, starts, format);
}
