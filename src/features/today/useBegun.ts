'use client';

import { procedureName } from '@/core/procedure';
import { isHalfTested, type TestLine, linesBySwatch, scrapStanding } from '@/core/swatch';
import { useLines, useRuns, useSwatches } from '@/data';
import { sayWhen } from '@/parts/workspace';
import type { Waiting } from './Rows';
import { BEGUN_TEXT } from './text';

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
      note: `${run.clothName}, ${run.status === 'asking' ? BEGUN_TEXT.notBegun : BEGUN_TEXT.step(run.step + 1)}, ${sayWhen(run.startedAt)}`,
    }));
  const bySwatch = linesBySwatch(lines);
  const tested = swatches.flatMap((swatch) => {
    const own = bySwatch.get(swatch.id) ?? [];
    if (!isHalfTested(own)) return [];
    return [
      {
        key: swatch.id,
        href: `/test?id=${swatch.id}`,
        name: swatch.name,
        note: `${sayTested(own)}, ${sayWhen(swatch.startedAt)}`,
      },
    ];
  });
  return { id: 'begun', title: BEGUN_TEXT.halfDone, rows: [...sewing, ...tested] };
}

function sayTested(lines: readonly TestLine[]): string {
  const standing = scrapStanding(lines);
  if (standing.state === 'begun') return BEGUN_TEXT.scrapHalfTestedLine(standing.number);
  if (standing.state !== 'none passed') return BEGUN_TEXT.scrapPlannedNothingSewn;
  return BEGUN_TEXT.scrapHalfTestedFailed(standing.sewn === 1 ? BEGUN_TEXT.oneLine : BEGUN_TEXT.lines(standing.sewn));
}
