'use client';

import Button from '@mui/material/Button';
import { clashOf } from '@/core/interlock';
import type { Machine } from '@/core/kit';
import { ClashDrawing, StopAlert } from '@/ui';
import styles from './Match.module.css';
import type { Refused } from './useByHand';
import { REFUSAL_TEXT } from './text';

/** Why a setting was refused, drawn. */
export function Refusal({ refused, machine, onClose }: { refused: Refused; machine: Machine; onClose: () => void }) {
  const { closed, setup } = refused;
  return (
    <div className={styles.refusal}>
      <StopAlert title={closed.strike ? REFUSAL_TEXT.thatWouldBreakA : REFUSAL_TEXT.thatCannotBeSet}>
        <p>{REFUSAL_TEXT.theSettingStaysAs(closed.text)}</p>
        <ClashDrawing clash={clashOf(closed, setup, machine)} />
        <Button onClick={onClose} autoFocus>
          {REFUSAL_TEXT.allRight}
        </Button>
      </StopAlert>
    </div>
  );
}
