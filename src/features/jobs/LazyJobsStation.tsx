'use client';

import dynamic from 'next/dynamic';

/** Operations, orders and budgets are fetched when the station is opened. */
export const LazyJobsStation = dynamic(() => import('./JobsStation').then((part) => part.JobsStation), { ssr: false });
