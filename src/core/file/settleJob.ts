import { duplicateJob, type Job, mapCloths } from '../job';
import type { LinkedList } from './links';
import type { ThingFile } from './thing';

/** A thing of the workroom by id and name. */
export interface Named {
  id: string;
  name: string;
}

/** A job made at home here. */
export interface Settled {
  job: Job;
  /** Names of what it needs, and nothing here, or more than one thing, answers to. */
  missing: string[];
  /** Records of the file that have to come in with it. */
  bring: { list: LinkedList; record: object }[];
}

/**
 * A job of a file with ids of its own, its cloths and machine found again: here by id, else brought along in the file,
 * else by a name that one thing here answers to.
 *
 * @param file - a file of one job
 * @param here - cloths and machines of this workroom
 * @param made - new ids and the moment
 * @returns the job; what it needs and is neither here nor in the file is left open and named
 */
export function settleJob(
  { item, with: beside, names }: ThingFile,
  here: { cloths: readonly Named[]; machines: readonly Named[] },
  made: { id: string; newId: () => string; at: string },
): Settled {
  const job = item as Job;
  const bring = new Map<string, { list: LinkedList; record: object }>();
  const missing = new Set<string>();
  const find = (list: 'cloths' | 'machines', id: string | null): string | null => {
    if (id === null || here[list].some((one) => one.id === id)) return id;
    const brought = beside.find((one) => one.list === list && idOf(one.record) === id);
    if (brought) {
      bring.set(`${list} ${id}`, brought);
      return id;
    }
    const name = names.find((one) => one.list === list && one.id === id)?.name;
    const called = here[list].filter((one) => one.name.toLowerCase() === name?.toLowerCase());
    if (called.length === 1) return called[0].id;
    missing.add(name ?? NAMELESS[list]);
    return null;
  };
  const copy = mapCloths(duplicateJob(job, made), (id) => find('cloths', id));
  return {
    job: { ...copy, name: job.name, machineId: find('machines', job.machineId) },
    missing: [...missing],
    bring: withOwn([...bring.values()], beside),
  };
}

/** What comes in, with the photos that belong to it. */
function withOwn(brought: Settled['bring'], beside: ThingFile['with']): Settled['bring'] {
  const photos = beside.filter(
    ({ list, record }) =>
      list === 'photos' && brought.some((one) => (one.record as { photoId?: string }).photoId === idOf(record)),
  );
  return [...photos, ...brought];
}

/** What is said of something that the file points at and does not name. */
const NAMELESS = { cloths: 'a fabric', machines: 'a machine' };

const idOf = (record: object) => (record as { id?: string }).id;
