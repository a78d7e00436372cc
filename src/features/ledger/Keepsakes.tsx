'use client';

import { type Card, cardSchema } from '@/core/card';
import { cards, usePhoto } from '@/data';
import { PhotoButtons } from '@/parts/photo';
import { Field, wordsBy } from '@/ui';
import styles from './Ledger.module.css';
import { KEEPSAKES_TEXT } from './text';

const WHERE = wordsBy(cardSchema.shape.where);

/** Where the scrap itself is kept, and its photo. */
export function Keepsakes({ card }: { card: Card }) {
  const photo = usePhoto(card.photoId);
  return (
    <section aria-labelledby="scrap-itself" className={styles.keepsakes}>
      <h2 id="scrap-itself">{KEEPSAKES_TEXT.theScrapItself}</h2>
      <Field
        label={KEEPSAKES_TEXT.whereTheScrapIs}
        text={card.where}
        read={WHERE}
        onValue={(where) => void cards.change(card.id, (now) => now && { ...now, where })}
      />
      {photo && (
        // A picture out of the database: there is nothing for an image server to do.
        // eslint-disable-next-line @next/next/no-img-element
        <img src={photo.data} alt={KEEPSAKES_TEXT.theScrapOfPhotographed(card.name)} className={styles.photo} />
      )}
      <div>
        <PhotoButtons
          owner="cards"
          id={card.id}
          label={KEEPSAKES_TEXT.photoOfTheScrap}
          has={Boolean(photo)}
          dropText={KEEPSAKES_TEXT.takeThePhotoAway}
        />
      </div>
    </section>
  );
}
