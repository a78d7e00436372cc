'use client';

import { useMemo, useState } from 'react';
import { clothOfMeaning, hearName, type HeardName } from '@/core/cloth';

/** What a name that is being typed was heard as, and the answer that was picked where it asks something. */
export interface HeardNow {
  heard: HeardName;
  picked: number | null;
  pick: (answer: number) => void;
  /** The cloth it comes to; null while a question is open. */
  cloth: HeardName['cloth'];
}

/** Hears a name as it is typed. An answer belongs to the question it was given to, and goes with it. */
export function useHeardName(name: string): HeardNow {
  const heard = useMemo(() => hearName(name), [name]);
  const [answer, setAnswer] = useState<{ asks: string; at: number } | null>(null);
  const picked = heard.question && answer?.asks === heard.question.asks ? answer.at : null;
  const meaning = picked === null ? null : (heard.question?.meanings[picked] ?? null);
  return {
    heard,
    picked,
    pick: (at) => heard.question && setAnswer({ asks: heard.question.asks, at }),
    cloth: heard.cloth ?? (meaning && clothOfMeaning(meaning, name)),
  };
}
