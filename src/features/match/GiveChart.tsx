'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { MatchInput } from '@/core/match';
import type { Setup } from '@/core/setup';
import { formatNumber } from '@/core/units';
import styles from './Match.module.css';
import { useFromWorker } from './useFromWorker';

const LineChart = dynamic(() => import('@/ui/LineChart'), {
  ssr: false,
  loading: () => <div style={{ height: 260 }} />,
});

const DASHES = [[2, 3], [5, 4], [9, 4], [], [12, 3, 2, 3], [3, 2, 3, 6]];

/** How much the stitch would give at other widths and lengths, against what the seam needs. Drawn when asked for. */
export function GiveChart({ input, setup, required }: { input: MatchInput; setup: Setup; required: number }) {
  const [open, setOpen] = useState(false);
  const key = JSON.stringify([input, setup.stitch, setup.thread.fibre, setup.needle.gapMm]);
  const map = useFromWorker(open ? key : null, (worker) => worker.giveMap(input, setup));
  const most = Math.max(40, required * 2.4);
  const here = map ? nearest(map.values, map.along === 'width' ? setup.widthMm : setup.lengthMm) : 0;
  const mine = map
    ? map.lines.reduce(
        (best, { lengthMm }, i, all) => (off(lengthMm, setup) < off(all[best].lengthMm, setup) ? i : best),
        0,
      )
    : 0;
  return (
    <details className={styles.chart} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>Give at other widths and lengths</summary>
      {map && (
        <LineChart
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
      )}
    </details>
  );
}

const off = (lengthMm: number | null, setup: Setup) => Math.abs((lengthMm ?? setup.lengthMm) - setup.lengthMm);
const nearest = (values: readonly number[], value: number) =>
  values.reduce((best, v, i) => (Math.abs(v - value) < Math.abs(values[best] - value) ? i : best), 0);
