import { type Cloth, clothOf } from '../src/core/cloth';
import { type Workroom } from '../src/core/file';
import { isMachined, type Job, jobStanding, kindOf, paceOf, type Standing } from '../src/core/job';
import { match } from '../src/core/match';
import { type OperationKind, type Setup, USUAL_SCHOOLS } from '../src/core/setup';

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
  const settings = new Map<string, Setup | null>();
  const setting = (clothId: string, kind: OperationKind): Setup | null => {
    const key = `${clothId} ${kind}`;
    if (!settings.has(key))
      settings.set(key, match({ cloth: clothById(clothId)!, operation: { kind }, machine }).setup);
    return settings.get(key)!;
  };
  return (job) =>
    jobStanding(job, {
      machine,
      clothOf: clothById,
      settingOf: (seam) =>
        isMachined(seam.procedureId)
          ? { setup: setting(seam.clothId!, kindOf(seam.procedureId)), proof: 'none', cardId: null }
          : { setup: null, proof: 'hand', cardId: null },
      runs: [],
      scraps: [],
      on: null,
      owned: { threads: [], needles: [], lifeHours: 5 },
      schools: USUAL_SCHOOLS,
      todayMinutes: 90,
      pace: paceOf([]),
    });
}
