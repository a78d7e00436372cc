'use client';

import { useRouter } from 'next/navigation';
import type { Proves } from '@/core/card';
import type { MatchInput } from '@/core/match';
import type { Operation, Setup } from '@/core/setup';
import { startSwatch } from '@/core/workroom';
import { edit, lines as lineStore, swatches } from '@/data';
import { matchWorker } from '@/workers/matchClient';
import { newId, nowText, useSay, useUnits } from '../workspace';
import { START_SCRAP_TEXT } from './text';

/** What a scrap is to prove. */
export interface ToProve {
  clothId: string;
  clothName: string;
  /** The second cloth, where two meet. */
  secondId?: string | null;
  machineId: string;
  operation: Operation;
  input: MatchInput;
  setup: Setup;
  /** The operation it is sewn for, and which of its rows; left out for the stitch alone. */
  proves?: Proves;
  /** What that is called. */
  called?: string;
}

/** Plans a scrap, with the setting as its first line, and goes there. */
export function useStartScrap() {
  const router = useRouter();
  const say = useSay();
  const { system } = useUnits();
  return async ({
    clothId,
    clothName,
    secondId = null,
    machineId,
    operation,
    input,
    setup,
    proves,
    called,
  }: ToProve) => {
    const worker = matchWorker();
    const planned = await Promise.all([worker.planScrap(input, setup), worker.recommended(input)]).catch(
      (cause: Error) => void say(START_SCRAP_TEXT.theScrapCouldNot(cause.message)),
    );
    if (!planned) return;
    const [plan, answered] = planned;
    const about = { clothId, clothName, secondId, machineId, operation, proves, called, ...(answered && { answered }) };
    const { swatch, lines } = startSwatch(about, plan, { newId, at: nowText(), system });
    await edit(START_SCRAP_TEXT.swatchStarted(swatch.name), async () => {
      await swatches.put(swatch);
      await lineStore.putAll(lines);
    });
    router.push(`/test?id=${swatch.id}`);
  };
}
