'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import type { ScreenScale } from '@/parts/workspace';
import { ScaleCard } from '@/ui';
import styles from './Gauges.module.css';

/** CSS pixels to the mm that most screens claim: 96 to the inch. */
const CLAIMED = 96 / 25.4;

/** Brings the screen to true scale: a card is laid on it and the outline is matched. */
export function TrueScale({ scale }: { scale: ScreenScale }) {
  const [open, setOpen] = useState(false);
  const [pxPerMm, setPxPerMm] = useState(scale.pxPerMm ?? CLAIMED);
  if (!open) {
    const said = scale.pxPerMm
      ? 'This ruler is true to scale.'
      : scale.stale
        ? 'The page was zoomed or moved to another screen: match the card again.'
        : 'Not to scale yet.';
    return (
      <p className={styles.scale}>
        {said}{' '}
        <Button size="small" onClick={() => setOpen(true)}>
          {scale.pxPerMm ? 'Match the card again' : 'Make it true with a bank card'}
        </Button>
      </p>
    );
  }
  const save = async () => {
    await scale.save(pxPerMm);
    setOpen(false);
  };
  return (
    <div className={styles.scaleCard}>
      <p>
        Lay any bank or library card on the screen, and move the slider (or the arrow keys) until the outline is as
        large as the card.
      </p>
      <ScaleCard pxPerMm={pxPerMm} onChange={setPxPerMm} />
      <div className={styles.picks}>
        <Button variant="contained" onClick={() => void save()}>
          It matches
        </Button>
        <Button onClick={() => setOpen(false)}>Leave it</Button>
      </div>
    </div>
  );
}
