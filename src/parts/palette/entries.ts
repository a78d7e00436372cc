import { CALCULATIONS } from '@/core/calculator';
import type { Card } from '@/core/card';
import { FAMILY } from '@/core/cloth';
import type { ClothRecord, MachineRecord, ThreadRecord } from '@/core/file';
import type { Job } from '@/core/job';
import { threadName } from '@/core/kit';
import { PROCEDURES } from '@/core/procedure';
import { idsOf } from '@/core/result';
import { operationTitle } from '@/core/setup';
import { SIGN_TEXT, SIGNS } from '@/core/stitch';
import type { Swatch } from '@/core/swatch';
import { countOf, upperFirst } from '@/core/units';
import { wordId, WORDS } from '@/core/words';
import { BEGINNINGS, type DeedId, DEEDS, type KIND_TEXT, PALETTE_TEXT as TEXT, PLACES } from './text';

/** Where an entry leads: a page, an operation to be laid out, something done at once. */
export type Leads = { href: string } | { operation: string } | { deed: DeedId };

/** One thing that can be found. */
export interface Entry {
  /** Remembered among what was used last. */
  id: string;
  kind: keyof typeof KIND_TEXT;
  title: string;
  note: string;
  /** What else it answers to. */
  also: string;
  leads: Leads;
}

/** What is the person's own. */
export interface Own {
  cloths: readonly ClothRecord[];
  cards: readonly Card[];
  swatches: readonly Swatch[];
  jobs: readonly Job[];
  machines: readonly MachineRecord[];
  threads: readonly ThreadRecord[];
}

const entry = (kind: Entry['kind'], id: string, title: string, leads: Leads, note = '', also = ''): Entry => ({
  id: `${kind}:${id}`,
  kind,
  title,
  note,
  also,
  leads,
});

/** What every workroom has: pages, operations, calculations, faults, words, and what can be done. */
export const fixedEntries = (): Entry[] => [
  ...PLACES.map(({ id, title, also, href }) => entry('place', id, title, { href }, '', also)),
  ...BEGINNINGS.map(({ id, title, also, href }) => entry('act', id, title, { href }, '', also)),
  ...idsOf(DEEDS).map((id) => entry('act', id, DEEDS[id].title, { deed: id }, '', DEEDS[id].also)),
  ...PROCEDURES.map(({ id, name, group }) => entry('operation', id, name, { operation: id }, group)),
  ...CALCULATIONS.map(({ id, name, about }) =>
    entry('calculation', id, name, { href: `/calculator?name=${id}` }, about),
  ),
  ...SIGNS.map((sign) => entry('sign', sign, upperFirst(SIGN_TEXT[sign]), { href: `/test/signs#${sign}` })),
  ...WORDS.flatMap(({ words }) =>
    words.map(({ word, means, also }) => entry('word', word, word, { href: `/words#${wordId(word)}` }, means, also)),
  ),
];

const away = (record: { archivedAt?: string }) => (record.archivedAt === undefined ? '' : TEXT.putAway);

/**
 * What is the person's own, each with the words it answers to.
 *
 * @param own - everything that is kept
 * @param when - says a moment
 */
export const ownEntries = (own: Own, when: (moment: string) => string): Entry[] => [
  ...own.jobs.map((job) =>
    entry('job', job.id, job.name, { href: `/projects?id=${job.id}` }, countOf(job.seams.length, 'seam')),
  ),
  ...own.cloths.map((one) =>
    entry(
      'cloth',
      one.id,
      one.cloth.name,
      { href: `/fabric?id=${one.id}` },
      away(one) || FAMILY[one.cloth.family].name,
    ),
  ),
  ...own.cards.map((card) =>
    entry(
      'card',
      card.id,
      card.name,
      { href: `/log?id=${card.id}` },
      upperFirst(operationTitle(card.operation.kind)),
      [card.cloth.name, card.machine.name, card.where].join(' '),
    ),
  ),
  ...own.swatches.map((swatch) =>
    entry('swatch', swatch.id, swatch.name, { href: `/test?id=${swatch.id}` }, TEXT.swatchOf(when(swatch.startedAt))),
  ),
  ...own.machines.map((one) =>
    entry('machine', one.id, one.machine.name, { href: `/workroom?place=machines&machine=${one.id}` }, away(one)),
  ),
  ...own.threads.map((one) =>
    entry(
      'thread',
      one.id,
      [one.colourName, threadName(one.thread)].filter(Boolean).join(', '),
      { href: '/workroom?place=threads' },
      one.where,
      one.printed,
    ),
  ),
];

/** The words an entry is found by. */
export const answersTo = ({ title, note, also, kind }: Entry): string =>
  [title, also, kind === 'word' || kind === 'calculation' ? '' : note].join(' ');

/** How many are shown. */
const SHOWN = 24;

/**
 * What is shown for what was typed: the best first; before anything is typed, what was used last, then the pages.
 *
 * @param entries - everything there is
 * @param found - places among them that answer to what was typed, best first; null where nothing was typed
 * @param recent - ids of what was used last, the latest first
 */
export function shownEntries(
  entries: readonly Entry[],
  found: readonly number[] | null,
  recent: readonly string[],
): Entry[] {
  if (found === null) {
    const used = recent.flatMap((id) => entries.find((one) => one.id === id) ?? []);
    const pages = entries.filter(({ kind, id }) => kind === 'place' && !recent.includes(id));
    return [...used, ...pages].slice(0, SHOWN);
  }
  const best = found.slice(0, 2 * SHOWN).map((place) => entries[place]);
  // Of what answers as well, what was used lately comes first; a far guess does not overtake what was typed.
  const near = best.slice(0, NEAR);
  const [used, other] = [near.filter(({ id }) => recent.includes(id)), near.filter(({ id }) => !recent.includes(id))];
  return [...used, ...other, ...best.slice(NEAR)].slice(0, SHOWN);
}

/** So many of the best count as answering alike. */
const NEAR = 6;
