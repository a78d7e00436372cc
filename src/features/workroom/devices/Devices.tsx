'use client';

import Button from '@mui/material/Button';
import { exportChanges } from '@/data/changes';
import { saveFile, today, useSay } from '@/parts/workspace';
import styles from '../Workroom.module.css';
import { ClashList } from './ClashList';
import { DEVICES_TEXT as TEXT } from './text';

/** Two devices brought together by small files: what has changed here, to be taken to the other one. */
export function Devices() {
  const say = useSay();
  const save = async (everything: boolean) => {
    const text = await exportChanges(new Date(), everything);
    saveFile(TEXT.fileName(today()), text, 'application/json');
    say(TEXT.saved);
  };
  return (
    <section aria-labelledby="devices" className={styles.files}>
      <h2 id="devices">{TEXT.title}</h2>
      <p>{TEXT.what}</p>
      <div className={styles.actions}>
        <Button variant="outlined" onClick={() => void save(false)}>
          {TEXT.save}
        </Button>
        <Button onClick={() => void save(true)}>{TEXT.saveAll}</Button>
      </div>
      <p className={styles.quiet}>{TEXT.how}</p>
      <ClashList />
    </section>
  );
}
