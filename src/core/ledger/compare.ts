import { type Card, lineFacts } from '../card';
import { clothProfile } from '../cloth';
import { CARE } from '../kit';
import { operationTitle, READING_TEXT, READINGS, settingReadings, type Setup } from '../setup';
import { formatNumber, formatPercent, type Printing } from '../units';
import type { KnownCare } from './known';

/** One thing that can be compared: its name, and what each card says of it. */
export interface ComparedRow {
  name: string;
  values: string[];
  /** They do not all say the same. */
  differs: boolean;
}

/**
 * Cards side by side: what they are for, how the machine stood, what was measured.
 *
 * @param cards - two or more
 * @param printing - prints lengths and weights in the person's units
 * @returns rows in the order they are read off a machine
 */
export function compareCards(cards: readonly Card[], { length, mass }: Printing): ComparedRow[] {
  const row = (name: string, of: (card: Card) => string): ComparedRow => {
    const values = cards.map(of);
    return { name, values, differs: new Set(values).size > 1 };
  };
  const readings = cards.map((card) => settingReadings(card.machine, card.setup));
  return [
    row('Machine', (card) => card.machine.name ?? ''),
    row('Seam', (card) => operationTitle(card.operation.kind)),
    row('Weight', (card) => mass(clothProfile(card.cloth).massGsm.value)),
    row('Thickness', (card) => length(clothProfile(card.cloth).thicknessMm.value)),
    row('Stretch across', (card) => formatPercent(clothProfile(card.cloth).stretchAcross.value, 0)),
    ...READINGS.map((reading) => {
      const values = readings.map((shown) => shown[reading]);
      return { name: READING_TEXT[reading], values, differs: new Set(values).size > 1 };
    }),
    row('Seam stretch', (card) => {
      const { give } = lineFacts(card.measures);
      return give ? `${give.popped ? 'popped at' : 'held to'} ${formatPercent(give.percent, 0)}` : 'not stretched';
    }),
    row('Growth', (card) => {
      const { growthPercent } = lineFacts(card.measures);
      return growthPercent === undefined ? 'not measured' : formatPercent(growthPercent, 1);
    }),
    row('True length', (card) => {
      const { lengthMm } = lineFacts(card.measures);
      return lengthMm === undefined ? 'not counted' : `${formatNumber(lengthMm, 2)} mm`;
    }),
  ];
}

/** One thing that is otherwise than when a card passed. */
export interface Changed {
  what: string;
  then: string;
  now: string;
}

/**
 * What changed since a setting last worked: on the machine, in its care, in what is known of the cloth.
 *
 * @param card - the setting that worked
 * @param on - what is on its machine now; null when nothing is known
 * @param care - everything done to that machine
 * @param reasons - why the card is stale, if it is
 * @returns what to look at first; nothing when all is as it was
 */
export function changedSince(
  card: Card,
  on: { setup: Setup } | null,
  care: readonly KnownCare[],
  reasons: readonly { text: string }[],
): Changed[] {
  const last = card.provenAgain.at(-1)?.at ?? card.passedAt;
  const then = settingReadings(card.machine, card.setup);
  const now = on ? settingReadings(card.machine, on.setup) : null;
  const dials = now
    ? READINGS.filter((r) => now[r] !== then[r]).map((r) => ({ what: READING_TEXT[r], then: then[r], now: now[r] }))
    : [];
  const done = care
    .filter((c) => c.machineId === card.machineId && c.at > last)
    .map((c) => ({ what: CARE[c.kind].name, then: 'not yet', now: `done ${c.at.slice(0, 10)}` }));
  const stale = reasons.map(({ text }) => ({ what: 'Card', then: 'proven', now: text }));
  return [...stale, ...done, ...dials];
}
