'use client';

import { useEffect, useMemo, useState } from 'react';
import { nearestCards } from '@/core/card';
import { clothOf, clothProfile } from '@/core/cloth';
import type { MatchAnswer, MatchInput, MatchSharpening } from '@/core/match';
import { usePreference } from '@/data';
import { asLearned, useMachineOffsets, useTeachingCards } from '@/parts/learned';
import type { AskedNow } from '@/parts/workspace';
import { matchWorker } from '@/workers/matchClient';

/** An answer with the question it belongs to. */
export interface Answered {
  input: MatchInput;
  answer: MatchAnswer;
  /** What to measure and what to get, a moment later. */
  sharpening: MatchSharpening | null;
}

/** More cards than match looks at need not travel to the worker. */
const CARDS = 5;

/** The question as the worker takes it, or null while there is no cloth. */
function useInput(asked: AskedNow | undefined): MatchInput | null {
  const schools = usePreference('schools');
  const cards = useTeachingCards();
  const learned = asLearned(useMachineOffsets(asked?.machine ?? null));
  if (!asked?.cloth || !asked.machine || !schools || !cards) return null;
  const cloth = clothOf(asked.cloth);
  const { machine } = asked.machine;
  const near = nearestCards(cards, clothProfile(cloth), asked.operation, machine.name).slice(0, CARDS);
  return {
    cloth,
    operation: asked.operation,
    machine,
    ...(asked.kit && { kit: asked.kit }),
    schools,
    ...(learned && { learned }),
    ...(near.length > 0 && { tested: near.map(({ card }) => card) }),
  };
}

/** The answer to what is asked now, worked out off the main thread; one that has been overtaken is dropped. */
export function useMatch(asked: AskedNow | undefined): { answered: Answered | null; failed: string | null } {
  const input = useInput(asked);
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
      const started = performance.now();
      const answer = await worker.answer(question);
      performance.measure('bobbet.match', { start: started, end: performance.now() });
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

  // The last answer stays on screen while the next is worked out, so that nothing jumps while typing.
  const answered = useMemo(() => (key === null ? null : (state?.answered ?? null)), [key, state]);
  return { answered, failed };
}
