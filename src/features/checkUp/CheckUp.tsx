'use client';

import PrintIcon from '@mui/icons-material/Print';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useState } from 'react';
import type { MachineRecord } from '@/core/file';
import { countOf } from '@/core/units';
import { CHECK_UP_PARTS } from '@/core/workroom';
import { PaperDialog } from '@/parts/paper';
import { ErrorSummary } from '@/parts/forms';
import { useUnits } from '@/parts/workspace';
import { CautionAlert } from '@/ui';
import styles from './CheckUp.module.css';
import { Found } from './Found';
import { PartLines } from './PartLines';
import { Sheet } from './Sheet';
import { CHECK_UP_TEXT as TEXT } from './text';
import { keyOf, useCheckUp, useCheckUpMachine } from './useCheckUp';

/** The check-up of a machine: a sheet to sew by, one form for what was counted and seen, and what it tells. */
export function CheckUp() {
  const record = useCheckUpMachine();
  if (record === undefined) return null;
  if (record === null)
    return (
      <div className={styles.page}>
        <h1>{TEXT.noMachine}</h1>
        <Link href="/start">{TEXT.add}</Link>
      </div>
    );
  return <OfMachine key={record.id} record={record} />;
}

function OfMachine({ record }: { record: MachineRecord }) {
  const { say } = useUnits();
  const checkUp = useCheckUp(record);
  const { lines, form, soFar, kept, keep } = checkUp;
  const [printing, setPrinting] = useState(false);
  if (kept) return <Found record={record} found={kept} done />;
  return (
    <form className={styles.page} noValidate onSubmit={(event) => void keep(event)}>
      <h1>{TEXT.title(record.machine.name)}</h1>
      <p>
        {TEXT.about(countOf(lines.length, 'line'))} {TEXT.skip}
      </p>
      <section aria-label={TEXT.needed}>
        <Typography variant="h2">{TEXT.needed}</Typography>
        <ul className={styles.need}>
          {TEXT.need.map((one) => (
            <li key={one}>{say(one)}</li>
          ))}
        </ul>
        <CautionAlert>
          <p>{TEXT.manual}</p>
        </CautionAlert>
        <div className={styles.print}>
          <Button variant="outlined" startIcon={<PrintIcon />} onClick={() => setPrinting(true)}>
            {TEXT.print}
          </Button>
          <span>{TEXT.printHint}</span>
        </div>
      </section>
      <ErrorSummary form={form} labels={labelsOf(lines)} />
      {CHECK_UP_PARTS.filter((part) => lines.some((line) => line.part === part)).map((part) => (
        <PartLines key={part} part={part} checkUp={checkUp} machine={record.machine} />
      ))}
      {soFar && <Found record={record} found={soFar} />}
      <div className={styles.presses}>
        <Button type="submit" variant="contained" size="large">
          {TEXT.keep}
        </Button>
      </div>
      {printing && (
        <PaperDialog name={TEXT.title(record.machine.name)} marginMm={12} trueScale onClose={() => setPrinting(false)}>
          {() => <Sheet machine={record.machine} lines={lines} marks={checkUp.marks} />}
        </PaperDialog>
      )}
    </form>
  );
}

const labelsOf = (lines: readonly { number: number }[]) =>
  Object.fromEntries(
    lines.flatMap(({ number }) => [
      [keyOf(number, 'stitches'), TEXT.stitches(number)],
      [keyOf(number, 'widthMm'), TEXT.width(number)],
      [keyOf(number, 'shows'), TEXT.saw(number)],
      [keyOf(number, 'shiftMm'), TEXT.shift(number)],
    ]),
  );
