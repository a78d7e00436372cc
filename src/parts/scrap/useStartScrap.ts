'use client';

import { useRouter } from 'next/navigation';
import type { MatchInput } from '@/core/match';
import { KNOWLEDGE } from '@/core/result';
import { OPERATION, type Operation, type Setup } from '@/core/setup';
import { newLine } from '@/core/swatch';
import { edit, lines, swatches } from '@/data';
import { matchWorker } from '@/workers/matchClient';
import { newId, nowText, useSay } from '../workspace';

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
}

/** Plans a scrap, with the setting as its first line, and goes there. */
export function useStartScrap() {
  const router = useRouter();
  const say = useSay();
  return async ({ clothId, clothName, secondId = null, machineId, operation, input, setup }: ToProve) => {
    const plan = await matchWorker()
      .planScrap(input, setup)
      .catch((cause: Error) => void say(`The scrap could not be planned: ${cause.message}`));
    if (!plan) return;
    const [id, at] = [newId(), nowText()];
    const name = `${clothName}, ${OPERATION[operation.kind].name}`;
    const started = plan.lines.map((line, i) =>
      newLine({
        ...line,
        id: newId(),
        swatchId: id,
        number: i + 1,
        sewnAt: at,
        status: i === 0 ? 'sewing' : 'planned',
        knowledge: KNOWLEDGE,
      }),
    );
    await edit(`Swatch “${name}” started`, async () => {
      const about = { clothId, secondId, machineId, operation, proves: null };
      await swatches.put({ id, ...about, startedAt: at, name, where: '', spares: plan.spares });
      await lines.putAll(started);
    });
    router.push(`/swatch?id=${id}`);
  };
}
