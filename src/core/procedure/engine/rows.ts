import { upperFirst } from '../../units';
import { MAIN_ROW, type Procedure, type Row, type Step } from './types';

/**
 * Every row of an operation by its id, the main one first.
 *
 * @param procedure - the operation
 * @returns rows; `main` is called by the operation unless it has a name of its own
 * @example
 * Object.keys(rowsOfProcedure({ name: 'Basting', kind: 'baste' })) // => ['main']
 */
export const rowsOfProcedure = ({
  name,
  kind,
  main,
  rows,
}: Pick<Procedure, 'name' | 'kind' | 'main' | 'rows'>): Readonly<Record<string, Row>> => ({
  [MAIN_ROW]: { kind, name: rows ? 'The seam' : upperFirst(name), ...main },
  ...rows,
});

/**
 * Which row a step belongs to: the one it sews; while it gets ready the one that is sewn next, and after the last one that.
 *
 * @param steps - those that are taken
 * @param index - from 0
 * @returns a row's id
 * @example
 * rowOfStep([{}, { sews: 'seam', row: 'finish' }, {}], 0) // => 'finish'
 * rowOfStep([{}, { sews: 'seam', row: 'finish' }, {}], 2) // => 'finish'
 */
export function rowOfStep(steps: readonly Pick<Step, 'sews' | 'row'>[], index: number): string {
  const own = steps[index]?.row;
  if (own !== undefined) return own;
  const sewn = ({ sews }: Pick<Step, 'sews'>) => sews !== undefined;
  const next = steps.slice(index).find(sewn) ?? steps.slice(0, index).findLast(sewn);
  return next?.row ?? MAIN_ROW;
}

/** Rows that are sewn with these steps, in the order they are sewn. */
export const rowsSewn = (steps: readonly Pick<Step, 'sews' | 'row'>[]): string[] => [
  ...new Set(steps.flatMap(({ sews, row = MAIN_ROW }) => (sews === undefined ? [] : [row]))),
];
