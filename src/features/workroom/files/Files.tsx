'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import { openDemo } from '@/data/firstVisit';
import { reportTrouble, setTrouble } from '@/data';
import { downloadWorkroom } from '@/parts/backups';
import { useSay, useStartOwn, useUndoing } from '@/parts/workspace';
import { FileButton, Working } from '@/ui';
import styles from '../Workroom.module.css';
import { TAKE_TEXT } from '../take/text';
import { useLookInto } from '../take/useLookInto';
import { ImportPreview } from './ImportPreview';
import { FILES_TEXT as TEXT } from './text';

/** Everything in one file, out and in. An import says what it would do first, and does all of it or nothing. */
export function Files() {
  const { preview, close, work, file: choose } = useLookInto();
  const say = useSay();
  const { offer } = useUndoing();
  const startOwn = useStartOwn();
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
        <Button component={Link} href="/take">
          {TEXT.takeIn}
        </Button>
      </div>
      <Working work={work} label={TAKE_TEXT.reading} />
      {preview && <ImportPreview key={preview.fileName} preview={preview} onDone={close} />}
      <div className={styles.actions}>
        <Button onClick={() => void startOwn()}>{TEXT.empty}</Button>
        <Button onClick={() => void openDemo().then((entry) => offer(TEXT.demoOpen, entry))}>{TEXT.demo}</Button>
      </div>
    </section>
  );
}
