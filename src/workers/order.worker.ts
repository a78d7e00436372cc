import './withoutEval';
import { expose } from 'comlink';
import { schedule, type ScheduleInput } from '@/core/job';

const api = {
  /** The best order that is found, telling how far it is; stopping it means stopping this worker. */
  schedule: (input: ScheduleInput, onProgress: (share: number) => void) =>
    schedule(input, (share) => {
      onProgress(share);
      return true;
    }),
};
export type OrderWorker = typeof api;

expose(api);
