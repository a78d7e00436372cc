import * as z from 'zod';
import { within } from './fields';
import { idSchema, momentSchema } from './stored';

/** One share of an amount that adds up: what was sewn in a day, used off a spool, or put right by hand. */
export interface AmountEntry {
  id: string;
  at: string;
  /** Added when above 0, taken away when below. */
  by: number;
}

/** Entries of one amount: one a day for longer than anybody sews. */
export const MOST_ENTRIES = 30_000;

/**
 * An amount kept as the sum of dated entries, so that two devices that each add to it never undo each other.
 *
 * @param limit - the most that one entry may add or take away
 * @param what - what it counts, for messages
 */
export const amountSchema = (limit: number, what: string) =>
  z.array(z.strictObject(amountEntry(limit, what))).max(MOST_ENTRIES, `expected at most ${MOST_ENTRIES} entries`);

/** The fields of one entry, for a list whose entries say more than how much. */
export const amountEntry = (limit: number, what: string) => ({
  id: idSchema,
  at: momentSchema,
  by: within(-limit, limit, what),
});

/**
 * What an amount comes to.
 *
 * @param entries - its entries, in any order
 * @returns their sum, to nine digits; never below 0
 * @example
 * amountOf([{ id: 'a', at: '2026-01-01T00:00:00Z', by: 1.5 }, { id: 'b', at: '2026-01-02T00:00:00Z', by: -0.5 }]) // => 1
 * amountOf([]) // => 0
 */
export function amountOf(entries: readonly { by: number }[]): number {
  return Math.max(0, Number(entries.reduce((sum, { by }) => sum + by, 0).toFixed(9)));
}

/**
 * An amount with one share more.
 *
 * What has the same id is one entry: its shares add up.
 *
 * @param entries - what is there
 * @param entry - what is added or, below 0, taken away
 * @example
 * addAmount([{ id: 'a', at: '2026-01-01T00:00:00Z', by: 1 }], { id: 'a', at: '2026-01-01T00:00:00Z', by: 2 }).map(({ by }) => by) // => [3]
 */
export function addAmount<E extends AmountEntry>(entries: readonly E[], entry: E): E[] {
  const before = entries.find(({ id }) => id === entry.id);
  const by = Number(((before?.by ?? 0) + entry.by).toFixed(9));
  return [...entries.filter(({ id }) => id !== entry.id), { ...entry, by }];
}

/**
 * An amount brought to a value that was told: the entry that makes up the difference is added.
 *
 * @param entries - what is there
 * @param value - what it should come to
 * @param made - id and moment of the new entry
 */
export function setAmount(
  entries: readonly AmountEntry[],
  value: number,
  made: Pick<AmountEntry, 'id' | 'at'>,
): AmountEntry[] {
  const sum = entries.reduce((total, { by }) => total + by, 0);
  return addAmount(entries, { ...made, by: value - sum });
}
