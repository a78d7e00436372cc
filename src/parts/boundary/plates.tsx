'use client';

import dynamic from 'next/dynamic';

const load = {
  station: () => import('./StationTrouble'),
  part: () => import('./PartTrouble'),
  record: () => import('./RecordTrouble'),
  stopped: () => import('./Stopped'),
};

/** What is shown in the place of something that cannot be; fetched apart, for it is hardly ever needed. */
export const StationTrouble = dynamic(() => load.station().then((part) => part.StationTrouble), { ssr: false });
export const PartTrouble = dynamic(() => load.part().then((part) => part.PartTrouble), { ssr: false });
export const RecordTrouble = dynamic(() => load.record().then((part) => part.RecordTrouble), { ssr: false });
export const ServerStopped = dynamic(() => load.stopped().then((part) => part.Stopped), { ssr: false });

/** Fetches all of them while the server is there: the moment they are needed it may not be. */
export const preloadPlates = (): Promise<unknown> => Promise.all(Object.values(load).map((one) => one()));
