import type { PhotoRecord } from '@/core/file';
import { edit } from './edits';
import { cards, cloths, photos } from './repositories';

/** What can have a photo. */
export type PhotoOwner = 'cloths' | 'cards';

const OWNERS = {
  cloths: {
    get: cloths.get,
    point: (id: string, photoId: string | undefined) => cloths.change(id, (now) => now && { ...now, photoId }),
  },
  cards: {
    get: cards.get,
    point: (id: string, photoId: string | undefined) => cards.change(id, (now) => now && { ...now, photoId }),
  },
};

/**
 * Gives a cloth or a card a photo, or takes it off; the one before goes with it, so that nothing ever points at a photo that is gone.
 *
 * @param owner - what kind of thing
 * @param id - which one
 * @param photo - the new photo; null for none
 */
export async function changePhoto(owner: PhotoOwner, id: string, photo: PhotoRecord | null): Promise<void> {
  await edit(photo ? 'Photo added' : 'Photo deleted', async () => {
    const photoId = (await OWNERS[owner].get(id))?.photoId;
    if (photo) await photos.put(photo);
    await OWNERS[owner].point(id, photo?.id);
    if (photoId) await photos.remove(photoId);
  });
}
