import { type Card, proofOf } from '../card';
import type { Cloth } from '../cloth';
import { needlesFit, procedureOf } from '../procedure';
import type { Operation, Schools, Setup } from '../setup';
import type { JobSeam } from './job';
import { isMachined, kindOf, proofNeeded } from './plan';
import type { SeamSetting } from './standing';

/** What decides the settings of a job's seams. */
export interface SettingsFrom {
  machineId: string | null;
  /** Newest first. */
  cards: readonly Card[];
  /** Null for a fabric that is not in the drawer. */
  clothOf: (id: string | null) => Cloth | null;
}

/** A question that stands for all seams of a job that are alike. */
export interface SeamQuestion {
  key: string;
  seam: JobSeam;
  operation: Operation;
  /** Schools the seam's own answers have settled. */
  schools: Partial<Schools> | undefined;
}

/** What is matched and proven for a seam: where two fabrics meet, the pair. */
export function operationOf(seam: JobSeam, clothOf: SettingsFrom['clothOf']): Operation {
  const second = clothOf(seam.secondClothId);
  return { kind: kindOf(seam.procedureId), ...(second && { second }) };
}

/**
 * What Match has to be asked for a job: one question for all seams with the same fabrics, operation and schools, for those that
 * no card proves.
 *
 * @param seams - of the job
 * @param from - cards, machine and fabrics
 */
export function seamQuestions(seams: readonly JobSeam[], from: SettingsFrom): SeamQuestion[] {
  const open = seams.filter(
    (seam) => from.clothOf(seam.clothId) && isMachined(seam.procedureId) && !cardOf(seam, from),
  );
  const groups = new Map(open.map((seam) => [groupOf(seam), seam]));
  return [...groups].map(([key, seam]) => ({
    key,
    seam,
    operation: operationOf(seam, from.clothOf),
    schools: schoolsOf(seam),
  }));
}

/**
 * The setting of a seam: that of the newest card that proves it; without one, what Match answered.
 *
 * @param seam - of the job
 * @param from - cards, machine and fabrics
 * @param isStale - whether a card no longer holds
 * @param answered - what Match answered, by the key of its question
 */
export function seamSetting(
  seam: JobSeam,
  from: SettingsFrom,
  isStale: (card: Card) => boolean,
  answered: ReadonlyMap<string, Setup | null>,
): SeamSetting {
  const proof = proofNeeded(seam.procedureId);
  if (proof === 'hand') return { setup: null, proof, cardId: null };
  const card = cardOf(seam, from);
  if (!card) return { setup: answered.get(groupOf(seam)) ?? null, proof, cardId: null };
  // What needs no proof does not come to need one because there was a card.
  const stale = proof === 'free' ? proof : 'stale';
  return { setup: card.setup, proof: isStale(card) ? stale : 'proven', cardId: card.id };
}

const groupOf = (seam: JobSeam): string =>
  JSON.stringify([seam.clothId, seam.secondClothId, kindOf(seam.procedureId), schoolsOf(seam)]);

const schoolsOf = (seam: JobSeam) => procedureOf(seam.procedureId)?.schools?.(seam.answers);

function cardOf(seam: JobSeam, { cards, machineId }: SettingsFrom): Card | null {
  const procedure = procedureOf(seam.procedureId);
  const ids = { clothId: seam.clothId, machineId, secondId: seam.secondClothId };
  return proofOf(cards, ids, kindOf(seam.procedureId), (setup) => !procedure || needlesFit(procedure, setup));
}
