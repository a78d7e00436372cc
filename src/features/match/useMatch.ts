'use client';

import { useEffect, useMemo, useState } from 'react';
import type { MatchAnswer, MatchInput, MatchSharpening } from '@/core/match';
import type { Operation } from '@/core/setup';
import { timed } from '@/parts/asking';
import { useMatchInput } from '@/parts/learned';
import { type AskedNow, useUnits } from '@/parts/workspace';
import { matchWorker } from '@/workers/matchClient';

/** An answer with the question it belongs to. */
export interface Answered {
  input: MatchInput;
  answer: MatchAnswer;
  /** What to measure and what to get, a moment later. */
  sharpening: MatchSharpening | null;
}

/** The last answer, whether it answers what is asked now, and what went wrong. */
export interface MatchNow {
  answered: Answered | null;
  /** False while the question has changed and its answer is still worked out. */
  isCurrent: boolean;
  failed: string | null;
}

/** Stands in until the question is read; without a fabric nothing is asked. */
const NO_SEAM: Operation = { kind: 'join' };

/** The answer to what is asked now, worked out off the main thread; one that has been overtaken is dropped. */
export function useMatch(asked: AskedNow | undefined): MatchNow {
  const input = useMatchInput(asked?.cloth ?? null, asked?.machine ?? null, asked?.operation ?? NO_SEAM);
  // The question is compared as text: live queries hand out new objects for the same things.
  const key = input ? JSON.stringify(input) : null;
  const [state, setState] = useState<{ key: string; answered: Answered } | null>(null);
  const [failed, setFailed] = useState<string | null>(null);

  useEffect(() => {
    if (key === null) return;
    let overtaken = false;
    const question = JSON.parse(key) as MatchInput;
    const run = async () => {
      const worker = matchWorker();
      const answer = await timed('match', () => worker.answer(question));
      if (overtaken) return;
      setFailed(null);
      setState({ key, answered: { input: question, answer, sharpening: null } });
      const sharpening = await worker.sharpen(question);
      if (!overtaken) setState({ key, answered: { input: question, answer, sharpening } });
    };
    run().catch((cause: Error) => !overtaken && setFailed(cause.message));
    return () => {
      overtaken = true;
    };
  }, [key]);

  // The last answer stays on screen, dimmed, while the next is worked out: nothing jumps while typing.
  const { printed } = useUnits();
  const answered = useMemo(() => {
    if (!state) return null;
    const { answer, sharpening } = state.answered;
    return { ...state.answered, answer: printed(answer), sharpening: printed(sharpening) };
  }, [state, printed]);
  return { answered: asked?.cloth ? answered : null, isCurrent: key !== null && state?.key === key, failed };
}
