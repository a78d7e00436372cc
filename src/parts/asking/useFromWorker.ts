'use client';

import { useEffect, useMemo, useState } from 'react';
import type { Remote } from 'comlink';
import { useSay, useUnits } from '../workspace';
import { matchWorker } from '@/workers/matchClient';
import type { MatchWorker } from '@/workers/match.worker';
import { FROM_WORKER_TEXT } from './text';

/** The last answer of the worker, and whether it answers what is asked now. */
export interface FromWorker<T> {
  /** Null until the first answer, and while nothing is asked. */
  value: T | null;
  /** False while the answer to the question of now is still worked out: `value` then answers an earlier one. */
  isCurrent: boolean;
}

const NOTHING: FromWorker<never> = { value: null, isCurrent: false };

/**
 * Something the worker says about a question, its lengths printed in the person's units. An answer that comes after another question was asked is dropped.
 *
 * The last answer stays until the next is there, so that nothing jumps on the screen; whatever decides something takes it only
 * while it `isCurrent`.
 *
 * @param key - everything the answer depends on, as text; null asks nothing
 * @param ask - how to ask for it
 */
export function useFromWorker<T>(key: string | null, ask: (worker: Remote<MatchWorker>) => Promise<T>): FromWorker<T> {
  const say = useSay();
  const { printed } = useUnits();
  const { value, isCurrent } = useLatest(key, () => ask(matchWorker()), say);
  return useMemo(() => ({ value: printed(value), isCurrent }), [printed, value, isCurrent]);
}

/** As `useFromWorker`, of anything that answers later. */
export function useLatest<T>(key: string | null, ask: () => Promise<T>, say: (text: string) => void): FromWorker<T> {
  const [state, setState] = useState<{ key: string; value: T } | null>(null);
  useEffect(() => {
    if (key === null) return;
    let overtaken = false;
    ask()
      .then((value) => !overtaken && setState({ key, value }))
      .catch((cause: Error) => !overtaken && say(FROM_WORKER_TEXT.thisPartCouldNot(cause.message)));
    return () => {
      overtaken = true;
    };
    // The key says all that `ask` depends on.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  if (key === null || !state) return NOTHING;
  return { value: state.value, isCurrent: state.key === key };
}

/** The answer to the question of now; null while it is worked out. */
export const currentOf = <T>({ value, isCurrent }: FromWorker<T>): T | null => (isCurrent ? value : null);

/** What an element is marked with while it shows the answer to an earlier question: it is dimmed, and said to be busy. */
export const outdated = (isCurrent: boolean) =>
  isCurrent ? {} : ({ 'data-outdated': true, 'aria-busy': true } as const);
