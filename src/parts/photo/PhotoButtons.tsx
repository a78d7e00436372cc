'use client';

import Button from '@mui/material/Button';
import { useRef } from 'react';
import type { PhotoOwner } from '@/data';
import { useTakePhoto } from './useTakePhoto';

interface Props {
  owner: PhotoOwner;
  id: string;
  /** What is photographed, for the file field. */
  label: string;
  has: boolean;
  /** What taking it away leaves. */
  dropText: string;
}

/** Adds a photo, changes it, or takes it away. */
export function PhotoButtons({ owner, id, label, has, dropText }: Props) {
  const picker = useRef<HTMLInputElement>(null);
  const { busy, take, drop } = useTakePhoto(owner, id);
  return (
    <>
      <input
        ref={picker}
        type="file"
        hidden
        accept="image/jpeg,image/png,image/webp"
        aria-label={label}
        onChange={(event) => {
          void take(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      <Button size="small" disabled={busy} onClick={() => picker.current?.click()}>
        {busy ? 'Shrinking it…' : has ? 'Another photo' : 'Add a photo'}
      </Button>
      {has && (
        <Button size="small" onClick={() => void drop()}>
          {dropText}
        </Button>
      )}
    </>
  );
}
