'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import type { ScreenScale } from '@/parts/workspace';
import { ScaleCard } from '@/ui';
import styles from './Gauges.module.css';
import { TRUE_SCALE_TEXT } from '../text';

/** CSS pixels to the mm that most screens claim: 96 to the inch. */
const CLAIMED = 96 / 25.4;

/** Brings the screen to true scale: a card is laid on it and the outline is matched. */
export function TrueScale({ scale }: { scale: ScreenScale }) {
  const [open, setOpen] = useState(false);
  const [pxPerMm, setPxPerMm] = useState(scale.pxPerMm ?? CLAIMED);
  if (!open) {
    const said = scale.pxPerMm
      ? TRUE_SCALE_TEXT.thisRulerIsTrue
      : scale.stale
        ? TRUE_SCALE_TEXT.thePageWasZoomed
        : TRUE_SCALE_TEXT.notToScaleYet;
    return (
      <p className={styles.scale}>
        {said}{' '}
        <Button size="small" onClick={() => setOpen(true)}>
          {scale.pxPerMm ? TRUE_SCALE_TEXT.matchTheCardAgain : TRUE_SCALE_TEXT.makeItTrueWith}
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
      <p>{TRUE_SCALE_TEXT.layAnyBankOr}</p>
      <ScaleCard pxPerMm={pxPerMm} onChange={setPxPerMm} />
      <div className={styles.picks}>
        <Button variant="contained" onClick={() => void save()}>
          {TRUE_SCALE_TEXT.itMatches}
        </Button>
        <Button onClick={() => setOpen(false)}>{TRUE_SCALE_TEXT.leaveIt}</Button>
      </div>
    </div>
  );
}
