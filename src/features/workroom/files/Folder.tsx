'use client';

import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { reportTrouble, setTrouble } from '@/data';
import {
  askToWrite,
  type Folder as PickedFolder,
  keepFolder,
  mayWrite,
  type Persistence,
  readDownloads,
  readFolder,
  readPersistence,
  writeToFolder,
} from '@/data/backups';
import { sayWhen, useSay } from '@/parts/workspace';
import styles from '../Workroom.module.css';
import { BACKUP_TEXT as TEXT } from './text';
import { FOLDER_TEXT } from '../text';

type Picker = (options: { mode: 'readwrite'; id: string }) => Promise<PickedFolder>;

interface FolderNow {
  folder: PickedFolder | null;
  allowed: boolean;
  saved: string | null;
  persistence: Persistence;
}

const PROMISE: Record<Persistence, string> = {
  promised: TEXT.promised,
  'not promised': TEXT.notPromised,
  'not known': TEXT.notKnown,
};

/** A folder that copies are written into, where the browser can do that; and what the browser says of its own store. */
export function Folder() {
  const [now, setNow] = useState<FolderNow | null>(null);
  const say = useSay();
  const look = () => readNow().then(setNow);
  useEffect(() => void look(), []);
  if (!now) return null;
  const picker = (window as { showDirectoryPicker?: Picker }).showDirectoryPicker;
  const write = async (folder: PickedFolder) => {
    try {
      say(TEXT.written(await writeToFolder(folder, new Date())));
    } catch (cause) {
      if (!reportTrouble(cause))
        setTrouble({ kind: 'other', text: FOLDER_TEXT.theFileWasNot((cause as Error).message) });
    }
    await look();
  };
  const pick = async () => {
    const folder = await picker?.({ mode: 'readwrite', id: 'bobbet' }).catch((cause: Error) => {
      // The person closed the picker.
      if (cause.name === 'AbortError') return null;
      throw cause;
    });
    if (!folder) return;
    await keepFolder(folder);
    await write(folder);
  };
  const { folder, saved, persistence } = now;
  return (
    <>
      <h3>{TEXT.folderTitle}</h3>
      {folder ? (
        <Picked
          folder={folder}
          allowed={now.allowed}
          onWrite={() => void write(folder)}
          onAllow={() => void askToWrite(folder).then((ok) => (ok ? write(folder) : look()))}
          onForget={() => void keepFolder(null).then(look)}
        />
      ) : picker ? (
        <>
          <p>{TEXT.folderWhy}</p>
          <div className={styles.actions}>
            <Button variant="outlined" onClick={() => void pick()}>
              {TEXT.pick}
            </Button>
          </div>
        </>
      ) : (
        <p>{TEXT.noFolder}</p>
      )}
      <p className={styles.quiet}>{saved ? TEXT.last(sayWhen(saved)) : TEXT.never}</p>
      <p className={styles.quiet}>{PROMISE[persistence]}</p>
    </>
  );
}

interface PickedProps {
  folder: PickedFolder;
  allowed: boolean;
  onWrite: () => void;
  onAllow: () => void;
  onForget: () => void;
}

/** The folder in use; the browser may want to be asked for it again. */
function Picked({ folder, allowed, onWrite, onAllow, onForget }: PickedProps) {
  return (
    <>
      <p>{allowed ? TEXT.folderIs(folder.name) : TEXT.folderAsks(folder.name)}</p>
      <div className={styles.actions}>
        <Button variant={allowed ? 'outlined' : 'contained'} onClick={allowed ? onWrite : onAllow}>
          {allowed ? TEXT.writeNow : TEXT.allow}
        </Button>
        <Button onClick={onForget}>{TEXT.forget}</Button>
      </div>
    </>
  );
}

async function readNow(): Promise<FolderNow> {
  const folder = await readFolder();
  const [allowed, { saved }, persistence] = await Promise.all([
    folder ? mayWrite(folder) : false,
    readDownloads(),
    readPersistence(),
  ]);
  return { folder, allowed, saved, persistence };
}
