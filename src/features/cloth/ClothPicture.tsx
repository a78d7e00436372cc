'use client';

import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import type { ClothRecord } from '@/core/file';
import { changePhoto, usePhoto } from '@/data';
import { newId, nowText, useSay, useUndo } from '@/parts/workspace';
import { ClothSwatch } from '@/ui';
import { shrinkPhoto } from '@/workers/photoClient';
import styles from './Cloth.module.css';

function useTakePhoto(record: ClothRecord) {
  const [busy, setBusy] = useState(false);
  const say = useSay();
  const undo = useUndo();
  const take = async (file: File | undefined) => {
    if (!file) return;
    setBusy(true);
    const small = await shrinkPhoto(file).finally(() => setBusy(false));
    if (!small) {
      say(`${file.name} is not a picture that can be read: expected JPEG, PNG or WebP.`);
      return;
    }
    await changePhoto(record.id, { id: newId(), ...small, takenAt: nowText() });
  };
  const drop = async () => undo('The picture is removed.', await changePhoto(record.id, null));
  return { busy, take, drop };
}

/** The cloth as it is drawn, or as it was photographed. */
export function ClothPicture({ record }: { record: ClothRecord }) {
  const photo = usePhoto(record.photoId);
  const picker = useRef<HTMLInputElement>(null);
  const { busy, take, drop } = useTakePhoto(record);
  return (
    <div className={styles.picture}>
      {photo ? (
        // A picture out of the database: there is nothing for an image server to do.
        // eslint-disable-next-line @next/next/no-img-element
        <img src={photo.data} alt={`${record.cloth.name}, photographed`} className={styles.big} />
      ) : (
        <ClothSwatch
          look={{ ...record.cloth, colour: record.colour }}
          label={`${record.cloth.name}, drawn`}
          className={styles.big}
        />
      )}
      <input
        ref={picker}
        type="file"
        hidden
        accept="image/jpeg,image/png,image/webp"
        aria-label="Photo of the cloth"
        onChange={(event) => {
          void take(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      <Button size="small" disabled={busy} onClick={() => picker.current?.click()}>
        {busy ? 'Shrinking it…' : photo ? 'Another photo' : 'Add a photo'}
      </Button>
      {photo && (
        <Button size="small" onClick={() => void drop()}>
          Draw it instead
        </Button>
      )}
    </div>
  );
}
