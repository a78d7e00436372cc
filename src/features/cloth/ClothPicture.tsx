'use client';

import type { ClothRecord } from '@/core/file';
import { usePhoto } from '@/data';
import { PhotoButtons } from '@/parts/photo';
import { ClothSwatch } from '@/ui';
import styles from './Cloth.module.css';

/** The cloth as it is drawn, or as it was photographed. */
export function ClothPicture({ record }: { record: ClothRecord }) {
  const photo = usePhoto(record.photoId);
  return (
    <div className={styles.picture}>
      {photo ? (
        // A picture out of the database: there is nothing for an image server to do.
        // eslint-disable-next-line @next/next/no-img-element
        <img src={photo.data} alt={`${record.cloth.name}, photographed`} className={styles.big} />
      ) : (
        <ClothSwatch
          look={{ ...record.cloth, colour: record.colour }}
          label={`${record.cloth.name}, drawn`}
          className={styles.big}
        />
      )}
      <PhotoButtons
        owner="cloths"
        id={record.id}
        label="Photo of the cloth"
        has={Boolean(photo)}
        dropText="Draw it instead"
      />
    </div>
  );
}
