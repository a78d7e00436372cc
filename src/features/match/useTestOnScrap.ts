'use client';

import { useRouter } from 'next/navigation';
import { OPERATION, type Setup } from '@/core/setup';
import { lines, swatches } from '@/data';
import { type AskedNow, newId, nowText } from '@/parts/workspace';

/** Cuts a scrap for the question, with the setting as its first line, and goes there. */
export function useTestOnScrap(asked: AskedNow) {
  const router = useRouter();
  return async (setup: Setup) => {
    const { cloth, machine, operation } = asked;
    if (!cloth || !machine) return;
    const [id, at] = [newId(), nowText()];
    await swatches.put({
      id,
      clothId: cloth.id,
      machineId: machine.id,
      operation,
      startedAt: at,
      name: `${cloth.cloth.name}, ${OPERATION[operation.kind].name}`,
    });
    await lines.put({
      id: newId(),
      swatchId: id,
      number: 1,
      setup,
      direction: 'across',
      measures: { markedMm: 100 },
      findings: [],
      looked: false,
      status: 'sewing',
      sewnAt: at,
      notes: '',
    });
    router.push(`/swatch?id=${id}`);
  };
}
