import type { Card } from '../../card';
import { KNOWLEDGE } from '../../result';
import { READING_TEXT, type Reading, setupChanges } from '../../setup';
import { answer } from '../match';
import type { MatchAnswer } from '../output';
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
 * The answer of the tables alone: what no card and no habit of a machine has moved.
 *
 * @param input - the question
 * @returns the answer that two versions of the tables can be compared by
 */
export const byTablesAlone = (input: MatchInput): MatchAnswer => answer({ ...input, tested: [], learned: undefined });

/**
 * What today's tables alone would recommend for a card's question, where that is something else than when it was made.
 *
 * Nothing is changed by it: a card is a tested setting and stays one.
 *
 * @param card - the card, with what was recommended for it then
 * @param input - its question as it is asked now
 * @returns what differs and why; null where nothing does, where the tables are the same or what was recommended is not known
 */
export function knowledgeChange(
  card: Pick<Card, 'id' | 'knowledge' | 'answered' | 'machine'>,
  input: MatchInput,
): KnowledgeChange | null {
  const { id, knowledge, answered, machine } = card;
  if (!answered || knowledge === '' || knowledge === KNOWLEDGE) return null;
  const { setup, reasons } = byTablesAlone(input);
  if (!setup) return null;
  const changes = setupChanges(machine, answered, setup).map(({ reading, from, to }) => ({
    reading,
    name: READING_TEXT[reading],
    was: from ?? '',
    now: to,
    why: reasons.find(({ parameter }) => parameter === REASON_OF[reading])?.text ?? '',
  }));
  return changes.length === 0 ? null : { cardId: id, from: knowledge, changes };
}
