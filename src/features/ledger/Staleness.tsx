'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import type { Card, StaleReason } from '@/core/card';
import { swatchToProveAgain } from '@/core/workroom';
import { edit, lines as lineStore, swatches, useCloths, useMachines } from '@/data';
import { newId, nowText, useUnits } from '@/parts/workspace';
import { CautionAlert } from '@/ui';
import styles from './Ledger.module.css';
import { STALENESS_TEXT } from './text';

/** Why a card no longer holds, and the one line that would prove it again. */
export function Staleness({ card, reasons }: { card: Card; reasons: StaleReason[] }) {
  if (reasons.length === 0) return null;
  return (
    <CautionAlert>
      <strong>{STALENESS_TEXT.outOfDateSomething}</strong>
      <ul className={styles.reasons}>
        {reasons.map(({ code, text }) => (
          <li key={code}>{text}</li>
        ))}
      </ul>
      <div className={styles.again}>
        <ProveAgain card={card} />
      </div>
    </CautionAlert>
  );
}

function ProveAgain({ card }: { card: Card }) {
  const { system } = useUnits();
  const router = useRouter();
  const cloths = useCloths();
  const machines = useMachines();
  const here = cloths?.some((c) => c.id === card.clothId) && machines?.some((m) => m.id === card.machineId);
  const prove = async () => {
    const { swatch, lines } = swatchToProveAgain(card, { newId, at: nowText(), system });
    await edit(STALENESS_TEXT.swatchStarted(swatch.name), async () => {
      await swatches.put(swatch);
      await lineStore.putAll(lines);
    });
    router.push(`/test?id=${swatch.id}`);
  };
  return (
    <Button variant="outlined" disabled={!here} onClick={() => void prove()}>
      {STALENESS_TEXT.testItAgainWith}
    </Button>
  );
}
