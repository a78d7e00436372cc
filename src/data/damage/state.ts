import type { LinkedList } from '@/core/file';

/** A stored record that cannot be used as it is. */
export interface Damage {
  table: LinkedList;
  id: string;
  /** What it is called, such as “Test line 2”. */
  name: string;
  /** It has the wrong shape; it hangs on something that is gone; or a link of it that may be empty leads nowhere. */
  kind: 'unreadable' | 'hanging' | 'loose';
  /** The field that is wrong, within the record. */
  path: string;
  problem: string;
}

/** What is wrong, for a person: the field is named where its content is wrong, not where a link of it is. */
export const sayDamage = ({ kind, path, problem }: Damage): string =>
  kind === 'unreadable' ? `${path}: ${problem}` : problem;

let found: readonly Damage[] = [];
const listeners = new Set<() => void>();

/** What is wrong in the workroom, as last looked at. */
export const damageNow = (): readonly Damage[] => found;

/** Follows what is wrong; gives back how to stop. */
export function followDamage(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

/** Notes what was found. */
export function setDamage(next: readonly Damage[]): void {
  found = next;
  listeners.forEach((listener) => listener());
}
