'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { sayDamage, setTrouble } from '@/data';
import { deleteRecord, rawText } from '@/data/rawRecord';
import { repair } from '@/data/damage';
import { nowText, saveFile, useAct, useUndoing } from '../workspace';
import { TroublePlate } from './Plate';
import { BOUNDARY_TEXT as TEXT } from './text';
import { useDamagedRecord } from './useDamagedRecord';
import type { Which } from './which';

/** What can be done with a record that cannot be shown: repair it, save it, delete it. */
export function RecordTrouble({ table, id, what, home, onAgain }: Which & { onAgain?: () => void }) {
  const wrong = useDamagedRecord(table, id);
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
    <TroublePlate title={TEXT.part(what)} text={wrong ? TEXT.recordWrong(sayDamage(wrong)) : TEXT.recordText}>
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
