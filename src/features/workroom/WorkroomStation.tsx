'use client';

import dynamic from 'next/dynamic';
import { useRouter, useSearchParams } from 'next/navigation';
import { useCareDue } from '@/parts/workspace';
import { Tabs } from '@/ui';
import styles from './Workroom.module.css';
import { WORKROOM_STATION_TEXT } from './text';

// Each place is fetched when it is opened.
const Care = dynamic(() => import('./Care').then((part) => part.Care), { loading: () => null });
const CsvFiles = dynamic(() => import('./CsvFiles').then((part) => part.CsvFiles), { loading: () => null });
const Attention = dynamic(() => import('./files/Attention').then((part) => part.Attention), { loading: () => null });
const Backups = dynamic(() => import('./files/Backups').then((part) => part.Backups), { loading: () => null });
const Devices = dynamic(() => import('./devices/Devices').then((part) => part.Devices), { loading: () => null });
const Files = dynamic(() => import('./files/Files').then((part) => part.Files), { loading: () => null });
const Machines = dynamic(() => import('./Machines').then((part) => part.Machines), { loading: () => null });
const Kit = dynamic(() => import('./Kit').then((part) => part.Kit), { loading: () => null });
const Running = dynamic(() => import('./running/Running').then((part) => part.Running), {
  ssr: false,
  loading: () => null,
});
const Spools = dynamic(() => import('./Spools').then((part) => part.Spools), { loading: () => null });
const Tin = dynamic(() => import('./NeedleStock').then((part) => part.NeedleStock), { loading: () => null });

const PLACES = [
  { id: 'machines', name: WORKROOM_STATION_TEXT.machines },
  { id: 'care', name: WORKROOM_STATION_TEXT.care },
  { id: 'kit', name: WORKROOM_STATION_TEXT.feetPinsAndBlades },
  { id: 'needles', name: WORKROOM_STATION_TEXT.needles },
  { id: 'threads', name: WORKROOM_STATION_TEXT.threads },
  { id: 'files', name: WORKROOM_STATION_TEXT.files },
  { id: 'running', name: WORKROOM_STATION_TEXT.running },
] as const;
type Place = (typeof PLACES)[number]['id'];

/** Workroom: what the machines can do, what is owned, how it is kept, and the files that hold it all. */
export function WorkroomStation() {
  const router = useRouter();
  const asked = useSearchParams().get('place');
  const due = useCareDue().length;
  const place: Place = PLACES.find(({ id }) => id === asked)?.id ?? 'machines';
  return (
    <div className={styles.page}>
      <h1>{WORKROOM_STATION_TEXT.workroom}</h1>
      <Tabs
        label={WORKROOM_STATION_TEXT.inTheWorkroom}
        value={place}
        options={PLACES.map((one) =>
          one.id === 'care' && due > 0 ? { ...one, note: WORKROOM_STATION_TEXT.due(due) } : one,
        )}
        onPick={(id) => router.replace(`/workroom?place=${id}`, { scroll: false })}
      >
        {place === 'machines' && <Machines />}
        {place === 'care' && <Care />}
        {place === 'kit' && <Kit />}
        {place === 'needles' && <Tin />}
        {place === 'threads' && <Spools />}
        {place === 'running' && <Running />}
        {place === 'files' && (
          <div className={styles.columns}>
            <div>
              <Attention />
              <Files />
              <Devices />
              <CsvFiles />
            </div>
            <Backups />
          </div>
        )}
      </Tabs>
    </div>
  );
}
