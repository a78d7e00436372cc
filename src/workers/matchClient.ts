import type { Remote } from 'comlink';
import type { MatchWorker } from './match.worker';
import { talkTo } from './talk';

let running: Remote<MatchWorker> | null = null;

/**
 * The one match worker of this page, started when it is first asked for. It holds no state, so it is never stopped; one
 * that broke is restarted by the next question.
 */
export function matchWorker(): Remote<MatchWorker> {
  running ??= talkTo<MatchWorker>(
    new Worker(new URL('./match.worker.ts', import.meta.url), { type: 'module' }),
    () => (running = null),
  );
  return running;
}
