'use client';

import { useEffect, useState } from 'react';
import type { Remote } from 'comlink';
import { useSay } from '../workspace';
import { matchWorker } from '@/workers/matchClient';
import type { MatchWorker } from '@/workers/match.worker';

/**
 * Something the worker says about the question and setting now. What has been overtaken is dropped; the last answer stays
 * until the next is there.
 *
 * @param key - everything the answer depends on, as text; null asks nothing
 * @param ask - how to ask for it
 */
export function useFromWorker<T>(key: string | null, ask: (worker: Remote<MatchWorker>) => Promise<T>): T | null {
  const say = useSay();
  const [state, setState] = useState<{ key: string; value: T } | null>(null);
  useEffect(() => {
    if (key === null) return;
    let overtaken = false;
    ask(matchWorker())
      .then((value) => !overtaken && setState({ key, value }))
      .catch((cause: Error) => !overtaken && say(`This part could not be worked out: ${cause.message}`));
    return () => {
      overtaken = true;
    };
    // The key says all that `ask` depends on.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  return key === null ? null : (state?.value ?? null);
}
