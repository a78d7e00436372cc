'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { CLOTH_COLUMNS, KIT_COLUMNS, NEEDLE_COLUMNS } from '@/core/file';
import { CSV_NOUNS, type CsvNoun, type CsvPreview, csvText, importCsv, previewCsv } from '@/data/csv';
import { newId, nowText, saveFile, today, useSay, useAct } from '@/parts/workspace';
import { ColumnList, FileButton, StopAlert } from '@/ui';
import styles from './Workroom.module.css';
import { CSV_FILES_TEXT } from './text';

const NAMES: Record<CsvNoun, { name: string; columns: readonly { heading: string; means: string }[] }> = {
  cloths: { name: CSV_FILES_TEXT.cloths, columns: CLOTH_COLUMNS },
  needles: { name: CSV_FILES_TEXT.needles, columns: NEEDLE_COLUMNS },
  kit: { name: CSV_FILES_TEXT.feetPlatesAndThreads, columns: KIT_COLUMNS },
};

/** Faults told at once; more of them say the same thing. */
const TOLD = 40;

/** Lists out to a spreadsheet and back: what a file would do is said first, and it is done whole or not at all. */
export function CsvFiles() {
  const [preview, setPreview] = useState<{ fileName: string; read: CsvPreview } | null>(null);
  return (
    <section aria-labelledby="csv" className={styles.files}>
      <h2 id="csv">{CSV_FILES_TEXT.spreadsheets}</h2>
      <p>{CSV_FILES_TEXT.listsAsCsvFor}</p>
      {CSV_NOUNS.map((noun) => (
        <CsvList key={noun} noun={noun} onRead={setPreview} />
      ))}
      {preview && <Preview key={preview.fileName} {...preview} onDone={() => setPreview(null)} />}
    </section>
  );
}

function CsvList({ noun, onRead }: { noun: CsvNoun; onRead: (read: { fileName: string; read: CsvPreview }) => void }) {
  const say = useSay();
  const { name, columns } = NAMES[noun];
  const read = async (file: File) => {
    const bytes = new Uint8Array(await file.arrayBuffer());
    onRead({ fileName: file.name, read: await previewCsv(noun, bytes, { newId, now: nowText() }) });
  };
  const save = async () => {
    saveFile(`bobbet-${noun}-${today()}.csv`, await csvText(noun), 'text/csv');
    say(CSV_FILES_TEXT.asCsvInYour(name));
  };
  return (
    <div className={styles.csv}>
      <h3>{name}</h3>
      <div className={styles.actions}>
        <Button variant="outlined" onClick={() => void save()} aria-label={CSV_FILES_TEXT.exportAsCsv(name)}>
          {CSV_FILES_TEXT.exportCsv}
        </Button>
        <FileButton
          variant="outlined"
          text={CSV_FILES_TEXT.importCsv}
          label={CSV_FILES_TEXT.importFromCsv(name)}
          accept=".csv,.tsv,.txt,text/csv"
          onFile={(file) => void read(file)}
        />
      </div>
      <ColumnList columns={columns} summary={CSV_FILES_TEXT.itsColumns(columns.length)} />
    </div>
  );
}

function Preview({ fileName, read, onDone }: { fileName: string; read: CsvPreview; onDone: () => void }) {
  const act = useAct();
  if (!read.ok) {
    const { errors } = read;
    return (
      <StopAlert title={CSV_FILES_TEXT.wasNotImported(fileName)}>
        <p>
          {errors.length} {errors.length === 1 ? CSV_FILES_TEXT.cellIs : CSV_FILES_TEXT.cellsAre}{' '}
          {CSV_FILES_TEXT.wrongNothingHereHas}
        </p>
        <ul>
          {errors.slice(0, TOLD).map(({ row, column, message }) => (
            <li key={`${row}${column}${message}`}>
              {CSV_FILES_TEXT.row(row)} <strong>{column}</strong>: {message}
            </li>
          ))}
        </ul>
        {errors.length > TOLD && <p>{CSV_FILES_TEXT.andMore(errors.length - TOLD)}</p>}
        <Button onClick={onDone}>{CSV_FILES_TEXT.allRight}</Button>
      </StopAlert>
    );
  }
  const take = async () => {
    await act(CSV_FILES_TEXT.imported(fileName), () => importCsv(read));
    onDone();
  };
  return (
    <div className={styles.preview} role="status">
      <h3>{CSV_FILES_TEXT.would(fileName)}</h3>
      <p>
        {CSV_FILES_TEXT.add} <strong>{read.added}</strong> {CSV_FILES_TEXT.andChange} <strong>{read.changed}</strong>.
        {read.ignored.length > 0 && CSV_FILES_TEXT.leftOutSinceNothing(read.ignored.join(', '))}
      </p>
      <div className={styles.actions}>
        <Button variant="contained" onClick={() => void take()}>
          {CSV_FILES_TEXT.importIt}
        </Button>
        <Button onClick={onDone}>{CSV_FILES_TEXT.leaveIt}</Button>
      </div>
    </div>
  );
}
