'use client';

import { procedureName } from '@/core/procedure';
import { isHalfTested, type TestLine, linesBySwatch, scrapStanding } from '@/core/swatch';
import { useLines, useRuns, useSwatches } from '@/data';
import { sayWhen } from '@/parts/workspace';
import type { Waiting } from './Rows';

/** What lies half done: operations under the needle, scraps that no line has proven yet; undefined while it is read. */
export function useBegun(): Waiting | undefined {
  const runs = useRuns();
  const swatches = useSwatches();
  const lines = useLines();
  if (!runs || !swatches || !lines) return undefined;
  const sewing = runs
    .filter((run) => run.status !== 'done')
    .map((run) => ({
      key: run.id,
      href: `/sew?run=${run.id}`,
      name: procedureName(run.procedureId),
      note: `${run.clothName}, ${run.status === 'asking' ? 'not begun' : `step ${run.step + 1}`}, ${sayWhen(run.startedAt)}`,
    }));
  const bySwatch = linesBySwatch(lines);
  const tested = swatches.flatMap((swatch) => {
    const own = bySwatch.get(swatch.id) ?? [];
    if (!isHalfTested(own)) return [];
    return [
      {
        key: swatch.id,
        href: `/swatch?id=${swatch.id}`,
        name: swatch.name,
        note: `${sayTested(own)}, ${sayWhen(swatch.startedAt)}`,
      },
    ];
  });
  return { id: 'begun', title: 'Half done', rows: [...sewing, ...tested] };
}

function sayTested(lines: readonly TestLine[]): string {
  const standing = scrapStanding(lines);
  if (standing.state === 'begun') return `scrap half tested, line ${standing.number} started`;
  if (standing.state !== 'none passed') return 'scrap planned, nothing sewn yet';
  return `scrap half tested, ${standing.sewn === 1 ? 'one line' : `${standing.sewn} lines`} failed`;
}
