'use client';

import type { Card, StaleReason } from '@/core/card';
import { changedSince } from '@/core/ledger';
import { useCare, useOnMachine } from '@/data';
import styles from './Ledger.module.css';

/** What is otherwise than when this setting last worked: where to look first when it does not any more. */
export function Since({ card, reasons }: { card: Card; reasons: StaleReason[] }) {
  const on = useOnMachine(card.machineId);
  const care = useCare();
  if (on === undefined || !care) return null;
  const changed = changedSince(card, on, care, reasons);
  return (
    <section aria-labelledby="since">
      <h2 id="since">What changed since it last worked</h2>
      {changed.length === 0 ? (
        <p>✓ Nothing: the machine stands as it did.</p>
      ) : (
        <table className={styles.since}>
          <thead>
            <tr>
              <td />
              <th scope="col">Then</th>
              <th scope="col">Now</th>
            </tr>
          </thead>
          <tbody>
            {changed.map(({ what, then, now }, i) => (
              <tr key={what + i}>
                <th scope="row">{what}</th>
                <td>{then}</td>
                <td>{now}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
