/** What kinds of things happen in a workroom. */
export const ENTRY_KINDS = ['card', 'line', 'seam', 'job', 'needle', 'care'] as const;
export type EntryKind = (typeof ENTRY_KINDS)[number];

/** Each kind as it reads in a filter. */
export const ENTRY_TEXT: Readonly<Record<EntryKind, string>> = {
  card: 'Cards',
  line: 'Tests',
  seam: 'Seams sewn',
  job: 'Projects',
  needle: 'Needles',
  care: 'Machine care',
};

/** What one entry of a kind is. */
export const ENTRY_KIND: Readonly<Record<EntryKind, string>> = {
  card: 'Card',
  line: 'Test',
  seam: 'Seam sewn',
  job: 'Project',
  needle: 'Needle',
  care: 'Machine care',
};

/** One thing that happened. */
export interface Entry {
  id: string;
  kind: EntryKind;
  /** ISO moment. */
  at: string;
  title: string;
  detail: string;
  /** How it went, in a word; empty where nothing is judged. */
  outcome: 'good' | 'bad' | '';
  cloth: string;
  machine: string;
  /** Where it is looked at. */
  href: string;
}
