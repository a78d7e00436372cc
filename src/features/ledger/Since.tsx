'use client';

import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { Card, StaleReason } from '@/core/card';
import { changedSince } from '@/core/ledger';
import { useCare, useOnMachine } from '@/data';
import styles from './Ledger.module.css';
import { SINCE_TEXT } from './text';

/** What is otherwise than when this setting last worked: where to look first when it does not any more. */
export function Since({ card, reasons }: { card: Card; reasons: StaleReason[] }) {
  const on = useOnMachine(card.machineId);
  const care = useCare();
  if (on === undefined || !care) return null;
  const changed = changedSince(card, on, care, reasons);
  return (
    <section aria-labelledby="since">
      <h2 id="since">{SINCE_TEXT.whatChangedSinceIt}</h2>
      {changed.length === 0 ? (
        <p>{SINCE_TEXT.nothingTheMachineStands}</p>
      ) : (
        <Table className={styles.since}>
          <TableHead>
            <TableRow>
              <TableCell component="td" />
              <TableCell component="th" scope="col">
                {SINCE_TEXT.then}
              </TableCell>
              <TableCell component="th" scope="col">
                {SINCE_TEXT.now}
              </TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {changed.map(({ what, then, now }, i) => (
              <TableRow key={what + i}>
                <TableCell component="th" scope="row">
                  {what}
                </TableCell>
                <TableCell>{then}</TableCell>
                <TableCell>{now}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      )}
    </section>
  );
}
