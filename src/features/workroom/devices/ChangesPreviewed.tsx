'use client';

import Button from '@mui/material/Button';
import type { ChangesPreview } from '@/data/changes';
import { takeChanges } from '@/data/changes';
import { TroublePlate } from '@/parts/boundary/Plate';
import { sayWhen, useUndoing } from '@/parts/workspace';
import styles from '../Workroom.module.css';
import { FILES_TEXT } from '../files/text';
import { sayClash } from './sayClash';
import { DEVICES_TEXT as TEXT } from './text';

/** Clashes named one by one before the files come together; all of them are listed afterwards. */
const NAMED = 8;

interface Props {
  fileName: string;
  preview: ChangesPreview;
  exportedAt: string;
  onDone: () => void;
}

/** What another device's changes would do here. */
export function ChangesPreviewed({ fileName, preview, exportedAt, onDone }: Props) {
  const { offer } = useUndoing();
  if (preview.kind !== 'ready')
    return (
      <TroublePlate
        title={FILES_TEXT.notImported(fileName)}
        text={
          <>
            <p>{TEXT[preview.kind]}</p>
            <p>{FILES_TEXT.unchanged}</p>
          </>
        }
      >
        <Button onClick={onDone}>{FILES_TEXT.close}</Button>
      </TroublePlate>
    );
  const { changes, plan, clashes } = preview;
  const take = async () => {
    const entry = await takeChanges(changes, TEXT.taken, new Date());
    onDone();
    offer(TEXT.taken, entry);
  };
  return (
    <div className={styles.preview}>
      <h3>{TEXT.would(sayWhen(exportedAt))}</h3>
      <ul>
        {plan.map(({ list, added, changed, removed }) => (
          <li key={list}>{TEXT.line(list, added, changed, removed)}</li>
        ))}
      </ul>
      {plan.length === 0 && <p>{TEXT.nothing}</p>}
      {clashes.length > 0 && (
        <>
          <p>
            <strong>{TEXT.both(clashes.length)}</strong>
          </p>
          <ul>
            {clashes.slice(0, NAMED).map((clash, i) => {
              const { about, stays, other } = sayClash(clash);
              return (
                <li key={i}>
                  {about}. {stays} {clash.lost !== null && other}
                </li>
              );
            })}
            {clashes.length > NAMED && <li>{FILES_TEXT.more(clashes.length - NAMED)}</li>}
          </ul>
        </>
      )}
      <div className={styles.actions}>
        <Button variant="contained" onClick={() => void take()}>
          {TEXT.take}
        </Button>
        <Button onClick={onDone}>{TEXT.cancel}</Button>
      </div>
    </div>
  );
}
