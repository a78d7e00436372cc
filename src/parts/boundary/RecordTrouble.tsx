'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { type ReactNode, useSyncExternalStore } from 'react';
import { deleteRecord, followWrong, rawText, repair, setTrouble, wrongNow } from '@/data';
import { nowText, saveFile, useAct, useUndoing } from '../workspace';
import { Boundary } from './Boundary';
import { TroublePlate } from './Plate';
import { BOUNDARY_TEXT as TEXT } from './text';

interface Which {
  /** The table it lies in, and its key. */
  table: string;
  id: string;
  /** What it is called in a sentence, such as "This project". */
  what: string;
  /** Where to go when it is deleted. */
  home: string;
}

/** Around the page of one record: when it throws, that record alone is out of reach, and can be saved or deleted. */
export function RecordBoundary({ children, ...which }: Which & { children: ReactNode }) {
  return <Boundary instead={(_, again) => <RecordTrouble {...which} onAgain={again} />}>{children}</Boundary>;
}

/** What can be done with a record that cannot be shown: repair it, save it, delete it. */
export function RecordTrouble({ table, id, what, home, onAgain }: Which & { onAgain?: () => void }) {
  const wrong = useWrongRecord(table, id);
  const router = useRouter();
  const act = useAct();
  const { offer } = useUndoing();
  const mend = async () => {
    if (!wrong) return;
    const done = await repair(wrong, nowText());
    if (done.ok) offer(TEXT.repaired(what, done.told), done.entry);
    else setTrouble({ kind: 'wrong', text: done.why });
  };
  const save = async () => saveFile(`bobbet-${table}.json`, await rawText(table, id), 'application/json');
  const remove = async () => {
    router.push(home);
    await act(TEXT.deleted(what), () => deleteRecord(table, id));
  };
  return (
    <TroublePlate title={TEXT.part(what)} text={wrong ? TEXT.recordWrong(wrong.path, wrong.problem) : TEXT.recordText}>
      {wrong && (
        <Button variant="contained" onClick={() => void mend()}>
          {TEXT.repair}
        </Button>
      )}
      {onAgain && (
        <Button variant="outlined" onClick={onAgain}>
          {TEXT.again}
        </Button>
      )}
      <Button variant="outlined" onClick={() => void save()}>
        {TEXT.exportOne}
      </Button>
      <Button onClick={() => void remove()}>{TEXT.deleteOne}</Button>
    </TroublePlate>
  );
}

const NONE: readonly never[] = [];

/** What is wrong with one record; null when nothing is known to be. */
export function useWrongRecord(table: string, id: string | null) {
  const all = useSyncExternalStore(followWrong, wrongNow, () => NONE);
  return all.find((one) => one.table === table && one.id === id) ?? null;
}
