'use client';

import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import { askedByLink } from '@/data/packedText';
import { FileButton, Working } from '@/ui';
import { ImportPreview } from '../files/ImportPreview';
import styles from '../Workroom.module.css';
import { FindByCode } from './FindByCode';
import { SharedPhoto } from './SharedPhoto';
import { takeShared } from './shared';
import { TAKE_TEXT as TEXT } from './text';
import { useLookInto } from './useLookInto';

/** Where something from elsewhere comes in: pasted, as a file, by a link, by a code, shared by another app. */
export function TakeStation() {
  const [pasted, setPasted] = useState('');
  /** What other apps have brought, one looked at after the other. */
  const [waiting, setWaiting] = useState<readonly File[]>([]);
  const { preview, close, work, text, file } = useLookInto();
  const onLink = (link: string) => void text(link, TEXT.linked);
  const show = async (files: readonly File[]): Promise<void> => {
    setWaiting(files);
    const [one] = files;
    if (one && !isPhoto(one) && !(await file(one))) await show(files.slice(1));
  };
  const next = () => {
    close();
    void show(waiting.slice(1));
  };
  const code = useArrivals({ onLink, onFiles: (files) => void show([...waiting, ...files]) });
  const photo = waiting.length > 0 && isPhoto(waiting[0]) ? waiting[0] : null;
  return (
    <div className={styles.page}>
      <h1>{TEXT.title}</h1>
      <p>{TEXT.what}</p>
      <Working work={work} label={TEXT.reading} />
      {photo && <SharedPhoto key={photo.name} file={photo} onDone={next} />}
      {preview ? (
        <ImportPreview key={preview.fileName} preview={preview} onDone={next} />
      ) : (
        <div className={styles.columns}>
          <section aria-labelledby="paste" className={styles.files}>
            <h2 id="paste">{TEXT.paste}</h2>
            <TextField
              label={TEXT.card}
              value={pasted}
              onChange={(event) => setPasted(event.target.value)}
              helperText={TEXT.pasteHelp}
              multiline
              minRows={6}
              maxRows={14}
            />
            <div className={styles.actions}>
              <Button
                variant="contained"
                disabled={pasted.trim() === ''}
                onClick={() => void text(pasted, TEXT.pasted)}
              >
                {TEXT.look}
              </Button>
              <FileButton
                variant="outlined"
                text={TEXT.file}
                label={TEXT.file}
                accept=".json,.txt,application/json,text/plain"
                onFile={(one) => void file(one)}
              />
            </div>
          </section>
          <FindByCode key={code} asked={code} onLink={onLink} />
        </div>
      )}
    </div>
  );
}

const isPhoto = ({ type }: File) => type.startsWith('image/');

interface LaunchQueue {
  setConsumer: (consume: (launch: { files: readonly FileSystemFileHandle[] }) => void) => void;
}

/** What a link, another app or the file manager has brought, once; gives back the code that a link asks for. */
function useArrivals({
  onLink,
  onFiles,
}: {
  onLink: (link: string) => void;
  onFiles: (files: readonly File[]) => void;
}): string {
  const router = useRouter();
  const [code, setCode] = useState('');
  const heard = useRef({ onLink, onFiles });
  useEffect(() => {
    heard.current = { onLink, onFiles };
  });
  useEffect(() => {
    const look = () => {
      const { href } = window.location;
      const asked = askedByLink(href);
      if (asked) router.replace('/take', { scroll: false });
      if (asked && 'take' in asked) heard.current.onLink(href);
      else if (asked) setCode(asked.code);
    };
    look();
    window.addEventListener('hashchange', look);
    void takeShared().then((files) => files.length > 0 && heard.current.onFiles(files));
    const { launchQueue } = window as { launchQueue?: LaunchQueue };
    launchQueue?.setConsumer(({ files }) => {
      void Promise.all(files.map((handle) => handle.getFile())).then((found) => heard.current.onFiles(found));
    });
    return () => window.removeEventListener('hashchange', look);
  }, [router]);
  return code;
}
