'use client';

import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import type { Shopping } from '@/core/cloth';
import type { ClothRecord } from '@/core/file';
import type { Blocked } from '@/core/result';
import { formatNumber } from '@/core/units';
import { useUnits } from '@/parts/workspace';
import { DraftField, StopAlert, Tick } from '@/ui';
import styles from './Cloth.module.css';
import { useBuying } from './useBuying';

/** How much to buy: the pattern's length on this cloth's width, with the wash, the nap and the repeat in it. */
export function Buying({ record }: { record: ClothRecord }) {
  const { draft, fields, asks, napped, oneWay, shrink, answer } = useBuying(record);
  return (
    <section aria-labelledby="buying" className={styles.follows}>
      <h2 id="buying">How much to buy</h2>
      <div className={styles.threes}>
        {fields.map(({ key, label, unit }) => (
          <DraftField key={key} draft={draft} name={key} label={label} ask={asks[unit]} />
        ))}
      </div>
      <div className={styles.ticks}>
        <Tick
          key={String(oneWay)}
          name={`All pieces one way${napped ? ', for its pile' : ''}: 15 % more`}
          checked={oneWay}
          onToggle={(on) => draft.setText('oneWay', on ? 'yes' : 'no')}
        />
      </div>
      <p className={styles.quiet}>
        The wash takes {formatNumber(shrink.alongPercent, 1)} % of the length and{' '}
        {formatNumber(shrink.acrossPercent, 1)} % of the width, {shrink.from}.
      </p>
      {answer && ('blocked' in answer ? <Refused blocked={answer.blocked[0]} /> : <Sum answer={answer} />)}
    </section>
  );
}

function Refused({ blocked }: { blocked: Blocked }) {
  const { length } = useUnits();
  const narrow = blocked.code === 'shopping.cloth-too-narrow';
  return (
    <StopAlert title={narrow ? 'It does not fit' : 'It does not add up'}>
      <p>
        {blocked.text}
        {narrow && ` Usable width ${length(blocked.limit ?? 0)}, needed ${length(blocked.actual ?? 0)}.`}
      </p>
    </StopAlert>
  );
}

function Sum({ answer }: { answer: Shopping }) {
  const { metres, length } = useUnits();
  return (
    <div aria-live="polite">
      <p className={styles.buy}>
        Ask for <strong>{metres(answer.askForMm)}</strong>
      </p>
      <Table className={styles.sum}>
        <TableBody>
          {answer.steps.map(({ what, mm }, i) => (
            <TableRow key={what}>
              <TableCell>{what}</TableCell>
              <TableCell>
                {i === 0 ? '' : mm > 0 ? '+ ' : '− '}
                {metres(Math.abs(mm))}
              </TableCell>
            </TableRow>
          ))}
          <TableRow>
            <TableCell>all in all, on {length(Math.floor(answer.usableWidthMm))} of usable width</TableCell>
            <TableCell>
              <strong>{metres(answer.buyMm)}</strong>
            </TableCell>
          </TableRow>
        </TableBody>
      </Table>
      <p className={styles.quiet}>
        Widths are exchanged by area. Lay the pieces out once before you buy much less than the pattern says: long
        pieces do not get shorter on a wide cloth.
      </p>
    </div>
  );
}
