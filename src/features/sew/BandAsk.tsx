'use client';

import { rowsOfProcedure } from '@/core/procedure';
import { useCloths } from '@/data';
import { Pick } from '@/ui';
import { TEXT } from './text';
import type { RunNow } from './useRunNow';

/** Which fabric the band is cut from, for an operation that sews one on: its stretch and how it comes back decide. */
export function BandAsk({ now: { run, procedure, save } }: { now: RunNow }) {
  const cloths = useCloths();
  const sewsBand = Object.values(rowsOfProcedure(procedure)).some(({ of }) => of === 'band');
  if (!sewsBand || !cloths) return null;
  const options = cloths
    .filter(({ archivedAt, id }) => archivedAt === undefined || id === run.bandClothId)
    .map(({ id, cloth }) => [id, cloth.name] as const);
  return (
    <Pick
      label={TEXT.bandFabric}
      value={run.bandClothId ?? run.clothId}
      options={options}
      onPick={(id) => void save(() => ({ bandClothId: id === run.clothId ? undefined : id }))}
    />
  );
}
