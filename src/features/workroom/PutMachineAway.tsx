'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import type { MachineRecord } from '@/core/file';
import { type Dependants, dependantsOfMachine, isFree, machines, removeWithScraps } from '@/data';
import { Dependence } from '@/parts/dependence';
import { nowText, useUndo, wholeUndo } from '@/parts/workspace';

/** Takes a machine out of the workroom; when something hangs on it, says what, and offers to put it away instead. */
export function PutMachineAway({ record }: { record: MachineRecord }) {
  const undo = useUndo();
  const [hangs, setHangs] = useState<Dependants | null>(null);
  const { name } = record.machine;
  const archive = async () => {
    setHangs(null);
    const put = (archivedAt?: string) => machines.change(record.id, (now) => now && { ...now, archivedAt });
    await put(nowText());
    undo(`${name} is put away.`, put);
  };
  const remove = async () => {
    setHangs(null);
    const bring = await wholeUndo();
    await removeWithScraps('machineId', record.id);
    undo(`${name} is removed.`, bring);
  };
  const ask = async () => {
    const found = await dependantsOfMachine(record.id);
    if (isFree(found)) await remove();
    else setHangs(found);
  };
  return (
    <p>
      <Button onClick={() => void ask()}>Remove this machine</Button>
      {hangs && (
        <Dependence
          what={name}
          hangs={hangs}
          archiveText="Put it away"
          archiveMeans="It leaves the choices; its scraps, cards and measures stay, and it can come back."
          removeMeans="Its scraps, their lines and its care log go with it. Cards stay: they stand alone."
          onArchive={() => void archive()}
          onRemove={() => void remove()}
          onClose={() => setHangs(null)}
        />
      )}
    </p>
  );
}
