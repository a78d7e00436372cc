'use client';

import { useSearchParams } from 'next/navigation';
import { ScrapList } from './ScrapList';
import { ScrapPage } from './ScrapPage';
import styles from './Swatch.module.css';
import { useScrap } from './useScrap';

/** Swatch: prove a setting on scrap, line by line. */
export function SwatchStation() {
  const id = useSearchParams().get('id') ?? '';
  const scrap = useScrap(id);
  if (scrap === undefined) return null;
  if (scrap) return <ScrapPage key={id} scrap={scrap} />;
  return (
    <div className={styles.list}>
      <h1>Swatch</h1>
      {id !== '' && <p role="status">That scrap is not here any more.</p>}
      <ScrapList />
    </div>
  );
}
