import Checkbox from '@mui/material/Checkbox';
import Link from 'next/link';
import { type Card, lineFacts, type StaleReason } from '@/core/card';
import { settingReadings } from '@/core/setup';
import { formatNumber } from '@/core/units';
import type { LongColumn } from '@/parts/longTable';
import { sayWhen } from '@/parts/workspace';
import { ClothSwatch } from '@/ui';
import styles from './Ledger.module.css';
import { CARD_LIST_TEXT } from './text';

/** What the columns need to know of the rest of the page. */
interface AboutCards {
  picked: readonly string[];
  onPick: (id: string) => void;
  reasonsOf: (card: Card) => readonly StaleReason[];
  colourOf: (card: Card) => string;
}

/** A card as a row: what is not shown at first can be chosen. */
export const cardColumns = ({ picked, onPick, reasonsOf, colourOf }: AboutCards): readonly LongColumn<Card>[] => [
  pickColumn(picked, onPick),
  nameColumn(colourOf),
  ...SETTING,
  proofColumn(reasonsOf),
  {
    id: 'when',
    name: CARD_LIST_TEXT.when,
    width: 130,
    text: ({ passedAt }) => passedAt.slice(0, 10),
    sortBy: ({ passedAt }) => passedAt,
    render: ({ passedAt }) => sayWhen(passedAt),
  },
];

const pickColumn = (picked: AboutCards['picked'], onPick: AboutCards['onPick']): LongColumn<Card> => ({
  id: 'pick',
  name: CARD_LIST_TEXT.picked,
  bare: true,
  width: 52,
  text: () => '',
  render: (card) => (
    <Checkbox
      checked={picked.includes(card.id)}
      onChange={() => onPick(card.id)}
      slotProps={{ input: { 'aria-label': CARD_LIST_TEXT.pick(card.name) } }}
    />
  ),
});

const nameColumn = (colourOf: AboutCards['colourOf']): LongColumn<Card> => ({
  id: 'card',
  name: CARD_LIST_TEXT.card,
  always: true,
  width: '40%',
  text: ({ name }) => name,
  render: (card) => (
    <Link href={`/log?id=${card.id}`} data-main>
      <ClothSwatch look={{ ...card.cloth, colour: colourOf(card) }} className={styles.swatch} />
      <strong>{card.name}</strong>
    </Link>
  ),
});

const readingsOf = (card: Card) => settingReadings(card.machine, card.setup);

function gaveOf(card: Card): string {
  const { give } = lineFacts(card.measures);
  return give ? CARD_LIST_TEXT.gave(give.popped, formatNumber(give.percent, 0)) : '';
}

const SETTING: readonly LongColumn<Card>[] = [
  {
    id: 'stitch',
    name: CARD_LIST_TEXT.stitch,
    text: (card) => {
      const { stitch, length, width } = readingsOf(card);
      return `${stitch}, ${length}${card.setup.widthMm > 0 ? CARD_LIST_TEXT.longWide(width ?? '') : ''}`;
    },
  },
  { id: 'needle', name: CARD_LIST_TEXT.needle, text: (card) => readingsOf(card).needle ?? '' },
  { id: 'thread', name: CARD_LIST_TEXT.thread, hidden: true, text: (card) => readingsOf(card).thread ?? '' },
  { id: 'foot', name: CARD_LIST_TEXT.foot, hidden: true, width: 130, text: (card) => readingsOf(card).foot ?? '' },
  { id: 'fabric', name: CARD_LIST_TEXT.fabric, hidden: true, text: ({ cloth }) => cloth.name ?? '' },
  { id: 'machine', name: CARD_LIST_TEXT.machine, hidden: true, text: ({ machine }) => machine.name ?? '' },
  { id: 'give', name: CARD_LIST_TEXT.give, hidden: true, width: 120, text: gaveOf },
];

const proofOf = (card: Card, reasons: readonly StaleReason[]) =>
  card.simulated ? CARD_LIST_TEXT.simulated : reasons.length > 0 ? CARD_LIST_TEXT.outOfDate : CARD_LIST_TEXT.proven;

const proofColumn = (reasonsOf: AboutCards['reasonsOf']): LongColumn<Card> => ({
  id: 'proof',
  name: CARD_LIST_TEXT.proof,
  width: 150,
  text: (card) => proofOf(card, reasonsOf(card)),
  render: (card) => {
    const reasons = reasonsOf(card);
    return (
      <strong className={styles.proof} data-stale={reasons.length > 0 || undefined}>
        {proofOf(card, reasons)}
      </strong>
    );
  },
});
