import { upperFirst } from '../../units';
import { after, before, type RecordChange } from './recordChange';
import { counted, recordName } from './words';

const DONE = { added: 'added', updated: 'changed', removed: 'deleted' } as const;

/** Tables whose changes come along with others and are not worth a word while there is anything else. */
const BESIDE = new Set(['photos', 'preferences', 'onMachine', 'kit']);

/**
 * What was done, in words, where nobody has said it better.
 *
 * @param changes - what was changed together
 * @returns one short sentence
 * @example
 * describe([{ kind: 'removed', table: 'jobs', id: 'a', from: { name: 'Bag' } }]) // => 'Project “Bag” deleted'
 */
export function describe(changes: readonly RecordChange[]): string {
  const main = changes.filter(({ table }) => !BESIDE.has(table));
  const told = main.length > 0 ? main : changes;
  if (told.length === 0) return 'Nothing changed';
  const [first] = told;
  if (told.length === 1)
    return upperFirst(`${recordName(first.table, after(first) ?? before(first))} ${DONE[first.kind]}`);
  const alike = told.filter(({ table, kind }) => table === first.table && kind === first.kind).length;
  const rest = told.length - alike;
  return upperFirst(`${counted(first.table, alike)} ${DONE[first.kind]}${rest > 0 ? ` and ${rest} more` : ''}`);
}
