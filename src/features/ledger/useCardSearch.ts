'use client';

import MiniSearch from 'minisearch';
import { useMemo } from 'react';
import type { Card } from '@/core/card';
import { FAMILY } from '@/core/cloth';
import { settingReadings } from '@/core/setup';

/** Cards that answer to a few letters: by beginning of a word, forgiving a slip of the keyboard. */
export function useCardSearch(cards: Card[], text: string): Card[] {
  const index = useMemo(() => {
    const search = new MiniSearch({
      fields: ['name', 'cloth', 'machine', 'setting', 'notes'],
      storeFields: [],
    });
    search.addAll(
      cards.map((card) => ({
        id: card.id,
        name: card.name,
        cloth: `${card.cloth.name ?? ''} ${FAMILY[card.cloth.family].name}`,
        machine: card.machine.name ?? '',
        setting: Object.values(settingReadings(card.machine, card.setup)).join(' '),
        notes: card.notes,
      })),
    );
    return search;
  }, [cards]);
  if (text.trim() === '') return cards;
  const found = index.search(text, { prefix: true, fuzzy: 0.25, combineWith: 'AND' });
  return found.flatMap(({ id }) => cards.find((card) => card.id === id) ?? []);
}
