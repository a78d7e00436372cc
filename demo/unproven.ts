import { type Cloth, clothOf } from '../src/core/cloth';
import { type Workroom } from '../src/core/file';
import { isMachined, type Job, jobStanding, paceOf, type Standing } from '../src/core/job';
import { matchRows, procedureOf, type RowSetups } from '../src/core/procedure';
import { USUAL_SCHOOLS } from '../src/core/setup';

/**
 * Where jobs stand in a workroom in which no setting is proven and nothing is owned: on its first machine, with what Match
 * answers for each cloth and operation.
 *
 * @param workroom - its cloths and machines
 * @returns the standing of a job
 */
export function unproven({ cloths, machines }: Workroom): (job: Job) => Standing {
  const { machine } = machines[0];
  const clothById = (id: string | null): Cloth | null => {
    const record = cloths.find((c) => c.id === id);
    return record ? clothOf(record) : null;
  };
  const settings = new Map<string, RowSetups>();
  const setting = (clothId: string, id: string): RowSetups => {
    const key = `${clothId} ${id}`;
    if (!settings.has(key)) {
      const rows = matchRows(procedureOf(id)!, { cloth: clothById(clothId)!, machine });
      const found = Object.entries(rows).flatMap(([row, { setup }]) => (setup ? [[row, setup] as const] : []));
      settings.set(key, Object.fromEntries(found));
    }
    return settings.get(key)!;
  };
  return (job) =>
    jobStanding(job, {
      machine,
      clothOf: clothById,
      settingOf: (seam) =>
        isMachined(seam.procedureId)
          ? { setups: setting(seam.clothId!, seam.procedureId), proof: 'none', cardId: null }
          : { setups: null, proof: 'hand', cardId: null },
      runs: [],
      scraps: [],
      on: null,
      owned: { threads: [], needles: [], lifeHours: 5 },
      schools: USUAL_SCHOOLS,
      todayMinutes: 90,
      pace: paceOf([]),
    });
}
