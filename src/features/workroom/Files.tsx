'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { type ImportPlan, NOUNS, type Workroom } from '@/core/file';
import { exportText, importWorkroom, openDemo, previewImport, writePreference } from '@/data';
import { saveFile, today, useSay, useStartOwn, useUndo } from '@/parts/workspace';
import { FileButton, StopPlate } from '@/ui';
import styles from './Workroom.module.css';

const NOUN_NAMES: Record<(typeof NOUNS)[number], string> = {
  cloths: 'cloths',
  machines: 'machines',
  swatches: 'scraps',
  lines: 'lines',
  cards: 'cards',
  needles: 'needles',
  threads: 'threads',
  care: 'care entries',
  photos: 'photos',
  jobs: 'jobs',
  views: 'saved views',
  runs: 'operations sewn',
};

interface Preview {
  fileName: string;
  workroom: Workroom | null;
  plan: ImportPlan | null;
  problem: string | null;
}

/** Everything in one file, out and in. An import says what it would do first, and does all of it or nothing. */
export function Files() {
  const [preview, setPreview] = useState<Preview | null>(null);
  const say = useSay();
  const startOwn = useStartOwn();
  const choose = async (file: File) => {
    const { read, plan } = await previewImport(await file.text(), new Date());
    setPreview({
      fileName: file.name,
      workroom: read.ok ? read.workroom : null,
      plan,
      problem: read.ok ? null : `${read.error.path}: ${read.error.message}`,
    });
  };
  return (
    <section aria-labelledby="files" className={styles.files}>
      <h2 id="files">Files</h2>
      <p>Your workroom lives in this browser and in the files it exports, nowhere else.</p>
      <div className={styles.actions}>
        <Button
          variant="outlined"
          onClick={() => void download().then(() => say('The workroom is in your downloads.'))}
        >
          Export the workroom
        </Button>
        <FileButton
          variant="outlined"
          text="Import a file"
          label="Import a file"
          accept=".json,application/json"
          onFile={(file) => void choose(file)}
        />
      </div>
      {preview && <ImportPreview preview={preview} onDone={() => setPreview(null)} />}
      <div className={styles.actions}>
        <Button onClick={() => void startOwn()}>Empty this workroom</Button>
        <DemoButton />
      </div>
    </section>
  );
}

function DemoButton() {
  const undo = useUndo();
  const open = async () => {
    const before = await exportText(new Date());
    await openDemo();
    undo('The demo workroom is open.', async () => {
      const { read } = await previewImport(before, new Date());
      if (!read.ok) return;
      await importWorkroom(read.workroom, 'replace');
      await writePreference('workroom', 'own');
    });
  };
  return <Button onClick={() => void open()}>Open the demo instead</Button>;
}

function ImportPreview({ preview, onDone }: { preview: Preview; onDone: () => void }) {
  const undo = useUndo();
  if (preview.problem !== null) {
    return (
      <StopPlate title={`${preview.fileName} was not imported`}>
        <p>{preview.problem}.</p>
        <p>Nothing here has changed.</p>
        <Button onClick={onDone}>All right</Button>
      </StopPlate>
    );
  }
  const take = async (how: 'merge' | 'replace') => {
    const before = await exportText(new Date());
    await importWorkroom(preview.workroom!, how);
    await writePreference('workroom', 'own');
    onDone();
    undo('The file is imported.', async () => {
      const { read } = await previewImport(before, new Date());
      if (read.ok) await importWorkroom(read.workroom, 'replace');
    });
  };
  return (
    <div className={styles.preview}>
      <h3>{preview.fileName} would</h3>
      <ul>
        {NOUNS.map((noun) => {
          const { added, changed, same } = preview.plan![noun];
          return (
            <li key={noun}>
              {NOUN_NAMES[noun]}: add <strong>{added}</strong>, change <strong>{changed}</strong>, leave {same} as they
              are
            </li>
          );
        })}
      </ul>
      <div className={styles.actions}>
        <Button variant="contained" onClick={() => void take('merge')}>
          Add to what is here
        </Button>
        <Button variant="outlined" onClick={() => void take('replace')}>
          Replace everything
        </Button>
        <Button onClick={onDone}>Leave it</Button>
      </div>
    </div>
  );
}

async function download() {
  saveFile(`bobbet-workroom-${today()}.json`, await exportText(new Date()), 'application/json');
}
