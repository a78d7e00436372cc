'use client';

import dynamic from 'next/dynamic';
import { useRouter, useSearchParams } from 'next/navigation';
import { useCards } from '@/data';
import { RecordBoundary, RecordTrouble, useDamagedRecord } from '@/parts/boundary';
import { Tabs } from '@/ui';
import styles from './Ledger.module.css';
import { LEDGER_STATION_TEXT } from './text';

// What is not seen at once is fetched when its place is opened.
const CardPage = dynamic(() => import('./CardPage').then((part) => part.CardPage), { ssr: false });
const CardList = dynamic(() => import('./CardList').then((part) => part.CardList), { ssr: false });
const Everything = dynamic(() => import('./Everything').then((part) => part.Everything), { ssr: false });
const Charts = dynamic(() => import('./Charts').then((part) => part.Charts), { ssr: false });

const PLACES = [
  { id: 'everything', name: LEDGER_STATION_TEXT.everything },
  { id: 'cards', name: LEDGER_STATION_TEXT.cards },
  { id: 'charts', name: LEDGER_STATION_TEXT.charts },
] as const;

/** Ledger: everything that happened, found again by a few letters. */
export function LedgerStation() {
  const asked = useSearchParams();
  const router = useRouter();
  const id = asked.get('id');
  const cards = useCards();
  const wrong = useDamagedRecord('cards', id);
  if (!cards) return null;
  const card = cards.find((c) => c.id === id);
  const which = { table: 'cards', id: id ?? '', what: LEDGER_STATION_TEXT.thisCard, home: '/log?place=cards' };
  if (card) {
    return (
      <RecordBoundary key={card.id} {...which}>
        <CardPage card={card} />
      </RecordBoundary>
    );
  }
  if (wrong) return <RecordTrouble {...which} />;
  const place = PLACES.find((p) => p.id === asked.get('place'))?.id ?? 'everything';
  return (
    <div className={styles.list}>
      <div>
        <h1>{LEDGER_STATION_TEXT.title}</h1>
        <p className={styles.quiet}>{LEDGER_STATION_TEXT.means}</p>
      </div>
      {id !== null && <p role="status">{LEDGER_STATION_TEXT.thatCardIsNot}</p>}
      <Tabs
        label={LEDGER_STATION_TEXT.inTheLedger}
        value={place}
        options={PLACES.map((one) => (one.id === 'cards' ? { ...one, note: String(cards.length) } : one))}
        onPick={(to) => router.replace(`/log?place=${to}`, { scroll: false })}
      >
        {place === 'everything' && <Everything />}
        {place === 'cards' && <CardList cards={cards} />}
        {place === 'charts' && <Charts />}
      </Tabs>
    </div>
  );
}
