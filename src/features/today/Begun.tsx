'use client';

import { procedureName } from '@/core/seam';
import { useLines, useRuns, useSwatches } from '@/data';
import { sayWhen } from '@/parts/workspace';
import { Rows } from './Rows';

/** What lies half done: operations under the needle, scraps with a line in hand. */
export function Begun() {
  const runs = useRuns();
  const swatches = useSwatches();
  const lines = useLines();
  if (!runs || !swatches || !lines) return null;
  const sewing = runs
    .filter((run) => run.status !== 'done')
    .map((run) => ({
      key: run.id,
      href: `/sew?run=${run.id}`,
      name: procedureName(run.procedureId),
      note: `${run.clothName}, ${run.status === 'asking' ? 'not begun' : `step ${run.step + 1}`}, ${sayWhen(run.startedAt)}`,
    }));
  const tested = swatches.flatMap((swatch) => {
    const own = lines.filter((line) => line.swatchId === swatch.id);
    const inHand = own.find((line) => line.status === 'sewing');
    if (!inHand || own.some((line) => line.status === 'passed')) return [];
    return [
      {
        key: swatch.id,
        href: `/swatch?id=${swatch.id}`,
        name: swatch.name,
        note: `scrap half tested, line ${inHand.number} in hand, ${sayWhen(swatch.startedAt)}`,
      },
    ];
  });
  return <Rows id="begun" title="Half done" rows={[...sewing, ...tested]} />;
}
