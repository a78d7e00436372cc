import type { PhotoRecord } from '@/core/file';
import { database } from './database';
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
 * @returns how to take it back
 */
export async function changePhoto(
  owner: PhotoOwner,
  id: string,
  photo: PhotoRecord | null,
): Promise<() => Promise<void>> {
  return database.transaction('rw', database[owner], database.photos, async () => {
    const photoId = (await OWNERS[owner].get(id))?.photoId;
    const before = photoId ? await photos.get(photoId) : undefined;
    if (photo) await photos.put(photo);
    await OWNERS[owner].point(id, photo?.id);
    if (before) await photos.remove(before.id);
    return async () => void (await changePhoto(owner, id, before ?? null));
  });
}

/**
 * Removes a card with its photo.
 *
 * @param id - the card
 * @returns how to take it back
 */
export async function removeCard(id: string): Promise<() => Promise<void>> {
  return database.transaction('rw', database.cards, database.photos, async () => {
    const card = await cards.remove(id);
    const photo = card?.photoId ? await photos.remove(card.photoId) : undefined;
    return () =>
      database.transaction('rw', database.cards, database.photos, async () => {
        if (photo) await photos.put(photo);
        if (card) await cards.put(card);
      });
  });
}
