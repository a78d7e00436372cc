import type { Card } from '../card';
import { type Cloth, UNKNOWN_CLOTH } from '../cloth';
import {
  MAIN_ROW,
  planOfRow,
  procedureOf,
  proofOfOperation,
  type RowAnswers,
  type RowSettings,
  rowsSewn,
  rowsOfProcedure,
  rowSewnOn,
  settingsOfRows,
  setupsOf,
} from '../procedure';
import type { Operation, Schools } from '../setup';
import type { JobSeam } from './job';
import { isMachined, kindOf, type Proof, proofNeeded } from './plan';
import type { SeamPlans } from './seamWork';
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

/** What the main row of a seam is matched and proven as: its own layers, and where two fabrics meet, the pair. */
export function operationOf(seam: JobSeam, clothOf: SettingsFrom['clothOf']): Operation {
  const procedure = procedureOf(seam.procedureId);
  const [second, band] = [clothOf(seam.secondClothId), clothOf(seam.bandClothId)];
  const on = { cloth: UNKNOWN_CLOTH, ...(second && { second }), ...(band && { band }) };
  return procedure ? rowSewnOn(rowsOfProcedure(procedure)[MAIN_ROW], on).operation : { kind: kindOf(seam.procedureId) };
}

/**
 * What Match has to be asked for a job: one question for all seams with the same fabrics, operation and schools. Those that
 * cards have a setting for are asked too: how they are held and pressed stands on no card.
 *
 * @param seams - of the job
 * @param from - cards, machine and fabrics
 */
export function seamQuestions(seams: readonly JobSeam[], from: SettingsFrom): SeamQuestion[] {
  const open = seams.filter((seam) => from.clothOf(seam.clothId) && isMachined(seam.procedureId));
  const groups = new Map(open.map((seam) => [groupOf(seam), seam]));
  return [...groups].map(([key, seam]) => ({
    key,
    seam,
    operation: operationOf(seam, from.clothOf),
    schools: procedureOf(seam.procedureId)?.schools?.(seam.answers),
  }));
}

const NOTHING: RowAnswers = {};

/**
 * The setting of each row of a seam: of the newest card that proves it; without one, what Match answered.
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
  answered: ReadonlyMap<string, RowAnswers>,
): SeamSetting {
  const needed = proofNeeded(seam.procedureId);
  if (needed === 'hand') return { setups: null, proof: needed, cardId: null };
  const answers = answered.get(groupOf(seam));
  const settings = settingsOf(seam, from, answers ?? NOTHING);
  return {
    setups: setupsOf(settings),
    ...(answers && { plans: plansOf(answers) }),
    ...proofIn(seam, settings, needed, isStale),
  };
}

const plansOf = (answers: RowAnswers): SeamPlans =>
  Object.fromEntries(Object.entries(answers).map(([row, answer]) => [row, planOfRow(answer)]));

/** What is proven of a seam, and the card that says so. */
function proofIn(
  seam: JobSeam,
  settings: RowSettings<Card>,
  needed: Proof,
  isStale: (card: Card) => boolean,
): Pick<SeamSetting, 'proof' | 'cardId'> {
  const procedure = procedureOf(seam.procedureId);
  const rows = rowsIn(seam);
  const main = settings[MAIN_ROW]?.card ?? null;
  // What needs no scrap does not come to need one because there was a card.
  if (!procedure || needed === 'free')
    return {
      proof: main && !isStale(main) && settings[MAIN_ROW].proof === 'operation' ? 'proven' : needed,
      cardId: main?.id ?? null,
    };
  const { of, card } = proofOfOperation(procedure, settings, rows);
  if (of === 'nothing') return { proof: 'none', cardId: null };
  const old = rows.map((row) => settings[row].card).find((one) => one !== null && isStale(one));
  if (old) return { proof: 'stale', cardId: old.id };
  return { proof: of === 'operation' ? 'proven' : 'stitch', cardId: card?.id ?? null };
}

const rowsIn = ({ procedureId }: JobSeam): string[] => {
  const procedure = procedureOf(procedureId);
  return procedure ? rowsSewn(procedure.steps) : [MAIN_ROW];
};

const groupOf = (seam: JobSeam): string =>
  JSON.stringify([
    seam.clothId,
    seam.secondClothId,
    seam.bandClothId,
    seam.procedureId,
    procedureOf(seam.procedureId)?.schools?.(seam.answers),
  ]);

function settingsOf(
  seam: JobSeam,
  { cards, machineId, clothOf }: SettingsFrom,
  answers: RowAnswers,
): RowSettings<Card> {
  const procedure = procedureOf(seam.procedureId);
  const cloth = clothOf(seam.clothId);
  if (!procedure || !cloth) return {};
  const [second, band] = [clothOf(seam.secondClothId), clothOf(seam.bandClothId)];
  const ids = { clothId: seam.clothId, machineId, secondId: seam.secondClothId, bandId: seam.bandClothId };
  return settingsOfRows(procedure, answers, { cloth, ...(second && { second }), ...(band && { band }) }, cards, ids);
}
