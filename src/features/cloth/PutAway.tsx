'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { ClothRecord } from '@/core/file';
import { cloths, type Dependants, dependantsOfCloth, isFree } from '@/data';
import { Dependence } from '@/parts/dependence';
import { SaveThing } from '@/parts/things';
import { nowText, useAct } from '@/parts/workspace';
import { PUT_AWAY_TEXT } from './text';

/** Deletes a fabric; where something depends on it, says what, and offers to archive it instead. */
export function PutAway({ record }: { record: ClothRecord }) {
  const router = useRouter();
  const act = useAct();
  const [hangs, setHangs] = useState<Dependants | null>(null);
  const { name } = record.cloth;
  const ask = async () => {
    const found = await dependantsOfCloth(record.id);
    if (isFree(found)) await remove();
    else setHangs(found);
  };
  const put = (archivedAt?: string) => cloths.change(record.id, (now) => now && { ...now, archivedAt });
  const archive = async () => {
    await act(PUT_AWAY_TEXT.archived(name), () => put(nowText()));
    router.push('/fabric');
  };
  const remove = async () => {
    await act(PUT_AWAY_TEXT.deleted(name), () => cloths.remove(record.id));
    router.push('/fabric');
  };
  if (record.archivedAt) {
    const bring = () => void put();
    return <Button onClick={bring}>{PUT_AWAY_TEXT.unarchive}</Button>;
  }
  return (
    <>
      <SaveThing thing="cloth" id={record.id} name={name} />
      <Button onClick={() => void ask()}>{PUT_AWAY_TEXT.deleteThisFabric}</Button>
      {hangs && (
        <Dependence
          what={name}
          hangs={hangs}
          archiveText="Archive"
          archiveMeans={PUT_AWAY_TEXT.itLeavesTheList}
          removeMeans={PUT_AWAY_TEXT.itsSwatchesAndTheir}
          onArchive={() => void archive()}
          onRemove={() => void remove()}
          onClose={() => setHangs(null)}
        />
      )}
    </>
  );
}
