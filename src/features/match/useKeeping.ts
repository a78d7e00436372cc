'use client';

import { useState } from 'react';
import type { Setup } from '@/core/setup';
import type { Compared } from './Compare';
import { KEEPING_TEXT } from './text';

/** As many as can be read side by side. */
const MOST = 3;

const same = (a: Setup, b: Setup) => JSON.stringify(a) === JSON.stringify(b);

/** Settings kept to be compared, three at most. */
export interface Keeping {
  canKeep: (setup: Setup) => boolean;
  keep: (setup: Setup, title: string) => void;
  /** What stands side by side: the kept ones, and the one on screen while there is room. */
  beside: (now: Setup) => Compared[];
}

/** What a person has put aside to compare on this screen. */
export function useKeeping(): Keeping {
  const [kept, setKept] = useState<{ setup: Setup; title: string }[]>([]);
  const isKept = (setup: Setup) => kept.some((k) => same(k.setup, setup));
  return {
    canKeep: (setup) => kept.length < MOST && !isKept(setup),
    keep: (setup, title) => {
      const again = kept.filter((k) => k.title === title || k.title.startsWith(`${title}, `)).length;
      setKept([...kept, { setup, title: again > 0 ? `${title}, ${again + 1}` : title }]);
    },
    beside: (now) => {
      const columns = kept.map((k): Compared => ({ ...k, onRemove: () => setKept(kept.filter((o) => o !== k)) }));
      const room = kept.length > 0 && kept.length < MOST && !isKept(now);
      return room ? [...columns, { title: KEEPING_TEXT.onScreen, setup: now }] : columns;
    },
  };
}
