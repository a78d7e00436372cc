'use client';

import { useState } from 'react';
import { changePhoto, type PhotoOwner } from '@/data';
import { shrinkPhoto } from '@/workers/photoClient';
import { newId, nowText, useAct, useSay } from '../workspace';
import { PHOTO_TEXT } from './text';

/** Takes a photo for a cloth or a card, shrunk off the main thread, or drops it. */
export function useTakePhoto(owner: PhotoOwner, id: string) {
  const [busy, setBusy] = useState(false);
  const say = useSay();
  const act = useAct();
  const take = async (file: File | undefined) => {
    if (!file) return;
    setBusy(true);
    const small = await shrinkPhoto(file)
      .catch((cause: Error) => void say(PHOTO_TEXT.failed(file.name, cause.message)))
      .finally(() => setBusy(false));
    if (small === undefined) return;
    if (!small) return say(PHOTO_TEXT.unreadable(file.name));
    await changePhoto(owner, id, { id: newId(), ...small, takenAt: nowText() });
  };
  const drop = () => act(PHOTO_TEXT.deleted, () => changePhoto(owner, id, null));
  return { busy, take, drop };
}
