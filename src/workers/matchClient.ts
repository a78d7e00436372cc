import { type Remote, wrap } from 'comlink';
import type { MatchWorker } from './match.worker';

let running: Remote<MatchWorker> | null = null;

/** The one match worker of this page, started when it is first asked for. It holds no state, so it is never stopped. */
export function matchWorker(): Remote<MatchWorker> {
  running ??= wrap<MatchWorker>(new Worker(new URL('./match.worker.ts', import.meta.url), { type: 'module' }));
  return running;
}
