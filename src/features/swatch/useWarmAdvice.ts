import { useEffect } from 'react';
import { clothOf } from '@/core/cloth';
import { signsToLookFor } from '@/core/swatch';
import { matchWorker } from '@/workers/matchClient';
import type { Scrap } from './useScrap';

/** Once the page stands still, and as many answers as it takes until the next comes as quickly as any later one. */
const WARM = { afterMs: 400, answers: 10 };

/**
 * Asks the worker for advice that nobody waits for, one sign after the other: the browser compiles it meanwhile, so that the first advice
 * somebody does wait for comes in a few milliseconds.
 */
export function useWarmAdvice({ swatch, cloth, machine, lines, seam }: Scrap): void {
  useEffect(() => {
    const first = lines[0];
    if (!first) return;
    const { usual } = signsToLookFor(seam, first.setup);
    const ask = (sign: (typeof usual)[number]) =>
      matchWorker().diagnose({
        cloth: clothOf(cloth),
        operation: swatch.operation,
        setup: first.setup,
        machine: machine.machine,
        findings: [{ sign, severity: 2 }],
        history: [],
      });
    const timer = setTimeout(() => {
      // Whether it could be worked out matters to nobody here: the same question, asked in earnest, says so.
      void Promise.allSettled(usual.slice(0, WARM.answers).map(ask));
    }, WARM.afterMs);
    return () => clearTimeout(timer);
    // Once for a scrap: later lines are worked out by what is warm.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [swatch.id]);
}
