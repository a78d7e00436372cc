'use client';

import dynamic from 'next/dynamic';

/** Every operation with its texts and drawings is fetched when the station is opened. */
export const LazySewStation = dynamic(() => import('./SewStation').then((part) => part.SewStation), { ssr: false });
