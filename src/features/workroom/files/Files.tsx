'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { decodeText, readJson, thingOf } from '@/core/file';
import { openDemo } from '@/data/firstVisit';
import { previewThing } from '@/data/thingFile';
import { previewImport } from '@/data/workroomFile';
import { reportTrouble, setTrouble } from '@/data';
import { downloadWorkroom } from '@/parts/backups';
import { useSay, useStartOwn, useUndoing } from '@/parts/workspace';
import { FileButton } from '@/ui';
import styles from '../Workroom.module.css';
import { ImportPreview, type Previewed } from './ImportPreview';
import { FILES_TEXT as TEXT } from './text';

/** Everything in one file, out and in. An import says what it would do first, and does all of it or nothing. */
export function Files() {
  const [preview, setPreview] = useState<Previewed | null>(null);
  const say = useSay();
  const { offer } = useUndoing();
  const startOwn = useStartOwn();
  const choose = async (file: File) => {
    const text = decodeText(new Uint8Array(await file.arrayBuffer()));
    const json = readJson(text);
    const now = new Date();
    const found =
      json.ok && thingOf(json.value) !== null
        ? { kind: 'thing' as const, ...(await previewThing(text, now)) }
        : { kind: 'workroom' as const, ...(await previewImport(text, now)) };
    setPreview({ fileName: file.name, ...found });
  };
  const download = async () => {
    try {
      const aside = await downloadWorkroom();
      say(aside > 0 ? TEXT.exportedWith(aside) : TEXT.exported);
    } catch (cause) {
      if (reportTrouble(cause)) return;
      setTrouble({ kind: 'other', text: (cause as Error).message });
    }
  };
  return (
    <section aria-labelledby="files" className={styles.files}>
      <h2 id="files">{TEXT.title}</h2>
      <p>{TEXT.where}</p>
      <div className={styles.actions}>
        <Button variant="outlined" onClick={() => void download()}>
          {TEXT.exportAll}
        </Button>
        <FileButton
          variant="outlined"
          text={TEXT.importOne}
          label={TEXT.importOne}
          accept=".json,application/json"
          onFile={(file) => void choose(file)}
        />
      </div>
      {preview && <ImportPreview key={preview.fileName} preview={preview} onDone={() => setPreview(null)} />}
      <div className={styles.actions}>
        <Button onClick={() => void startOwn()}>{TEXT.empty}</Button>
        <Button onClick={() => void openDemo().then((entry) => offer(TEXT.demoOpen, entry))}>{TEXT.demo}</Button>
      </div>
    </section>
  );
}
