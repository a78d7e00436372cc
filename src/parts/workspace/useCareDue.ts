'use client';

import { type CareStanding, careStandings } from '@/core/kit';
import { type MachineRecord, sewnHours } from '@/core/file';
import { useCare, useMachines } from '@/data';

/** Care that is due, over all machines in use; nothing while the workroom is read. */
export function useCareDue(): { machine: MachineRecord; standing: CareStanding }[] {
  const machines = useMachines();
  const log = useCare();
  if (!machines || !log) return [];
  return machines
    .filter((machine) => machine.archivedAt === undefined)
    .flatMap((machine) => {
      const done = log.filter((care) => care.machineId === machine.id);
      const known = { ...machine, sewnHours: sewnHours(machine) };
      return careStandings(known, done, new Date().toISOString()).map((standing) => ({ machine, standing }));
    })
    .filter(({ standing }) => standing.due);
}
