'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { CLOTH_COLUMNS, KIT_COLUMNS, NEEDLE_COLUMNS } from '@/core/file';
import { CSV_NOUNS, type CsvNoun, type CsvPreview, csvText, importCsv, previewCsv } from '@/data/csv';
import { newId, nowText, saveFile, today, useSay, useAct } from '@/parts/workspace';
import { ColumnList, FileButton, StopAlert } from '@/ui';
import styles from './Workroom.module.css';

const NAMES: Record<CsvNoun, { name: string; columns: readonly { heading: string; means: string }[] }> = {
  cloths: { name: 'Cloths', columns: CLOTH_COLUMNS },
  needles: { name: 'Needles', columns: NEEDLE_COLUMNS },
  kit: { name: 'Feet, plates and threads', columns: KIT_COLUMNS },
};

/** Faults told at once; more of them say the same thing. */
const TOLD = 40;

/** Lists out to a spreadsheet and back: what a file would do is said first, and it is done whole or not at all. */
export function CsvFiles() {
  const [preview, setPreview] = useState<{ fileName: string; read: CsvPreview } | null>(null);
  return (
    <section aria-labelledby="csv" className={styles.files}>
      <h2 id="csv">Spreadsheets</h2>
      <p>
        Lists as CSV, for a spreadsheet and back from one. A row keeps its key: exported, changed and imported again, it
        changes the same thing.
      </p>
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
    say(`${name} as CSV: in your downloads.`);
  };
  return (
    <div className={styles.csv}>
      <h3>{name}</h3>
      <div className={styles.actions}>
        <Button variant="outlined" onClick={() => void save()} aria-label={`Export ${name} as CSV`}>
          Export CSV
        </Button>
        <FileButton
          variant="outlined"
          text="Import CSV"
          label={`Import ${name} from CSV`}
          accept=".csv,.tsv,.txt,text/csv"
          onFile={(file) => void read(file)}
        />
      </div>
      <ColumnList columns={columns} summary={`Its ${columns.length} columns`} />
    </div>
  );
}

function Preview({ fileName, read, onDone }: { fileName: string; read: CsvPreview; onDone: () => void }) {
  const act = useAct();
  if (!read.ok) {
    const { errors } = read;
    return (
      <StopAlert title={`${fileName} was not imported`}>
        <p>
          {errors.length} {errors.length === 1 ? 'cell is' : 'cells are'} wrong; nothing here has changed. Put them
          right and import the file again.
        </p>
        <ul>
          {errors.slice(0, TOLD).map(({ row, column, message }) => (
            <li key={`${row}${column}${message}`}>
              Row {row}, <strong>{column}</strong>: {message}
            </li>
          ))}
        </ul>
        {errors.length > TOLD && <p>And {errors.length - TOLD} more.</p>}
        <Button onClick={onDone}>All right</Button>
      </StopAlert>
    );
  }
  const take = async () => {
    await act(`${fileName} imported`, () => importCsv(read));
    onDone();
  };
  return (
    <div className={styles.preview} role="status">
      <h3>{fileName} would</h3>
      <p>
        add <strong>{read.added}</strong> and change <strong>{read.changed}</strong>.
        {read.ignored.length > 0 && ` Left out, since nothing here is called so: ${read.ignored.join(', ')}.`}
      </p>
      <div className={styles.actions}>
        <Button variant="contained" onClick={() => void take()}>
          Import it
        </Button>
        <Button onClick={onDone}>Leave it</Button>
      </div>
    </div>
  );
}
