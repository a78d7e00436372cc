'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { useCloths } from '@/data';
import { useTakePhoto } from '@/parts/photo';
import { useSay } from '@/parts/workspace';
import { Pick } from '@/ui';
import styles from '../Workroom.module.css';
import { TAKE_TEXT as TEXT, TAKEN_CARD_TEXT } from './text';

/** A photo that another app has shared: it goes to a fabric. */
export function SharedPhoto({ file, onDone }: { file: File; onDone: () => void }) {
  const cloths = useCloths()?.filter(({ archivedAt }) => archivedAt === undefined);
  const [picked, setPicked] = useState<string | null>(null);
  const say = useSay();
  const id = picked ?? cloths?.[0]?.id ?? '';
  const { busy, take } = useTakePhoto('cloths', id);
  if (!cloths) return null;
  const keep = async () => {
    if (!(await take(file))) return;
    say(TEXT.photoKept(cloths.find((one) => one.id === id)?.cloth.name ?? ''));
    onDone();
  };
  return (
    <section aria-label={TEXT.sharedTitle} className={styles.preview}>
      <h2>{TEXT.sharedTitle}</h2>
      <p>{cloths.length > 0 ? TEXT.sharedPhoto(file.name) : TEXT.noFabric(file.name)}</p>
      <div className={styles.actions}>
        {cloths.length > 0 && (
          <>
            <Pick
              label={TEXT.fabric}
              value={id}
              options={cloths.map((one) => [one.id, one.cloth.name ?? ''] as const)}
              onPick={setPicked}
            />
            <Button variant="contained" disabled={busy} onClick={() => void keep()}>
              {TEXT.keepPhoto}
            </Button>
          </>
        )}
        <Button onClick={onDone}>{TAKEN_CARD_TEXT.not}</Button>
      </div>
    </section>
  );
}
