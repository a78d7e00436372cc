import type { PhotoRecord } from '@/core/file';
import { database } from './database';
import { cloths, photos } from './repositories';

/**
 * Gives a cloth a photo, or takes it off; the one before goes with it, so that no cloth ever points at a photo that is gone.
 *
 * @param clothId - the cloth
 * @param photo - the new photo; null for none
 * @returns how to take it back
 */
export async function changePhoto(clothId: string, photo: PhotoRecord | null): Promise<() => Promise<void>> {
  return database.transaction('rw', database.cloths, database.photos, async () => {
    const cloth = await cloths.get(clothId);
    const before = cloth?.photoId ? await photos.get(cloth.photoId) : undefined;
    if (photo) await photos.put(photo);
    await cloths.change(clothId, (now) => now && { ...now, photoId: photo?.id });
    if (before) await photos.remove(before.id);
    return async () => void (await changePhoto(clothId, before ?? null));
  });
}
