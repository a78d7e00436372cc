'use client';

import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import type { Machine } from '@/core/kit';
import type { LookedOver, MatchInput } from '@/core/match';
import { READING_TEXT, type Setup, settingReadings } from '@/core/setup';
import { SIGN_TEXT } from '@/core/stitch';
import { formatNumber } from '@/core/units';
import styles from './Match.module.css';
import { outdated, useFromWorker } from '@/parts/asking';
import { COMPARE_TEXT } from './text';

/** A setting to stand beside others. */
export interface Compared {
  title: string;
  setup: Setup;
  /** Taken away again, where the person put it there. */
  onRemove?: () => void;
}

/** The order a person compares in: what shows first. */
const ORDER = [
  'stitch',
  'length',
  'width',
  'needle',
  'thread',
  'foot',
  'plate',
  'position',
  'tension',
  'pressure',
] as const;

/** Two or three settings side by side: every reading, what each gives and risks, and where they differ. */
export function Compare({
  label,
  columns,
  input,
  machine,
  onTake,
}: {
  /** What is compared, for those who cannot see where it stands. */
  label: string;
  columns: Compared[];
  input: MatchInput;
  machine: Machine;
  onTake: (setup: Setup) => void;
}) {
  const setups = columns.map(({ setup }) => setup);
  const { value: looks, isCurrent } = useFromWorker(JSON.stringify([input, setups]), (worker) =>
    Promise.all(setups.map((setup) => worker.lookOver(input, setup))),
  );
  const shown = setups.map((setup) => settingReadings(machine, setup));
  const known = looks && looks.length === columns.length ? looks : null;
  return (
    <div className={styles.compare} role="region" aria-label={label} tabIndex={0}>
      <Table>
        <TableHead>
          <TableRow>
            <TableCell component="td" />
            {columns.map(({ title }) => (
              <TableCell component="th" key={title} scope="col">
                {title}
              </TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {ORDER.map((reading) => (
            <Row key={reading} name={READING_TEXT[reading]} cells={shown.map((s) => s[reading])} />
          ))}
          {known && <Looks looks={known} isCurrent={isCurrent} />}
          <Takes columns={columns} onTake={onTake} />
        </TableBody>
      </Table>
    </div>
  );
}

/** What each gives, and the worst it risks. */
function Looks({ looks, isCurrent }: { looks: LookedOver[]; isCurrent: boolean }) {
  const { required } = looks[0].give;
  const gives = looks.map(
    ({
      give: {
        measured,
        estimate: [low, high],
      },
    }) =>
      measured === undefined
        ? COMPARE_TEXT.to(Math.floor(low), Math.floor(high))
        : COMPARE_TEXT.measured(formatNumber(measured, 0)),
  );
  const risks = looks.map(({ risks: [worst] }) =>
    worst && worst.level >= 0.1
      ? COMPARE_TEXT.of(SIGN_TEXT[worst.sign], Math.round(100 * worst.level))
      : COMPARE_TEXT.noneAboveSlight,
  );
  return (
    <>
      {required > 0 && (
        <Row name={COMPARE_TEXT.givesNeeds(formatNumber(required, 0))} cells={gives} isCurrent={isCurrent} />
      )}
      <Row name={COMPARE_TEXT.worstRisk} cells={risks} isCurrent={isCurrent} />
    </>
  );
}

function Takes({ columns, onTake }: { columns: Compared[]; onTake: (setup: Setup) => void }) {
  return (
    <TableRow>
      <TableCell />
      {columns.map(({ title, setup, onRemove }) => (
        <TableCell key={title}>
          <Button onClick={() => onTake(setup)} aria-label={COMPARE_TEXT.take(title)}>
            {COMPARE_TEXT.takeThis}
          </Button>
          {onRemove && (
            <Button onClick={onRemove} aria-label={COMPARE_TEXT.putAway(title)}>
              {COMPARE_TEXT.putAway2}
            </Button>
          )}
        </TableCell>
      ))}
    </TableRow>
  );
}

function Row({ name, cells, isCurrent = true }: { name: string; cells: string[]; isCurrent?: boolean }) {
  const differ = new Set(cells).size > 1;
  return (
    <TableRow className={differ ? styles.differs : undefined} {...outdated(isCurrent)}>
      <TableCell component="th" scope="row">
        {name}
        {differ && <span className="unseen"> {COMPARE_TEXT.theyDiffer}</span>}
      </TableCell>
      {cells.map((cell, i) => (
        <TableCell key={i}>{cell}</TableCell>
      ))}
    </TableRow>
  );
}
