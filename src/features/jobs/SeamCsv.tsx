'use client';

import Button from '@mui/material/Button';
import { type ComponentProps, useState } from 'react';
import type { CellError } from '@/core/file';
import { type Job, jobSchema } from '@/core/job';
import { jobs } from '@/data';
import { newId, saveFile, today, useAct } from '@/parts/workspace';
import { ColumnList, FileButton, StopAlert } from '@/ui';
import styles from './Jobs.module.css';
import { SEAM_CSV_TEXT } from './text';

type Columns = ComponentProps<typeof ColumnList>['columns'];

/** The seams as a table, out to a spreadsheet and back from one. */
export function SeamCsv({ job }: { job: Job }) {
  const [errors, setErrors] = useState<CellError[]>([]);
  const [columns, setColumns] = useState<Columns>([]);
  const act = useAct();
  const fetchColumns = async () => setColumns((await import('@/data/jobFiles')).SEAM_COLUMNS);
  const write = async () => {
    const { seamsText } = await import('@/data/jobFiles');
    saveFile(`bobbet-seams-${today()}.csv`, await seamsText(job), 'text/csv');
  };
  const read = async (file: File) => {
    const { previewSeams } = await import('@/data/jobFiles');
    const found = await previewSeams(job, new Uint8Array(await file.arrayBuffer()), newId);
    if (!found.ok) return setErrors(found.errors);
    const fresh = found.records.filter((r) => !job.seams.some((s) => s.id === r.id));
    const seams = [...job.seams.map((s) => found.records.find((r) => r.id === s.id) ?? s), ...fresh];
    const whole = jobSchema.safeParse({ ...job, seams });
    if (!whole.success) return setErrors([{ row: 1, column: 'After', message: whole.error.issues[0].message }]);
    setErrors([]);
    const count = found.records.length;
    await act(SEAM_CSV_TEXT.readFrom(count, count === 1 ? 'seam' : 'seams', file.name), () => jobs.put(whole.data));
  };
  return (
    <>
      <Button variant="outlined" onClick={() => void write()}>
        {SEAM_CSV_TEXT.exportAsCsv}
      </Button>
      <FileButton
        text={SEAM_CSV_TEXT.importCsv}
        label={SEAM_CSV_TEXT.importSeamsAsCsv}
        accept=".csv,text/csv"
        onFile={(file) => void read(file)}
      />
      <ColumnList columns={columns} summary={SEAM_CSV_TEXT.theColumnsOfThis} onOpen={() => void fetchColumns()} />
      {errors.length > 0 && (
        <StopAlert title={SEAM_CSV_TEXT.nothingWasRead}>
          <ul className={styles.reasons}>
            {errors.slice(0, 8).map(({ row, column, message }) => (
              <li key={`${row}${column}`}>{SEAM_CSV_TEXT.row(row, column, message)}</li>
            ))}
          </ul>
        </StopAlert>
      )}
    </>
  );
}
