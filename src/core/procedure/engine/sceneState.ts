import type { Scene, SceneLine } from './scene';
import type { Step } from './types';

/**
 * How a line of a drawing stands in a step: part of the drawing, or a thing that lies there; made in this step; made before it; still to come; or not
 * there, because it was taken out again, or is a thing that is laid on later.
 */
export type LineState = 'plain' | 'now' | 'done' | 'later' | 'hidden';

/** Things that lie on the cloth, not lines that are planned on it: they are not there before they are laid on. */
const THINGS: ReadonlySet<SceneLine['role']> = new Set(['zip', 'tape', 'stop']);

const isSewn = ({ sews, handThread }: Pick<Step, 'sews' | 'handThread'>) => (sews ?? handThread) !== undefined;

/**
 * How each line of a drawing stands, worked out from the steps alone.
 *
 * @param scene - the drawing of the step
 * @param steps - those that are taken
 * @param index - which of them is at hand, from 0
 * @returns one state for each line of the scene
 * @example
 * lineStates({ lines: [{ id: 'seam', points: [], role: 'stitch' }] }, [{ now: ['seam'] }, {}], 1) // => ['done']
 * lineStates({ lines: [{ id: 'seam', points: [], role: 'stitch' }] }, [{ now: ['seam'] }, { now: ['seam'], sews: 'long' }, {}], 2) // => ['done']
 * lineStates({ lines: [{ id: 'seam', points: [], role: 'stitch' }] }, [{ now: ['seam'], sews: 'long' }, { now: ['seam'] }], 1) // => ['done']
 * lineStates({ lines: [{ id: 'old', points: [], role: 'stitch' }] }, [{}, { out: ['old'] }, {}], 1) // => ['plain']
 * lineStates({ lines: [{ id: 'coil', points: [], role: 'zip' }] }, [{}, { now: ['coil'] }], 0) // => ['hidden']
 */
export function lineStates(
  { lines }: Pick<Scene, 'lines'>,
  steps: readonly Pick<Step, 'now' | 'out' | 'sews' | 'handThread'>[],
  index: number,
): LineState[] {
  const before = steps.slice(0, index);
  // What is sewn is made when it is sewn, not when its line is marked.
  const sewn = new Set(steps.flatMap((step) => (isSewn(step) ? (step.now ?? []) : [])));
  const made = new Set(before.flatMap((step) => (step.now ?? []).filter((id) => isSewn(step) || !sewn.has(id))));
  const out = new Set(before.flatMap((step) => step.out ?? []));
  const at = steps[index];
  // Pressed, trimmed or looked at, a row that was sewn is still one that was sewn.
  const again = (id: string) => sewn.has(id) && made.has(id) && !isSewn(at) && !at.out?.includes(id);
  const now = new Set((at?.now ?? []).filter((id) => !again(id)));
  const makes = new Set(steps.flatMap((step) => step.now ?? []));
  return lines.map(({ id, role }) => {
    if (id === undefined) return 'plain';
    if (now.has(id)) return 'now';
    if (out.has(id)) return 'hidden';
    // What no step makes was there from the beginning: the seam that is unpicked.
    if (!makes.has(id)) return 'plain';
    if (THINGS.has(role)) return made.has(id) ? 'plain' : 'hidden';
    return made.has(id) ? 'done' : 'later';
  });
}
