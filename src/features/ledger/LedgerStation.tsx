'use client';

import TextField from '@mui/material/TextField';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { type Card, lineFacts, type StaleReason } from '@/core/card';
import { settingReadings } from '@/core/setup';
import { formatNumber } from '@/core/units';
import { useCards, useCloths } from '@/data';
import { useStale } from '@/parts/staleness';
import { sayWhen } from '@/parts/workspace';
import { ClothSwatch } from '@/ui';
import { CardPage } from './CardPage';
import styles from './Ledger.module.css';
import { useCardSearch } from './useCardSearch';

/** Ledger: every setting that passed, found again by a few letters. */
export function LedgerStation() {
  const id = useSearchParams().get('id');
  const cards = useCards();
  if (!cards) return null;
  const card = cards.find((c) => c.id === id);
  return card ? <CardPage key={card.id} card={card} /> : <CardList cards={cards} lost={id !== null} />;
}

function CardList({ cards, lost }: { cards: Card[]; lost: boolean }) {
  const [text, setText] = useState('');
  const found = useCardSearch(cards, text);
  const stale = useStale();
  return (
    <div className={styles.list}>
      <h1>Ledger</h1>
      {lost && <p role="status">That card is not here any more.</p>}
      {cards.length === 0 ? (
        <p className={styles.quiet}>
          No card yet. A card is a setting that passed on scrap, kept with the cloth, the machine and what was measured.{' '}
          <Link href="/match">Match a cloth</Link> and test it.
        </p>
      ) : (
        <>
          <TextField
            size="small"
            label="Find a card"
            type="search"
            value={text}
            onChange={(event) => setText(event.target.value)}
            sx={{ maxWidth: 420 }}
            fullWidth
            autoComplete="off"
          />
          <p role="status" className={styles.quiet}>
            {found.length} of {cards.length} {cards.length === 1 ? 'card' : 'cards'}
          </p>
          <ul className={styles.cards}>
            {found.map((card) => (
              <CardRow key={card.id} card={card} reasons={stale?.(card) ?? []} />
            ))}
          </ul>
        </>
      )}
    </div>
  );
}

function CardRow({ card, reasons }: { card: Card; reasons: StaleReason[] }) {
  const cloths = useCloths();
  const shown = settingReadings(card.machine, card.setup);
  const { give } = lineFacts(card.measures);
  const colour = cloths?.find((c) => c.id === card.clothId)?.colour ?? '#b9c0b0';
  return (
    <li>
      <Link href={`/ledger?id=${card.id}`}>
        <ClothSwatch look={{ ...card.cloth, colour }} className={styles.swatch} />
        <span className={styles.name}>
          <strong>{card.name}</strong>
          <span className={styles.quiet}>
            {shown.needle}, {shown.thread}, {shown.foot.toLowerCase()} foot
          </span>
        </span>
        <span className={styles.setting}>
          <strong>{shown.stitch}</strong>
          <span className={styles.quiet}>
            {shown.length}
            {card.setup.widthMm > 0 && ` long, ${shown.width} wide`}
          </span>
        </span>
        <span className={styles.proof}>
          <strong data-stale={reasons.length > 0 || undefined}>
            {card.simulated ? 'simulated' : reasons.length > 0 ? '! stale' : '✓ proven'}
          </strong>
          <span className={styles.quiet}>
            {give ? `${give.popped ? 'gave' : 'held'} ${formatNumber(give.percent, 0)} %, ` : ''}
            {sayWhen(card.passedAt)}
          </span>
        </span>
      </Link>
    </li>
  );
}
