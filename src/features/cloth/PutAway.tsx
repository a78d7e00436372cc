'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { ClothRecord } from '@/core/file';
import { cloths, type Dependants, dependantsOfCloth, isFree, removeWithScraps } from '@/data';
import { Dependence } from '@/parts/dependence';
import { nowText, useUndo, wholeUndo } from '@/parts/workspace';

/** Takes a cloth out of the drawer; when something hangs on it, says what, and offers to put it away instead. */
export function PutAway({ record }: { record: ClothRecord }) {
  const router = useRouter();
  const undo = useUndo();
  const [hangs, setHangs] = useState<Dependants | null>(null);
  const { name } = record.cloth;
  const ask = async () => {
    const found = await dependantsOfCloth(record.id, name);
    if (isFree(found)) await remove();
    else setHangs(found);
  };
  const put = (archivedAt?: string) => cloths.change(record.id, (now) => now && { ...now, archivedAt });
  const archive = async () => {
    await put(nowText());
    router.push('/cloth');
    undo(`${name} is put away.`, put);
  };
  const remove = async () => {
    const bring = await wholeUndo();
    await removeWithScraps('clothId', record.id);
    router.push('/cloth');
    undo(`${name} is out of the drawer.`, bring);
  };
  if (record.archivedAt) {
    const bring = () => void put();
    return <Button onClick={bring}>Back into the drawer</Button>;
  }
  return (
    <>
      <Button onClick={() => void ask()}>Take it out of the drawer</Button>
      {hangs && (
        <Dependence
          what={name}
          hangs={hangs}
          archiveText="Put it away"
          archiveMeans="It leaves the drawer and the choices on Match; scraps and cards keep it, and it can come back."
          removeMeans="Its scraps and their lines go with it. Cards stay: they stand alone."
          onArchive={() => void archive()}
          onRemove={() => void remove()}
          onClose={() => setHangs(null)}
        />
      )}
    </>
  );
}
