import type { Task } from './input';

/**
 * Seams that wait for each other in a ring, so that none can be first.
 *
 * @param tasks - each with what it comes after
 * @returns the ids round the ring, each coming after the next, the first again at its end; null where there is none
 * @example
 * findCycle([{ id: 'hem', after: ['side'] }, { id: 'side', after: ['hem'] }]) // => ['hem', 'side', 'hem']
 */
export function findCycle(tasks: readonly Pick<Task, 'id' | 'after'>[]): string[] | null {
  const afterOf = new Map(tasks.map(({ id, after }) => [id, after]));
  const clear = new Set<string>();
  const walk = (id: string, path: readonly string[]): string[] | null => {
    if (clear.has(id)) return null;
    const back = path.indexOf(id);
    if (back >= 0) return [...path.slice(back), id];
    for (const before of afterOf.get(id) ?? []) {
      const found = walk(before, [...path, id]);
      if (found) return found;
    }
    clear.add(id);
    return null;
  };
  for (const { id } of tasks) {
    const found = walk(id, []);
    if (found) return found;
  }
  return null;
}
