import type { Card } from '../../card';
import { KNOWLEDGE } from '../../result';
import { READING_TEXT, READINGS, settingReadings, type Reading } from '../../setup';
import { answer } from '../match';
import type { MatchInput } from '../question';
import type { Reason } from './reason';

/** A card's question, answered otherwise by today's tables. */
export interface KnowledgeChange {
  cardId: string;
  /** The version of the tables the card was made with. */
  from: string;
  /** The readings that would start elsewhere, and why. */
  changes: { reading: Reading; name: string; was: string; now: string; why: string }[];
}

/** Where the reason for a reading stands. */
const REASON_OF: Readonly<Record<Reading, Reason['parameter']>> = {
  needle: 'needle.point',
  thread: 'thread.tex',
  foot: 'foot',
  plate: 'plate',
  stitch: 'stitch',
  length: 'lengthMm',
  width: 'widthMm',
  tension: 'tensionSteps',
  pressure: 'pressure',
  position: 'needlePositionMm',
};

/**
 * What today's tables would start a card's question from, where that is something else than was answered when it was made.
 *
 * Nothing is changed by it: a card is a tested setting and stays one.
 *
 * @param card - the card, with what was answered for it then
 * @param input - its question as it is asked now
 * @returns what differs and why; null where nothing does, where the tables are the same or what was answered is not known
 */
export function knowledgeChange(
  card: Pick<Card, 'id' | 'knowledge' | 'answered' | 'machine'>,
  input: MatchInput,
): KnowledgeChange | null {
  const { id, knowledge, answered, machine } = card;
  if (!answered || knowledge === '' || knowledge === KNOWLEDGE) return null;
  const { setup, reasons } = answer({ ...input, tested: [], learned: undefined });
  if (!setup) return null;
  const [then, now] = [answered, setup].map((one) => settingReadings(machine, one));
  const changes = READINGS.filter((reading) => then[reading] !== now[reading]).map((reading) => ({
    reading,
    name: READING_TEXT[reading],
    was: then[reading],
    now: now[reading],
    why: reasons.find(({ parameter }) => parameter === REASON_OF[reading])?.text ?? '',
  }));
  return changes.length === 0 ? null : { cardId: id, from: knowledge, changes };
}
