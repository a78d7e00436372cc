'use client';

import Checkbox from '@mui/material/Checkbox';

import TextField from '@mui/material/TextField';
import Link from 'next/link';
import { useState } from 'react';
import { type Card, lineFacts, type StaleReason } from '@/core/card';
import { FAMILY } from '@/core/cloth';
import { settingReadings } from '@/core/setup';
import { formatNumber } from '@/core/units';
import { useCloths } from '@/data';
import { LongList, useFound } from '@/parts/longList';
import { useStale } from '@/parts/staleness';
import { sayWhen } from '@/parts/workspace';
import { ClothSwatch } from '@/ui';
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
  if (cards.length === 0)
    return (
      <p className={styles.quiet}>
        {CARD_LIST_TEXT.noCardYetA} <Link href="/match">{CARD_LIST_TEXT.matchACloth}</Link> {CARD_LIST_TEXT.andTestIt}
      </p>
    );
  const toggle = (id: string) => setPicked((now) => (now.includes(id) ? now.filter((p) => p !== id) : [...now, id]));
  return (
    <>
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
      <div className={styles.count}>
        <p role="status">
          {CARD_LIST_TEXT.of(found.length, cards.length)} {cards.length === 1 ? 'card' : 'cards'}
        </p>
        <WithPicked cards={cards.filter((c) => picked.includes(c.id))} onNone={() => setPicked([])} />
      </div>
      <LongList label={CARD_LIST_TEXT.cards} items={found} keyOf={keyOf} rowPx={78}>
        {(card) => (
          <CardRow
            card={card}
            reasons={stale?.(card) ?? []}
            picked={picked.includes(card.id)}
            onPick={() => toggle(card.id)}
          />
        )}
      </LongList>
    </>
  );
}

interface RowProps {
  card: Card;
  reasons: StaleReason[];
  picked: boolean;
  onPick: () => void;
}

function CardRow({ card, reasons, picked, onPick }: RowProps) {
  const cloths = useCloths();
  const shown = settingReadings(card.machine, card.setup);
  const { give } = lineFacts(card.measures);
  const colour = cloths?.find((c) => c.id === card.clothId)?.colour ?? '#b9c0b0';
  return (
    <div className={styles.cardRow}>
      <Checkbox
        checked={picked}
        onChange={onPick}
        slotProps={{ input: { 'aria-label': CARD_LIST_TEXT.pick(card.name) } }}
        className={styles.pick}
      />
      <Link href={`/ledger?id=${card.id}`}>
        <ClothSwatch look={{ ...card.cloth, colour }} className={styles.swatch} />
        <span className={styles.name}>
          <strong>{card.name}</strong>
          <span className={styles.quiet}>
            {CARD_LIST_TEXT.foot(shown.needle, shown.thread, shown.foot.toLowerCase())}
          </span>
        </span>
        <span className={styles.setting}>
          <strong>{shown.stitch}</strong>
          <span className={styles.quiet}>
            {shown.length}
            {card.setup.widthMm > 0 && CARD_LIST_TEXT.longWide(shown.width)}
          </span>
        </span>
        <span className={styles.proof}>
          <strong data-stale={reasons.length > 0 || undefined}>
            {card.simulated ? 'simulated' : reasons.length > 0 ? CARD_LIST_TEXT.outOfDate : CARD_LIST_TEXT.proven}
          </strong>
          <span className={styles.quiet}>
            {give ? `${give.popped ? 'gave' : 'held'} ${formatNumber(give.percent, 0)} %, ` : ''}
            {sayWhen(card.passedAt)}
          </span>
        </span>
      </Link>
    </div>
  );
}
