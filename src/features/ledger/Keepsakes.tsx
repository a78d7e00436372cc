'use client';

import { type Card, cardSchema } from '@/core/card';
import { cards, usePhoto } from '@/data';
import { PhotoButtons } from '@/parts/photo';
import { Field, wordsBy } from '@/ui';
import styles from './Ledger.module.css';

const WHERE = wordsBy(cardSchema.shape.where);

/** Where the scrap itself is kept, and its photo. */
export function Keepsakes({ card }: { card: Card }) {
  const photo = usePhoto(card.photoId);
  return (
    <section aria-labelledby="scrap-itself" className={styles.keepsakes}>
      <h2 id="scrap-itself">The scrap itself</h2>
      <Field
        label="Where the scrap is kept"
        text={card.where}
        read={WHERE}
        onValue={(where) => void cards.change(card.id, (now) => now && { ...now, where })}
      />
      {photo && (
        // A picture out of the database: there is nothing for an image server to do.
        // eslint-disable-next-line @next/next/no-img-element
        <img src={photo.data} alt={`The scrap of ${card.name}, photographed`} className={styles.photo} />
      )}
      <div>
        <PhotoButtons
          owner="cards"
          id={card.id}
          label="Photo of the scrap"
          has={Boolean(photo)}
          dropText="Take the photo away"
        />
      </div>
    </section>
  );
}
