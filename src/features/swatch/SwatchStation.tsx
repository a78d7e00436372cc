'use client';

import dynamic from 'next/dynamic';
import { useSearchParams } from 'next/navigation';
import { RecordBoundary, RecordTrouble, useDamagedRecord } from '@/parts/boundary';
import { ScrapList } from './ScrapList';
import styles from './Swatch.module.css';
import { useScrap } from './useScrap';
import { SWATCH_STATION_TEXT } from './text';

const ScrapPage = dynamic(() => import('./ScrapPage').then((part) => part.ScrapPage), { loading: () => null });

/** Swatch: prove a setting on scrap, line by line. */
export function SwatchStation() {
  const id = useSearchParams().get('id') ?? '';
  const scrap = useScrap(id);
  const wrong = useDamagedRecord('swatches', id);
  if (scrap === undefined) return null;
  const which = { table: 'swatches', id, what: SWATCH_STATION_TEXT.thisSwatch, home: '/test' };
  if (scrap) {
    return (
      <RecordBoundary key={id} {...which}>
        <ScrapPage scrap={scrap} />
      </RecordBoundary>
    );
  }
  if (wrong) return <RecordTrouble {...which} />;
  return (
    <div className={styles.list}>
      <div>
        <h1>{SWATCH_STATION_TEXT.swatch}</h1>
        <p className={styles.quiet}>{SWATCH_STATION_TEXT.means}</p>
      </div>
      {id !== '' && <p role="status">{SWATCH_STATION_TEXT.thatScrapIsNot}</p>}
      <ScrapList />
    </div>
  );
}
