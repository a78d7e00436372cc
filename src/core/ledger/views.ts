import * as z from 'zod';
import { idSchema, oneOf, words } from '../result';
import { type Entry, ENTRY_KINDS } from './entry';

const name = z.string().max(120, 'expected at most 120 letters').default('');

/** What is let through; empty lets everything through. Days as 2026-03-01. */
export const filterSchema = z.strictObject({
  text: name,
  kinds: z.array(oneOf(ENTRY_KINDS)).default([]),
  cloth: name,
  machine: name,
  outcome: oneOf(['', 'good', 'bad']).default(''),
  from: z.union([z.iso.date({ error: 'expected a day such as 2026-03-01' }), z.literal('')]).default(''),
  until: z.union([z.iso.date({ error: 'expected a day such as 2026-03-01' }), z.literal('')]).default(''),
});
export type Filter = z.infer<typeof filterSchema>;

/** Everything. */
export const ALL: Filter = filterSchema.parse({});

/** A filter with a name, to be come back to. */
export const viewSchema = z.strictObject({ id: idSchema, name: words('a name', 60), filter: filterSchema });
export type View = z.infer<typeof viewSchema>;

/**
 * The entries a filter lets through; its text is for the search and says nothing here.
 *
 * @param entries - newest first
 * @param filter - what is wanted
 * @returns in the same order
 */
export function filtered(entries: readonly Entry[], { kinds, cloth, machine, outcome, from, until }: Filter): Entry[] {
  return entries.filter(
    (entry) =>
      (kinds.length === 0 || kinds.includes(entry.kind)) &&
      (cloth === '' || entry.cloth === cloth) &&
      (machine === '' || entry.machine === machine) &&
      (outcome === '' || entry.outcome === outcome) &&
      (from === '' || entry.at.slice(0, 10) >= from) &&
      (until === '' || entry.at.slice(0, 10) <= until),
  );
}

/**
 * How many of the filters beside the search, the fabric and the view let less than everything through.
 *
 * @param filter - as it is set
 * @example
 * filtersOn({ ...ALL, machine: 'the green machine', kinds: ['card', 'needle'] }) // => 2
 */
export const filtersOn = ({ kinds, machine, outcome, from, until }: Filter): number =>
  [kinds.length > 0, machine !== '', outcome !== '', from !== '', until !== ''].filter(Boolean).length;
