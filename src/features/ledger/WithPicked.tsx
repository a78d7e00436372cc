'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Card } from '@/core/card';
import { Paper } from '@/parts/paper';
import { saveFile, today, useSay, useUnits } from '@/parts/workspace';
import { usePreference } from '@/data';
import { CardSheet, LabelSheet } from './CardSheets';
import { Compare } from './Compare';
import { LabelSheetDialog } from './LabelSheetDialog';
import styles from './Ledger.module.css';
import type { PdfOf } from './pdf';
import { typeFiles } from './typeFiles';
import { WITH_PICKED_TEXT } from './text';

/** What can be done with the cards that are picked. */
export function WithPicked({ cards, onNone }: { cards: Card[]; onNone?: () => void }) {
  const [shown, setShown] = useState<'compare' | 'cards' | 'labels' | null>(null);
  const paper = usePreference('paper') ?? 'a4';
  const [sticking, setSticking] = useState(false);
  const say = useSay();
  const units = useUnits();
  if (cards.length === 0) return <p className={styles.quiet}>{WITH_PICKED_TEXT.pickCardsToCompare}</p>;
  const save = async (what: PdfOf) => {
    try {
      await made(what);
    } catch (cause) {
      say(WITH_PICKED_TEXT.theFileCouldNot((cause as Error).message));
    }
  };
  const made = async (of: PdfOf) => {
    const [{ cardsPdf }, type] = await Promise.all([import('./pdf'), typeFiles()]);
    const { bytes, lost } = await cardsPdf(cards, of, type, units);
    saveFile(`bobbet-${of.what}-${today()}.pdf`, bytes, 'application/pdf');
    if (lost) say(WITH_PICKED_TEXT.lettersTheFileHas(lost));
  };
  return (
    <>
      <div className={styles.actions}>
        {cards.length > 1 && (
          <Button variant="contained" onClick={() => setShown(shown === 'compare' ? null : 'compare')}>
            {WITH_PICKED_TEXT.compare(cards.length)}
          </Button>
        )}
        <Button variant="outlined" onClick={() => setShown('cards')}>
          {WITH_PICKED_TEXT.print} {cards.length === 1 ? WITH_PICKED_TEXT.theCard : WITH_PICKED_TEXT.theCards}
        </Button>
        <Button variant="outlined" onClick={() => setShown('labels')}>
          {WITH_PICKED_TEXT.printLabels}
        </Button>
        <Button onClick={() => void save({ what: 'cards', paper })}>{WITH_PICKED_TEXT.cardsAsPdf}</Button>
        <Button onClick={() => void save({ what: 'labels', paper })}>{WITH_PICKED_TEXT.labelsAsPdf}</Button>
        <Button aria-haspopup="dialog" onClick={() => setSticking(true)}>
          {WITH_PICKED_TEXT.labelSheet}
        </Button>
        {onNone && <Button onClick={onNone}>{WITH_PICKED_TEXT.pickNone}</Button>}
      </div>
      {sticking && (
        <LabelSheetDialog
          count={cards.length}
          onClose={() => setSticking(false)}
          onSave={(sheet) => save({ what: 'label-sheet', sheet })}
        />
      )}
      {shown === 'compare' && cards.length > 1 && <Compare cards={cards} />}
      {(shown === 'cards' || shown === 'labels') && (
        <Paper marginMm={10} onAway={() => setShown(null)}>
          {shown === 'cards' ? <CardSheet cards={cards} /> : <LabelSheet cards={cards} />}
        </Paper>
      )}
    </>
  );
}
