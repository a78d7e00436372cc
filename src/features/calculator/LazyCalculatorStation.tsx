'use client';

import dynamic from 'next/dynamic';

/** Every sum, and the physics behind it, is fetched when the station is opened. */
export const LazyCalculatorStation = dynamic(
  () => import('./CalculatorStation').then((part) => part.CalculatorStation),
  { ssr: false },
);
