'use client';

import { useRouter, useSearchParams } from 'next/navigation';
import { Tabs } from '@/ui';
import { Care } from './Care';
import { CsvFiles } from './CsvFiles';
import { Files } from './Files';
import { Kit } from './Kit';
import { Machines } from './Machines';
import { Spools } from './Spools';
import { Tin } from './Tin';
import styles from './Workroom.module.css';

const PLACES = [
  { id: 'machines', name: 'Machines' },
  { id: 'care', name: 'Care' },
  { id: 'kit', name: 'Feet and plates' },
  { id: 'needles', name: 'Needles' },
  { id: 'threads', name: 'Threads' },
  { id: 'files', name: 'Files' },
] as const;
type Place = (typeof PLACES)[number]['id'];

/** Workroom: what the machines can do, what is owned, how it is kept, and the files that hold it all. */
export function WorkroomStation() {
  const router = useRouter();
  const asked = useSearchParams().get('place');
  const place: Place = PLACES.find(({ id }) => id === asked)?.id ?? 'machines';
  return (
    <div className={styles.page}>
      <h1>Workroom</h1>
      <Tabs
        label="In the workroom"
        value={place}
        options={PLACES}
        onPick={(id) => router.replace(`/workroom?place=${id}`, { scroll: false })}
      />
      {place === 'machines' && <Machines />}
      {place === 'care' && <Care />}
      {place === 'kit' && <Kit />}
      {place === 'needles' && <Tin />}
      {place === 'threads' && <Spools />}
      {place === 'files' && (
        <div className={styles.columns}>
          <Files />
          <CsvFiles />
        </div>
      )}
    </div>
  );
}
