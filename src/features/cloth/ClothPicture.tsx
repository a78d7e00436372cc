'use client';

import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import type { ClothRecord } from '@/core/file';
import { photos, usePhoto } from '@/data';
import { newId, nowText, useSay, useUndo } from '@/parts/workspace';
import { ClothSwatch } from '@/ui';
import { shrinkPhoto } from '@/workers/photoClient';
import styles from './Cloth.module.css';
import type { SaveCloth } from './saveCloth';

interface Props {
  record: ClothRecord;
  onSave: SaveCloth;
}

function useTakePhoto({ record, onSave }: Props) {
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
    const id = newId();
    await photos.put({ id, ...small, takenAt: nowText() });
    if (record.photoId) await photos.remove(record.photoId);
    onSave(() => ({ photoId: id }));
  };
  const drop = async () => {
    const before = record.photoId ? await photos.remove(record.photoId) : undefined;
    onSave(() => ({ photoId: undefined }));
    undo('The picture is removed.', async () => {
      if (!before) return;
      await photos.put(before);
      onSave(() => ({ photoId: before.id }));
    });
  };
  return { busy, take, drop };
}

/** The cloth as it is drawn, or as it was photographed. */
export function ClothPicture(props: Props) {
  const { record } = props;
  const photo = usePhoto(record.photoId);
  const picker = useRef<HTMLInputElement>(null);
  const { busy, take, drop } = useTakePhoto(props);
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
