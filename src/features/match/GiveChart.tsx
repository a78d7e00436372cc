'use client';

import { More } from '@/ui';
import { useState } from 'react';
import type { MatchInput } from '@/core/match';
import { nearestIndex, type Setup } from '@/core/setup';
import { formatNumber } from '@/core/units';
import { LazyLineChart, outdated, useFromWorker } from '@/parts/asking';

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
    <More summary="Give at other widths and lengths" onToggle={setOpen}>
      {map && (
        <div {...outdated(isCurrent)}>
          <LazyLineChart
            height={260}
            label={`Cautious give by ${map.along}: the seam needs ${required} percent; this setting gives ${Math.round(map.lines[mine].give[here])} percent.`}
            x={{ label: `${map.along}, mm`, values: map.values.map((mm) => formatNumber(mm, 2)) }}
            y={{ label: 'gives at least, %', max: most }}
            lines={map.lines.map(({ lengthMm, give }, i) => ({
              name: lengthMm === null ? 'this stitch' : `${formatNumber(lengthMm)} mm long`,
              values: give.map((percent) => Math.min(percent, most)),
              colour: i === mine ? 'green' : 'ink-2',
              thick: i === mine,
              dash: i === mine ? [] : DASHES[i % DASHES.length],
            }))}
            now={{ index: here, text: 'now' }}
            level={{ value: required, text: `needs ${formatNumber(required, 0)} %` }}
          />
        </div>
      )}
    </More>
  );
}
