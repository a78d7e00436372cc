'use client';

import { useRouter } from 'next/navigation';
import type { MatchInput } from '@/core/match';
import { OPERATION, type Setup } from '@/core/setup';
import { newLine } from '@/core/swatch';
import { lines, swatches } from '@/data';
import { type AskedNow, newId, nowText, useSay } from '@/parts/workspace';
import { matchWorker } from '@/workers/matchClient';

/** Plans a scrap for the question, with the setting as its first line, and goes there. */
export function useTestOnScrap(asked: AskedNow, input: MatchInput) {
  const router = useRouter();
  const say = useSay();
  return async (setup: Setup) => {
    const { cloth, machine, operation } = asked;
    if (!cloth || !machine) return;
    const plan = await matchWorker()
      .planScrap(input, setup)
      .catch((cause: Error) => void say(`The scrap could not be planned: ${cause.message}`));
    if (!plan) return;
    const [id, at] = [newId(), nowText()];
    await swatches.put({
      id,
      clothId: cloth.id,
      machineId: machine.id,
      operation,
      startedAt: at,
      name: `${cloth.cloth.name}, ${OPERATION[operation.kind].name}`,
      where: '',
      spares: plan.spares,
    });
    await lines.putAll(
      plan.lines.map((line, i) =>
        newLine({
          ...line,
          id: newId(),
          swatchId: id,
          number: i + 1,
          sewnAt: at,
          status: i === 0 ? 'sewing' : 'planned',
        }),
      ),
    );
    router.push(`/swatch?id=${id}`);
  };
}
