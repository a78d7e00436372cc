'use client';

import { useState } from 'react';
import { changePhoto, type PhotoOwner } from '@/data';
import { shrinkPhoto } from '@/workers/photoClient';
import { newId, nowText, useAct, useSay } from '../workspace';

/** Takes a photo for a cloth or a card, shrunk off the main thread, or drops it. */
export function useTakePhoto(owner: PhotoOwner, id: string) {
  const [busy, setBusy] = useState(false);
  const say = useSay();
  const act = useAct();
  const take = async (file: File | undefined) => {
    if (!file) return;
    setBusy(true);
    const small = await shrinkPhoto(file).finally(() => setBusy(false));
    if (!small) {
      say(`${file.name} is not a picture that can be read: expected JPEG, PNG or WebP.`);
      return;
    }
    await changePhoto(owner, id, { id: newId(), ...small, takenAt: nowText() });
  };
  const drop = () => act('Photo deleted', () => changePhoto(owner, id, null));
  return { busy, take, drop };
}
