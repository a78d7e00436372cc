'use client';

import { useDeferredValue, useEffect, useState } from 'react';
import { type Finder, findIn } from '@/workers/findClient';
import { useSay } from '../workspace';
import { FOUND_TEXT } from './text';

/**
 * Things that answer to a few letters: by the beginning of a word, forgiving a slip of the keyboard.
 *
 * @param items - what is searched
 * @param textOf - the words it answers to
 * @param text - what was typed; nothing finds everything
 * @returns what was found, best first; what was found before while the search is on its way
 */
export function useFound<T>(items: readonly T[], textOf: (item: T) => string, text: string): readonly T[] {
  const asked = useDeferredValue(text.trim());
  const wanted = asked !== '';
  const [finder, setFinder] = useState<{ of: readonly T[]; finder: Finder } | null>(null);
  const [found, setFound] = useState<readonly T[] | null>(null);
  const say = useSay();
  useEffect(() => {
    if (!wanted) return;
    const made = findIn(items.map(textOf));
    // The worker is something outside: it is started for this list and stopped with it.
    // eslint-disable-next-line react-hooks/set-state-in-effect
    setFinder({ of: items, finder: made });
    return () => made.stop();
    // The reader of an item is fixed for each list.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [items, wanted]);
  useEffect(() => {
    if (!wanted || finder?.of !== items) return;
    let overtaken = false;
    finder.finder
      .find(asked)
      .then((places) => !overtaken && setFound(places.map((place) => items[place])))
      .catch((cause: Error) => {
        if (overtaken) return;
        setFound(null);
        say(FOUND_TEXT.failed(cause.message));
      });
    return () => {
      overtaken = true;
    };
  }, [finder, items, asked, wanted, say]);
  return wanted && found ? found : items;
}
