'use client';

import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import List from '@mui/material/List';
import ListItem from '@mui/material/ListItem';
import ListItemText from '@mui/material/ListItemText';
import { useState } from 'react';
import { counted } from '@/core/workroom';
import type { RawRows, SnapshotInfo } from '@/data';
import { goBackTo, planRestore, readSnapshot, type RestorePlan, useSnapshots } from '@/data/backups';
import { sayWhen, useSay, useUndoing } from '@/parts/workspace';
import { unpackRows } from '@/workers/packClient';
import styles from '../Workroom.module.css';
import { Folder } from './Folder';
import { BACKUP_TEXT as TEXT } from './text';

/** Lists that say most about what a copy holds. */
const TOLD = ['cloths', 'swatches', 'cards', 'jobs'] as const;

interface Looked {
  info: SnapshotInfo;
  rows: RawRows;
  plan: RestorePlan[];
}

/** Copies that Bobbet keeps by itself, and going back to one of them. */
export function Backups() {
  const all = useSnapshots();
  const [looked, setLooked] = useState<Looked | null>(null);
  const say = useSay();
  const look = async (info: SnapshotInfo) => {
    const rows = await readSnapshot(info.number, unpackRows).catch(
      (cause: Error) => void say(TEXT.notOpened(cause.message)),
    );
    if (rows === undefined) return;
    if (!rows) return void say(TEXT.notKept);
    setLooked({ info, rows, plan: await planRestore(rows) });
  };
  return (
    <section aria-labelledby="backups" className={styles.files}>
      <h2 id="backups">{TEXT.title}</h2>
      <p>{TEXT.daily}</p>
      {!all?.length ? (
        <p className={styles.quiet}>{TEXT.none}</p>
      ) : (
        <List dense disablePadding>
          {all.map((info) => (
            <Snapshot key={info.number} info={info} onLook={() => void look(info)} />
          ))}
        </List>
      )}
      <Folder />
      {looked && <Preview looked={looked} onAway={() => setLooked(null)} />}
    </section>
  );
}

const nameOf = ({ kind, text, at }: SnapshotInfo) => (kind === 'day' ? TEXT.day(sayWhen(at)) : TEXT.before(text));

function Snapshot({ info, onLook }: { info: SnapshotInfo; onLook: () => void }) {
  const held = TOLD.flatMap((list) => (info.counts[list] > 0 ? [counted(list, info.counts[list])] : []));
  const name = nameOf(info);
  const when = info.kind === 'before' ? `${sayWhen(info.at)}, ` : '';
  return (
    <ListItem divider disableGutters sx={{ gap: 2 }}>
      <ListItemText primary={name} secondary={`${when}${held.join(', ') || counted('cloths', 0)}`} />
      <Button variant="outlined" onClick={onLook} aria-label={TEXT.lookLabel(name)} sx={{ flexShrink: 0 }}>
        {TEXT.look}
      </Button>
    </ListItem>
  );
}

/** What going back would do, before it is done. */
function Preview({ looked: { info, rows, plan }, onAway }: { looked: Looked; onAway: () => void }) {
  const { offer } = useUndoing();
  const name = nameOf(info);
  const goBack = async () => {
    const text = TEXT.wentBack(`“${name}”`);
    offer(`${text}.`, await goBackTo(rows, text));
    onAway();
  };
  const told = plan.flatMap(({ list, back, changed, gone }) => [
    ...(back > 0 ? [TEXT.back(list, back)] : []),
    ...(changed > 0 ? [TEXT.changed(list, changed)] : []),
    ...(gone > 0 ? [TEXT.gone(list, gone)] : []),
  ]);
  return (
    <Dialog open onClose={onAway} aria-labelledby="go-back">
      <DialogTitle id="go-back">{name}</DialogTitle>
      <DialogContent>
        {told.length === 0 ? (
          <p>{TEXT.same}</p>
        ) : (
          <>
            <p>{TEXT.wouldTitle}</p>
            <ul>
              {told.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
            <p>{TEXT.undoable}</p>
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onAway}>{TEXT.cancel}</Button>
        <Button variant="contained" disabled={told.length === 0} onClick={() => void goBack()}>
          {TEXT.goBack}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
