'use client';

import { More } from '@/ui';
import { useState } from 'react';
import type { MatchInput } from '@/core/match';
import { nearestIndex, type Setup } from '@/core/setup';
import { formatNumber } from '@/core/units';
import { LazyLineChart, outdated, useFromWorker } from '@/parts/asking';
import { GIVE_CHART_TEXT } from './text';

const DASHES = [[2, 3], [5, 4], [9, 4], [], [12, 3, 2, 3], [3, 2, 3, 6]];

/** How much the stitch would give at other widths and lengths, against what the seam needs. Drawn when asked for. */
export function GiveChart({ input, setup, required }: { input: MatchInput; setup: Setup; required: number }) {
  const [open, setOpen] = useState(false);
  const key = JSON.stringify([input, setup.stitch, setup.thread.fibre, setup.needle.gapMm]);
  const { value: map, isCurrent } = useFromWorker(open ? key : null, (worker) => worker.giveMap(input, setup));
  const most = Math.max(40, required * 2.4);
  const here = map ? nearestIndex(map.values, map.along === 'width' ? setup.widthMm : setup.lengthMm) : 0;
  const lengths = map?.lines.map(({ lengthMm }) => lengthMm ?? setup.lengthMm) ?? [];
  const mine = nearestIndex(lengths, setup.lengthMm);
  return (
    <More summary={GIVE_CHART_TEXT.giveAtOtherWidths} onToggle={setOpen}>
      {map && (
        <div {...outdated(isCurrent)}>
          <LazyLineChart
            height={260}
            label={GIVE_CHART_TEXT.cautiousGiveByThe(map.along, required, Math.round(map.lines[mine].give[here]))}
            x={{ label: GIVE_CHART_TEXT.mm(map.along), values: map.values.map((mm) => formatNumber(mm, 2)) }}
            y={{ label: GIVE_CHART_TEXT.givesAtLeast, max: most }}
            lines={map.lines.map(({ lengthMm, give }, i) => ({
              name: lengthMm === null ? GIVE_CHART_TEXT.thisStitch : GIVE_CHART_TEXT.mmLong(formatNumber(lengthMm)),
              values: give.map((percent) => Math.min(percent, most)),
              colour: i === mine ? 'green' : 'ink-2',
              thick: i === mine,
              dash: i === mine ? [] : DASHES[i % DASHES.length],
            }))}
            now={{ index: here, text: 'now' }}
            level={{ value: required, text: GIVE_CHART_TEXT.needs(formatNumber(required, 0)) }}
          />
        </div>
      )}
    </More>
  );
}
