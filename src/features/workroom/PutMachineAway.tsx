'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import type { MachineRecord } from '@/core/file';
import { type Dependants, dependantsOfMachine, isFree, machines } from '@/data';
import { Dependence } from '@/parts/dependence';
import { SaveThing } from '@/parts/things';
import { nowText, useAct } from '@/parts/workspace';
import { PUT_MACHINE_AWAY_TEXT } from './text';

/** Takes a machine out of the workroom; when something hangs on it, says what, and offers to put it away instead. */
export function PutMachineAway({ record }: { record: MachineRecord }) {
  const act = useAct();
  const [hangs, setHangs] = useState<Dependants | null>(null);
  const { name } = record.machine;
  const archive = async () => {
    setHangs(null);
    const put = (archivedAt?: string) => machines.change(record.id, (now) => now && { ...now, archivedAt });
    await act(PUT_MACHINE_AWAY_TEXT.archived(name), () => put(nowText()));
  };
  const remove = async () => {
    setHangs(null);
    await act(PUT_MACHINE_AWAY_TEXT.deleted(name), () => machines.remove(record.id));
  };
  const ask = async () => {
    const found = await dependantsOfMachine(record.id);
    if (isFree(found)) await remove();
    else setHangs(found);
  };
  return (
    <p>
      <SaveThing thing="machine" id={record.id} name={record.machine.name} />
      <Button onClick={() => void ask()}>{PUT_MACHINE_AWAY_TEXT.deleteThisMachine}</Button>
      {hangs && (
        <Dependence
          what={name}
          hangs={hangs}
          archiveText="Archive"
          archiveMeans={PUT_MACHINE_AWAY_TEXT.itLeavesTheChoices}
          removeMeans={PUT_MACHINE_AWAY_TEXT.itsSwatchesTheirTest}
          onArchive={() => void archive()}
          onRemove={() => void remove()}
          onClose={() => setHangs(null)}
        />
      )}
    </p>
  );
}
