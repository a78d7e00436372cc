'use client';

import Button from '@mui/material/Button';
import { clashOf } from '@/core/interlock';
import type { Machine } from '@/core/kit';
import { ClashDrawing, StopAlert } from '@/ui';
import styles from './Match.module.css';
import type { Refused } from './useByHand';

/** Why a setting was refused, drawn. */
export function Refusal({ refused, machine, onClose }: { refused: Refused; machine: Machine; onClose: () => void }) {
  const { closed, setup } = refused;
  return (
    <div className={styles.refusal}>
      <StopAlert title={closed.strike ? 'That would break a needle' : 'That cannot be set'}>
        <p>{closed.text} The setting stays as it was.</p>
        <ClashDrawing clash={clashOf(closed, setup, machine)} />
        <Button onClick={onClose} autoFocus>
          All right
        </Button>
      </StopAlert>
    </div>
  );
}
