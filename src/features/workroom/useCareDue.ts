'use client';

import { careStandings } from '@/core/kit';
import { useCare } from '@/data';
import { nowText, useQuestion } from '@/parts/workspace';

/** How many kinds of care are due, over all machines in use. */
export function useCareDue(): number {
  const asked = useQuestion();
  const log = useCare();
  if (!asked || !log) return 0;
  const now = nowText();
  return asked.machines
    .flatMap((record) =>
      careStandings(
        record,
        log.filter((c) => c.machineId === record.id),
        now,
      ),
    )
    .filter((standing) => standing.due).length;
}
