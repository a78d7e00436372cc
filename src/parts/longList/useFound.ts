'use client';

import MiniSearch from 'minisearch';
import { useDeferredValue, useEffect, useMemo, useState } from 'react';

/** Texts put into the index in one go, so that the page never stands still. */
const CHUNK = 250;

/**
 * Things that answer to a few letters: by the beginning of a word, forgiving a slip of the keyboard.
 *
 * @param items - what is searched
 * @param keyOf - its key
 * @param textOf - the words it answers to
 * @param text - what was typed; nothing finds everything
 * @returns what was found, best first; everything while the index is still being made
 */
export function useFound<T>(
  items: readonly T[],
  keyOf: (item: T) => string,
  textOf: (item: T) => string,
  text: string,
): readonly T[] {
  const asked = useDeferredValue(text.trim());
  const [index, setIndex] = useState<{ of: readonly T[]; search: MiniSearch } | null>(null);
  const wanted = asked !== '';
  useEffect(() => {
    if (!wanted) return;
    let gone = false;
    const search = new MiniSearch({ fields: ['text'], storeFields: [] });
    const documents = items.map((item) => ({ id: keyOf(item), text: textOf(item) }));
    void search.addAllAsync(documents, { chunkSize: CHUNK }).then(() => !gone && setIndex({ of: items, search }));
    return () => {
      gone = true;
    };
    // The two readers of an item are fixed for each list.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [items, wanted]);
  return useMemo(() => {
    if (!wanted || !index) return items;
    const byKey = new Map(items.map((item) => [keyOf(item), item]));
    const found = index.search.search(asked, {
      prefix: true,
      fuzzy: (term) => (term.length > 4 ? 0.2 : false),
      combineWith: 'AND',
    });
    return found.flatMap(({ id }) => byKey.get(id as string) ?? []);
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [items, index, asked, wanted]);
}
