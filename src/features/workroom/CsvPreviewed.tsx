'use client';

import Button from '@mui/material/Button';
import type { CellError } from '@/core/file';
import { type CsvChange, type CsvPreview, importCsv } from '@/data/csv';
import { type LongColumn, LongTable } from '@/parts/longTable';
import { useAct } from '@/parts/workspace';
import { StopAlert } from '@/ui';
import { CSV_FILES_TEXT as TEXT } from './text';
import styles from './Workroom.module.css';

interface Props {
  fileName: string;
  read: CsvPreview;
  onDone: () => void;
}

/** What a file would do, row by row, before it does it; or every cell of it that is wrong. */
export function CsvPreviewed({ fileName, read, onDone }: Props) {
  const act = useAct();
  if (!read.ok) return <Refused fileName={fileName} errors={read.errors} onDone={onDone} />;
  const take = async () => {
    await act(TEXT.imported(fileName), () => importCsv(read));
    onDone();
  };
  return (
    <div className={styles.preview}>
      <div role="status">
        <h3>{TEXT.would(fileName)}</h3>
        <p>
          {TEXT.add} <strong>{read.added}</strong> {TEXT.andChange} <strong>{read.changed}</strong>.
          {read.ignored.length > 0 && TEXT.leftOutSinceNothing(read.ignored.join(', '))}
        </p>
      </div>
      <div className={styles.actions}>
        <Button variant="contained" onClick={() => void take()}>
          {TEXT.importIt}
        </Button>
        <Button onClick={onDone}>{TEXT.leaveIt}</Button>
      </div>
      <LongTable label={TEXT.rowsOf(fileName)} items={read.rows} keyOf={({ id }) => id} columns={CHANGES} rowPx={42} />
    </div>
  );
}

const CHANGES: readonly LongColumn<CsvChange>[] = [
  { id: 'name', name: TEXT.what, always: true, text: ({ name }) => name },
  { id: 'does', name: TEXT.does, width: 140, text: ({ what }) => TEXT.change[what] },
];

function Refused({ fileName, errors, onDone }: Omit<Props, 'read'> & { errors: readonly CellError[] }) {
  return (
    <StopAlert title={TEXT.wasNotImported(fileName)}>
      <p>
        {errors.length} {errors.length === 1 ? TEXT.cellIs : TEXT.cellsAre} {TEXT.wrongNothingHereHas}
      </p>
      <LongTable
        label={TEXT.faultsOf(fileName)}
        items={errors}
        keyOf={({ row, column, message }) => `${row} ${column} ${message}`}
        columns={FAULTS}
        rowPx={42}
      />
      <Button onClick={onDone}>{TEXT.allRight}</Button>
    </StopAlert>
  );
}

const FAULTS: readonly LongColumn<CellError>[] = [
  { id: 'row', name: TEXT.rowNumber, width: 80, text: ({ row }) => String(row), sortBy: ({ row }) => row },
  { id: 'column', name: TEXT.column, width: 180, text: ({ column }) => column },
  { id: 'wrong', name: TEXT.wrong, always: true, text: ({ message }) => message },
];
