'use client';

import type { MatchInput } from '@/core/match';
import type { Setup } from '@/core/setup';
import { useStartScrap } from '@/parts/scrap';
import type { AskedNow } from '@/parts/workspace';

/** Plans a scrap for the question, with the setting as its first line, and goes there. */
export function useTestOnScrap({ cloth, machine, operation }: AskedNow, input: MatchInput) {
  const start = useStartScrap();
  return async (setup: Setup) => {
    if (!cloth || !machine) return;
    await start({ clothId: cloth.id, clothName: cloth.cloth.name, machineId: machine.id, operation, input, setup });
  };
}
