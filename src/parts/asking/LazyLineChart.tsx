'use client';

import dynamic from 'next/dynamic';

/** Charts are large and looked at now and then: they are fetched when the first one is opened. */
export const LazyLineChart = dynamic(() => import('@/ui/LineChart'), { ssr: false });
