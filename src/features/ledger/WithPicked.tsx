'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Card } from '@/core/card';
import { usePreference } from '@/data';
import { PaperDialog } from '@/parts/paper';
import { CardSheet, LabelSheet } from './CardSheets';
import { Compare } from './Compare';
import { LabelSheetDialog } from './LabelSheetDialog';
import styles from './Ledger.module.css';
import { WITH_PICKED_TEXT } from './text';

/** What can be done with the cards that are picked. */
export function WithPicked({ cards, onNone }: { cards: Card[]; onNone?: () => void }) {
  const [shown, setShown] = useState<'compare' | 'cards' | 'labels' | null>(null);
  const [sticking, setSticking] = useState(false);
  // Read before a sheet is laid out, which happens once.
  const address = usePreference('bobbetAddress') ?? '';
  if (cards.length === 0) return <p className={styles.quiet}>{WITH_PICKED_TEXT.pickCardsToCompare}</p>;
  return (
    <>
      <div className={styles.actions}>
        {cards.length > 1 && (
          <Button variant="contained" onClick={() => setShown(shown === 'compare' ? null : 'compare')}>
            {WITH_PICKED_TEXT.compare(cards.length)}
          </Button>
        )}
        <Button variant="outlined" onClick={() => setShown('cards')}>
          {WITH_PICKED_TEXT.printCards(cards.length)}
        </Button>
        <Button variant="outlined" onClick={() => setShown('labels')}>
          {WITH_PICKED_TEXT.printLabels}
        </Button>
        <Button aria-haspopup="dialog" onClick={() => setSticking(true)}>
          {WITH_PICKED_TEXT.labelSheet}
        </Button>
        {onNone && <Button onClick={onNone}>{WITH_PICKED_TEXT.pickNone}</Button>}
      </div>
      {sticking && <LabelSheetDialog cards={cards} onClose={() => setSticking(false)} />}
      {shown === 'compare' && cards.length > 1 && <Compare cards={cards} />}
      {(shown === 'cards' || shown === 'labels') && (
        <PaperDialog name={WITH_PICKED_TEXT.sheet[shown]} marginMm={10} onClose={() => setShown(null)}>
          {() =>
            shown === 'cards' ? (
              <CardSheet cards={cards} address={address} />
            ) : (
              <LabelSheet cards={cards} address={address} />
            )
          }
        </PaperDialog>
      )}
    </>
  );
}
