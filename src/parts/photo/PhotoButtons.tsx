'use client';

import Button from '@mui/material/Button';
import type { PhotoOwner } from '@/data';
import { FileButton } from '@/ui';
import { useTakePhoto } from './useTakePhoto';
import { PHOTO_BUTTONS_TEXT } from './text';

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
  const { busy, take, drop } = useTakePhoto(owner, id);
  return (
    <>
      <FileButton
        size="small"
        disabled={busy}
        accept="image/jpeg,image/png,image/webp"
        label={label}
        text={
          busy ? PHOTO_BUTTONS_TEXT.shrinkingIt : has ? PHOTO_BUTTONS_TEXT.anotherPhoto : PHOTO_BUTTONS_TEXT.addAPhoto
        }
        onFile={(file) => void take(file)}
      />
      {has && (
        <Button size="small" onClick={() => void drop()}>
          {dropText}
        </Button>
      )}
    </>
  );
}
