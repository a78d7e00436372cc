'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { CLOTH_COLUMNS, KIT_COLUMNS, NEEDLE_COLUMNS } from '@/core/file';
import { CSV_NOUNS, type CsvNoun, type CsvPreview, csvText, previewCsv } from '@/data/csv';
import { newId, nowText, saveFile, today, useSay } from '@/parts/workspace';
import { ColumnList, FileButton } from '@/ui';
import styles from './Workroom.module.css';
import { CsvPreviewed } from './CsvPreviewed';
import { CSV_FILES_TEXT } from './text';

const NAMES: Record<CsvNoun, { name: string; columns: readonly { heading: string; means: string }[] }> = {
  cloths: { name: CSV_FILES_TEXT.cloths, columns: CLOTH_COLUMNS },
  needles: { name: CSV_FILES_TEXT.needles, columns: NEEDLE_COLUMNS },
  kit: { name: CSV_FILES_TEXT.feetPlatesAndThreads, columns: KIT_COLUMNS },
};

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
      {preview && <CsvPreviewed key={preview.fileName} {...preview} onDone={() => setPreview(null)} />}
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
