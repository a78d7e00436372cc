'use client';

import Button from '@mui/material/Button';
import type { Card } from '@/core/card';
import type { Beside } from '@/core/exchange';
import type { ImportPlan, OpenedWorkroom, ReadThing, SetAside } from '@/core/file';
import type { ChangesPreview } from '@/data/changes';
import { StoppedError } from '@/data/progress';
import { importThing } from '@/data/thingFile';
import { importWorkroom } from '@/data/workroomFile';
import { TroublePlate } from '@/parts/boundary/Plate';
import { useSay, useUndoing } from '@/parts/workspace';
import { useLongWork, Working } from '@/ui';
import styles from '../Workroom.module.css';
import { ChangesPreviewed } from '../devices/ChangesPreviewed';
import { CardTaken } from '../take/CardTaken';
import { FILES_TEXT as TEXT } from './text';

/** A file of a workroom or of one thing that was looked into, and what importing it would do. */
type PreviewedImport = { fileName: string; plan: ImportPlan | null } & (
  { kind: 'workroom'; read: OpenedWorkroom } | { kind: 'thing'; read: ReadThing; is: Beside['is'] }
);

/** A file that was looked into. */
export type Previewed =
  PreviewedImport | { fileName: string; kind: 'changes'; exportedAt: string; preview: ChangesPreview };

/** Entries named one by one; more of them say the same thing. */
const NAMED = 8;

/** What importing a file would do, list by list, and what in it cannot be used. */
export function ImportPreview({ preview, onDone }: { preview: Previewed; onDone: () => void }) {
  if (preview.kind === 'changes') return <ChangesPreviewed {...preview} onDone={onDone} />;
  return <ImportPlanned preview={preview} onDone={onDone} />;
}

function ImportPlanned({ preview, onDone }: { preview: PreviewedImport; onDone: () => void }) {
  const { work, take } = useTaking(preview, onDone);
  const { fileName, kind, read, plan } = preview;
  if (!read.ok || !plan) {
    const problem = read.ok ? '' : `${read.error.path}: ${read.error.message}.`;
    return (
      <TroublePlate
        title={TEXT.notImported(fileName)}
        text={
          <>
            <p>{problem}</p>
            <p>{TEXT.unchanged}</p>
          </>
        }
      >
        <Button onClick={onDone}>{TEXT.close}</Button>
      </TroublePlate>
    );
  }
  if (kind === 'thing' && read.file.thing === 'card') {
    const file = { ...read.file, item: read.file.item as Card };
    return <CardTaken file={file} is={preview.is} onDone={onDone} />;
  }
  const told = Object.entries(plan).flatMap(([list, { added, changed }]) =>
    added + changed > 0 ? [{ list, text: TEXT.listWould(list, added, changed) }] : [],
  );
  const same = Object.values(plan).reduce((sum, counts) => sum + counts.same, 0);
  return (
    <div className={styles.preview}>
      <h3>{TEXT.would(fileName)}</h3>
      <ul>
        {told.map(({ list, text }) => (
          <li key={list}>{text}</li>
        ))}
      </ul>
      <p>{told.length === 0 ? TEXT.nothing : TEXT.same(same)}</p>
      {'setAside' in read && <NotUsable entries={read.setAside} />}
      <div className={styles.actions}>
        <Working work={work} label={TEXT.importing} />
        {work.share === null && (
          <>
            <Button variant="contained" onClick={() => void take('merge')}>
              {TEXT.merge}
            </Button>
            {kind === 'workroom' && (
              <Button variant="outlined" onClick={() => void take('replace')}>
                {TEXT.replace}
              </Button>
            )}
            <Button onClick={onDone}>{TEXT.cancel}</Button>
          </>
        )}
      </div>
    </div>
  );
}

/** Takes a file in, which says how far it is and can be stopped. */
function useTaking({ fileName, read }: PreviewedImport, onDone: () => void) {
  const { offer } = useUndoing();
  const say = useSay();
  const work = useLongWork();
  const take = async (how: 'merge' | 'replace') => {
    if (!read.ok) return;
    try {
      const entry = await work.run((onShare, signal) =>
        'file' in read
          ? importThing(read.file, TEXT.importedFrom(fileName))
          : importWorkroom(read, how, 'own', { onShare, signal }),
      );
      onDone();
      offer(TEXT.imported, entry);
    } catch (cause) {
      if (!(cause instanceof StoppedError)) throw cause;
      say(TEXT.stopped);
    }
  };
  return { work, take };
}

function NotUsable({ entries }: { entries: readonly SetAside[] }) {
  if (entries.length === 0) return null;
  return (
    <div role="note">
      <p>
        <strong>{TEXT.aside(entries.length)}</strong>
      </p>
      <ul>
        {entries.slice(0, NAMED).map(({ path, problem }) => (
          <li key={path}>
            {path}: {problem}
          </li>
        ))}
        {entries.length > NAMED && <li>{TEXT.more(entries.length - NAMED)}</li>}
      </ul>
    </div>
  );
}
