'use client';

import type { ClothRecord } from '@/core/file';
import { usePhoto } from '@/data';
import { PhotoButtons } from '@/parts/photo';
import { ClothSwatch } from '@/ui';
import styles from './Cloth.module.css';
import { CLOTH_PICTURE_TEXT } from './text';

/** The cloth as it is drawn, or as it was photographed. */
export function ClothPicture({ record }: { record: ClothRecord }) {
  const photo = usePhoto(record.photoId);
  return (
    <div className={styles.picture}>
      {photo ? (
        // A picture out of the database: there is nothing for an image server to do.
        // eslint-disable-next-line @next/next/no-img-element
        <img src={photo.data} alt={CLOTH_PICTURE_TEXT.photographed(record.cloth.name)} className={styles.big} />
      ) : (
        <ClothSwatch
          look={{ ...record.cloth, colour: record.colour }}
          label={CLOTH_PICTURE_TEXT.drawn(record.cloth.name)}
          className={styles.big}
        />
      )}
      <PhotoButtons
        owner="cloths"
        id={record.id}
        label={CLOTH_PICTURE_TEXT.photoOfTheCloth}
        has={Boolean(photo)}
        dropText={CLOTH_PICTURE_TEXT.drawItInstead}
      />
    </div>
  );
}
