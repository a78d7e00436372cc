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
import { BUYING_TEXT } from './text';

/** How much to buy: the pattern's length on this cloth's width, with the wash, the nap and the repeat in it. */
export function Buying({ record }: { record: ClothRecord }) {
  const { draft, fields, asks, napped, oneWay, shrink, answer } = useBuying(record);
  return (
    <section aria-labelledby="buying" className={styles.follows}>
      <h2 id="buying">{BUYING_TEXT.howMuchToBuy}</h2>
      <div className={styles.threes}>
        {fields.map(({ key, label, unit }) => (
          <DraftField key={key} draft={draft} name={key} label={label} ask={asks[unit]} />
        ))}
      </div>
      <div className={styles.ticks}>
        <Tick
          key={String(oneWay)}
          name={BUYING_TEXT.allPiecesOneWay(napped ? BUYING_TEXT.forItsPile : '')}
          checked={oneWay}
          onToggle={(on) => draft.setText('oneWay', on ? 'yes' : 'no')}
        />
      </div>
      <p className={styles.quiet}>
        {BUYING_TEXT.theWashTakesOf(
          formatNumber(shrink.alongPercent, 1),
          formatNumber(shrink.acrossPercent, 1),
          shrink.from,
        )}
      </p>
      {answer && ('blocked' in answer ? <Refused blocked={answer.blocked[0]} /> : <Sum answer={answer} />)}
    </section>
  );
}

function Refused({ blocked }: { blocked: Blocked }) {
  const { length } = useUnits();
  const narrow = blocked.code === 'shopping.cloth-too-narrow';
  return (
    <StopAlert title={narrow ? BUYING_TEXT.itDoesNotFit : BUYING_TEXT.itDoesNotAdd}>
      <p>
        {blocked.text}
        {narrow && BUYING_TEXT.usableWidthNeeded(length(blocked.limit ?? 0), length(blocked.actual ?? 0))}
      </p>
    </StopAlert>
  );
}

function Sum({ answer }: { answer: Shopping }) {
  const { metres, length } = useUnits();
  return (
    <div aria-live="polite">
      <p className={styles.buy}>
        {BUYING_TEXT.askFor} <strong>{metres(answer.askForMm)}</strong>
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
            <TableCell>{BUYING_TEXT.allInAllOn(length(Math.floor(answer.usableWidthMm)))}</TableCell>
            <TableCell>
              <strong>{metres(answer.buyMm)}</strong>
            </TableCell>
          </TableRow>
        </TableBody>
      </Table>
      <p className={styles.quiet}>{BUYING_TEXT.widthsAreExchangedBy}</p>
    </div>
  );
}
