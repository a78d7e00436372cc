import type { Run } from '../../procedure';
import { KNOWLEDGE } from '../../result';

/** What one press of "next" comes to. */
export interface Advanced {
  /** What changes in the run; nothing for one that is not being sewn. */
  change: Partial<Run>;
  /** Needle minutes to be counted for it; 0 for a step that was counted before. */
  sewnMinutes: number;
}

/**
 * A run after its current step is done.
 *
 * The needle time of a step is counted once for each piece, however often it is gone back to. After the last step the next piece in the
 * row begins at its first step; after the last piece the run is done.
 *
 * @param run - as it is stored now
 * @param steps - how many steps it has
 * @param minutesOf - needle minutes of a step, from 0
 * @param at - the moment, ISO 8601
 */
export function advanceRun(run: Run, steps: number, minutesOf: (step: number) => number, at: string): Advanced {
  if (run.status !== 'sewing') return { change: {}, sewnMinutes: 0 };
  const last = steps - 1;
  const sewnMinutes = run.step >= run.counted ? minutesOf(Math.min(run.step, last)) : 0;
  const needleMinutes = run.needleMinutes + sewnMinutes;
  if (run.step < last) {
    const change = { needleMinutes, counted: Math.max(run.counted, run.step + 1), step: run.step + 1 };
    return { change, sewnMinutes };
  }
  if (run.piece < run.pieces)
    return { change: { needleMinutes, counted: 0, step: 0, piece: run.piece + 1 }, sewnMinutes };
  return { change: { needleMinutes, counted: last + 1, status: 'done', doneAt: at }, sewnMinutes };
}

/**
 * Whether a run is at a step that another version of the tables counted: it may be another step now.
 *
 * @example
 * isOfOldTables({ status: 'sewing', step: 0, knowledge: '2020-01-01' }) // => false
 * isOfOldTables({ status: 'sewing', step: 3, knowledge: '2020-01-01' }) // => true
 */
export const isOfOldTables = ({ status, step, knowledge }: Pick<Run, 'status' | 'step' | 'knowledge'>): boolean =>
  status === 'sewing' && step > 0 && knowledge !== KNOWLEDGE;

/** A run one step back; what was counted stays counted. */
export const backAStep = (run: Run): Partial<Run> =>
  run.status === 'sewing' && run.step > 0 ? { step: run.step - 1 } : {};
