import { clothsOf } from '@/core/job';
import type { Foot } from '@/core/kit';
import { database } from './database';
import { jobs } from './repositories';

/** How much hangs on one thing. */
export interface Dependants {
  cards: number;
  scraps: number;
  jobs: number;
  /** Whether a machine is set for it, or is it. */
  onMachine: boolean;
}

/** Whether nothing hangs on it. */
export const isFree = ({ cards, scraps, jobs, onMachine }: Dependants): boolean =>
  cards + scraps + jobs === 0 && !onMachine;

/** What hangs on a cloth. */
export async function dependantsOfCloth(id: string): Promise<Dependants> {
  const [cards, scraps, on, all] = await Promise.all([
    database.cards.where('clothId').equals(id).count(),
    database.swatches.where('clothId').equals(id).count(),
    database.onMachine.toArray(),
    jobs.all(),
  ]);
  const own = all.filter((job) => clothsOf(job).some(({ clothId }) => clothId === id));
  return { cards, scraps, jobs: own.length, onMachine: on.some((o) => o.clothId === id) };
}

/** What hangs on a machine. */
export async function dependantsOfMachine(id: string): Promise<Dependants> {
  const [cards, scraps, on, all] = await Promise.all([
    database.cards.where('machineId').equals(id).count(),
    database.swatches.where('machineId').equals(id).count(),
    database.onMachine.get(id),
    jobs.all(),
  ]);
  return { cards, scraps, jobs: all.filter((job) => job.machineId === id).length, onMachine: on !== undefined };
}

/** What hangs on a foot: cards that were proven under it, and machines it is on. */
export async function dependantsOfFoot(foot: Foot): Promise<Dependants> {
  const [cards, on] = await Promise.all([database.cards.toArray(), database.onMachine.toArray()]);
  return {
    cards: cards.filter((card) => card.setup.foot === foot).length,
    scraps: 0,
    jobs: 0,
    onMachine: on.some((o) => o.setup.foot === foot),
  };
}
