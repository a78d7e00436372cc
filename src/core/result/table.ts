import type { Origin } from './provenance';

/** A table of knowledge: one row for each id, and each row with the id it stands under and whose word it is. */
export type Table<Facts, Id extends string> = { readonly [K in Id]: Facts & Origin & { readonly id: K } };

/**
 * Makes a table out of its rows. The ids are the keys, so there is no second list of them, and none without a row; none
 * without its provenance and source either.
 *
 * @returns a function that takes the rows; their order is the order of the ids
 * @example
 * tableOf()({ cat: { provenance: 'memory', source: 'a cat', legs: 4 } }).cat // => { id: 'cat', provenance: 'memory', source: 'a cat', legs: 4 }
 */
export const tableOf =
  <Facts extends object>() =>
  <Id extends string>(rows: Record<Id, Facts & Origin>): Table<Facts, Id> => {
    const table = { ...rows } as Record<Id, Facts & Origin & { id: Id }>;
    for (const id of idsOf(rows)) table[id] = { id, ...rows[id] };
    return table as Table<Facts, Id>;
  };

/**
 * The ids of a table, in the order of its rows.
 *
 * @param table - an object whose keys are the ids; at least one
 * @example
 * idsOf({ left: 1, right: 2 }) // => ['left', 'right']
 */
export const idsOf = <Id extends string>(table: Readonly<Record<Id, unknown>>): readonly [Id, ...Id[]] =>
  Object.keys(table) as [Id, ...Id[]];

/**
 * The rows of a table, in their order.
 *
 * @example
 * rowsOf({ left: 1, right: 2 }) // => [1, 2]
 */
export const rowsOf = <Row>(table: Readonly<Record<string, Row>>): readonly Row[] => Object.values(table);

/**
 * The same table with something else worked out for each row.
 *
 * @param table - the rows by their ids
 * @param work - what is worked out from a row
 * @example
 * mapTable({ cat: 4, hen: 2 }, (legs) => legs * 2) // => { cat: 8, hen: 4 }
 */
export function mapTable<Id extends string, Row, To>(
  table: Readonly<Record<Id, Row>>,
  work: (row: Row, id: Id) => To,
): Readonly<Record<Id, To>> {
  const out = {} as Record<Id, To>;
  for (const id of idsOf(table)) out[id] = work(table[id], id);
  return out;
}
