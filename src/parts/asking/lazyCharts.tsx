'use client';

import dynamic from 'next/dynamic';
import type { ComponentProps, ComponentType } from 'react';
import type LineChart from '@/ui/charts/LineChart';
import type PointChart from '@/ui/charts/PointChart';

// Charts are large and looked at now and then: they are fetched when the first one is opened.
const Bar = dynamic(() => import('@/ui/charts/BarChart'), { ssr: false });
const Line = dynamic(() => import('@/ui/charts/LineChart'), { ssr: false });
const Points = dynamic(() => import('@/ui/charts/PointChart'), { ssr: false });

/** Keeps the room of a chart until it is there: what stands below must not move away under a finger. */
const withRoom = <Props extends { height: number }>(Chart: ComponentType<Props>) =>
  function ChartWithRoom(props: Props) {
    return (
      <div style={{ minHeight: props.height }}>
        <Chart {...props} />
      </div>
    );
  };

/** Bars take the height of their rows. */
export const LazyBarChart = Bar;
export const LazyLineChart = withRoom<ComponentProps<typeof LineChart>>(Line);
export const LazyPointChart = withRoom<ComponentProps<typeof PointChart>>(Points);
