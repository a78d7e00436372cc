'use client';

import TextField from '@mui/material/TextField';
import Link from 'next/link';
import { useState } from 'react';
import type { Card } from '@/core/card';
import { FAMILY } from '@/core/cloth';
import { settingReadings } from '@/core/setup';
import { useCloths } from '@/data';
import { useFound } from '@/parts/longList';
import { LongTable } from '@/parts/longTable';
import { useStale } from '@/parts/staleness';
import { cardColumns } from './cardColumns';
import styles from './Ledger.module.css';
import { WithPicked } from './WithPicked';
import { CARD_LIST_TEXT } from './text';

const keyOf = (card: Card) => card.id;
const textOf = (card: Card) =>
  [
    card.name,
    card.cloth.name,
    FAMILY[card.cloth.family].name,
    card.machine.name,
    ...Object.values(settingReadings(card.machine, card.setup)),
    card.notes,
    card.where,
  ].join(' ');

/** Every setting that passed; some of them picked to be compared or printed. */
export function CardList({ cards }: { cards: Card[] }) {
  const [text, setText] = useState('');
  const [picked, setPicked] = useState<readonly string[]>([]);
  const found = useFound(cards, textOf, text);
  const stale = useStale();
  const cloths = useCloths();
  const toggle = (id: string) => setPicked((now) => (now.includes(id) ? now.filter((p) => p !== id) : [...now, id]));
  const columns = cardColumns({
    picked,
    onPick: toggle,
    reasonsOf: (card) => stale?.(card) ?? [],
    colourOf: (card) => cloths?.find((c) => c.id === card.clothId)?.colour ?? '#b9c0b0',
  });
  if (cards.length === 0)
    return (
      <p className={styles.quiet}>
        {CARD_LIST_TEXT.noCardYetA} <Link href="/match">{CARD_LIST_TEXT.matchACloth}</Link> {CARD_LIST_TEXT.andTestIt}
      </p>
    );
  return (
    <>
      <p className={styles.quiet}>{CARD_LIST_TEXT.means}</p>
      <TextField
        size="small"
        label={CARD_LIST_TEXT.findACard}
        type="search"
        value={text}
        onChange={(event) => setText(event.target.value)}
        sx={{ maxWidth: 420 }}
        fullWidth
        autoComplete="off"
      />
      <LongTable
        label={CARD_LIST_TEXT.cards}
        items={found}
        keyOf={keyOf}
        columns={columns}
        rowPx={78}
        fileName="bobbet-cards-list"
      >
        <p role="status">{CARD_LIST_TEXT.of(found.length, cards.length)}</p>
        <WithPicked cards={cards.filter((c) => picked.includes(c.id))} onNone={() => setPicked([])} />
      </LongTable>
    </>
  );
}
