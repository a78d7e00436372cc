'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Card } from '@/core/card';
import { Paper } from '@/parts/paper';
import { saveFile, today, useSay, useUnits } from '@/parts/workspace';
import { CardSheet, LabelSheet } from './CardSheets';
import { Compare } from './Compare';
import styles from './Ledger.module.css';
import { typeFiles } from './typeFiles';

/** What can be done with the cards that are picked. */
export function WithPicked({ cards, onNone }: { cards: Card[]; onNone?: () => void }) {
  const [shown, setShown] = useState<'compare' | 'cards' | 'labels' | null>(null);
  const say = useSay();
  const units = useUnits();
  if (cards.length === 0) return <p className={styles.quiet}>Pick cards to compare or to print them.</p>;
  const save = async (what: 'cards' | 'labels') => {
    try {
      await made(what);
    } catch (cause) {
      say(`The file could not be made: ${(cause as Error).message}. Print from here, or try again.`);
    }
  };
  const made = async (what: 'cards' | 'labels') => {
    const [{ cardsPdf }, type] = await Promise.all([import('./pdf'), typeFiles()]);
    const { bytes, lost } = await cardsPdf(cards, what, type, units);
    saveFile(`bobbet-${what}-${today()}.pdf`, bytes, 'application/pdf');
    if (lost) say(`Letters the file has no type for stand as "?": ${lost}. Printing from here keeps them.`);
  };
  return (
    <>
      <div className={styles.actions}>
        {cards.length > 1 && (
          <Button variant="contained" onClick={() => setShown(shown === 'compare' ? null : 'compare')}>
            Compare {cards.length}
          </Button>
        )}
        <Button variant="outlined" onClick={() => setShown('cards')}>
          Print {cards.length === 1 ? 'the card' : 'the cards'}
        </Button>
        <Button variant="outlined" onClick={() => setShown('labels')}>
          Print labels
        </Button>
        <Button onClick={() => void save('cards')}>Cards as PDF</Button>
        <Button onClick={() => void save('labels')}>Labels as PDF</Button>
        {onNone && <Button onClick={onNone}>Pick none</Button>}
      </div>
      {shown === 'compare' && cards.length > 1 && <Compare cards={cards} />}
      {(shown === 'cards' || shown === 'labels') && (
        <Paper marginMm={10} onAway={() => setShown(null)}>
          {shown === 'cards' ? <CardSheet cards={cards} /> : <LabelSheet cards={cards} />}
        </Paper>
      )}
    </>
  );
}
