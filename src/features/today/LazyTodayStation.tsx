'use client';

import dynamic from 'next/dynamic';

/** Operations and orders are fetched when the station is opened. */
export const LazyTodayStation = dynamic(() => import('./TodayStation').then((part) => part.TodayStation), {
  ssr: false,
});
