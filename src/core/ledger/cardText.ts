import { type Card, lineFacts } from '../card';
import { clothProfile } from '../cloth';
import { layersOf, operationTitle, READING_TEXT, READINGS, settingReadings } from '../setup';
import { formatNumber, formatPercent, type Printing } from '../units';

/** A card as it stands on paper: its name, the large readings, the small ones, what it was proven on. */
export interface CardText {
  title: string;
  machine: string;
  readings: { name: string; value: string }[];
  proof: string;
  where: string;
}

/**
 * A card in words, for paper.
 *
 * @param card - the card
 * @param printing - prints weights in the person's units
 * @returns its texts; a simulated machine's card says so
 */
export function cardText(card: Card, { mass }: Pick<Printing, 'mass'>): CardText {
  const shown = settingReadings(card.machine, card.setup);
  const { lengthMm, give } = lineFacts(card.measures);
  const cloth = clothProfile(card.cloth);
  const parts = [
    `${operationTitle(card.operation.kind)}, ${layersOf(cloth, card.operation)} layers`,
    `${card.cloth.name ?? 'fabric'}, ${mass(cloth.massGsm.value)}`,
    lengthMm === undefined ? '' : `counted ${formatNumber(lengthMm, 2)} mm`,
    give ? `${give.popped ? 'popped at' : 'held to'} ${formatPercent(give.percent, 0)}` : '',
    `${card.simulated ? 'simulated' : 'passed'} ${card.passedAt.slice(0, 10)}`,
    card.notes,
  ];
  return {
    title: card.name,
    machine: card.machine.name ?? '',
    readings: READINGS.filter((r) => r !== 'position' || card.setup.needlePositionMm !== 0).map((r) => ({
      name: READING_TEXT[r],
      value: shown[r],
    })),
    proof: parts.filter((text) => text !== '').join('; '),
    where: card.where,
  };
}
