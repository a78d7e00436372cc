'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { usePreference, useUnreadable } from '@/data';
import { useStartOwn } from '../workspace';
import styles from './Frame.module.css';

/** What a person must know wherever they are: that this is the demo, or that something stored cannot be read. */
export function Banners() {
  const workroom = usePreference('workroom');
  const name = usePreference('workroomName');
  const unreadable = useUnreadable() ?? [];
  const startOwn = useStartOwn();
  const router = useRouter();
  return (
    <>
      {workroom === 'demo' && (
        <section aria-label="Demo workroom" className={styles.banner}>
          <p>
            This is a demo workroom: <strong>{name}</strong>. Look round, change anything; nothing in it is real.
          </p>
          <Button size="small" variant="outlined" onClick={() => void startOwn().then(() => router.push('/match'))}>
            Start my own workroom
          </Button>
        </section>
      )}
      {unreadable.length > 0 && (
        <section aria-label="Unreadable entries" className={styles.banner}>
          <p>
            <strong>
              {unreadable.length} stored {unreadable.length === 1 ? 'entry' : 'entries'} cannot be read
            </strong>{' '}
            and {unreadable.length === 1 ? 'is' : 'are'} kept untouched. First: {unreadable[0].noun},{' '}
            {unreadable[0].problem}.
          </p>
        </section>
      )}
    </>
  );
}
