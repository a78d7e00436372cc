import { type Card, isOfFabrics, isProofOf, type TestedCard } from '../../card';
import { clothProfile } from '../../cloth';
import { isTwin, sameThread } from '../../kit';
import { layersOf, OPERATION, type Operation, type Setup } from '../../setup';
import { rowsOfProcedure } from '../engine/rows';
import type { RowSetups } from '../engine/stepSetup';
import { MAIN_ROW, type Procedure, type Row } from '../engine/types';
import type { RowAnswers, RowsQuestion } from './matchRows';
import { rowSewnOn } from './matchRows';

/** What was proven: this very operation, its stitch in another one, or nothing. */
export const PROOFS = ['operation', 'stitch', 'nothing'] as const;
export type ProofOf = (typeof PROOFS)[number];

/** The fabrics and machine of an operation by id. */
export interface RowIds {
  clothId?: string | null;
  machineId?: string | null;
  secondId?: string | null;
  bandId?: string | null;
}

/** The setting of one row, and what proves it. */
export interface RowSetting<C = TestedCard> {
  setup: Setup | null;
  proof: ProofOf;
  card: C | null;
}

/** By the id of the row. */
export type RowSettings<C = TestedCard> = Readonly<Record<string, RowSetting<C>>>;

/** What a row is proven by, of an operation. */
type Proven = Pick<Procedure, 'id' | 'name' | 'kind' | 'main' | 'rows' | 'needles'>;

/**
 * What each row of an operation is sewn with: as it was proven for it; as the same kind of row was proven elsewhere in the
 * same fabric on the same machine; else as matched.
 *
 * A card proves an operation when that is what was sewn for it. Otherwise it proves the stitch alone, and only with the
 * same needle, thread, foot, stitch and number of layers.
 *
 * @param procedure - the operation
 * @param answers - of `matchRows`
 * @param on - its fabrics
 * @param cards - newest first
 * @param ids - fabrics and machine
 */
export function settingsOfRows<C extends Card | TestedCard>(
  procedure: Proven,
  answers: RowAnswers,
  on: Pick<RowsQuestion, 'cloth' | 'second' | 'band'>,
  cards: readonly C[],
  ids: RowIds,
): RowSettings<C> {
  return Object.fromEntries(
    Object.entries(rowsOfProcedure(procedure)).map(([id, row]) => {
      const { cloth, operation } = rowSewnOn(row, on);
      const layers = layersOf(clothProfile(cloth), operation);
      const mine = idsOfRow(row, operation, ids);
      const alike = cards.filter(
        (card) => isOfFabrics(card, mine) && layersOfCard(card) === layers && fits(procedure, id, row, card.setup),
      );
      const own = alike.find((card) => proves(card, procedure.id, id) && isProofOf(card, mine, row.kind));
      if (own) return [id, { setup: own.setup, proof: 'operation', card: own }];
      const kin = alike.find((card) => isProofOf(card, mine, row.kind));
      const setup = kin?.setup ?? answers[id]?.setup ?? null;
      const card = setup && (alike.find((one) => sameStitch(one.setup, setup)) ?? null);
      return [id, { setup, proof: card ? 'stitch' : 'nothing', card }];
    }),
  );
}

/**
 * What each row is sewn with, where that is known.
 *
 * @param settings - of `settingsOfRows`
 * @returns null while the main row has no setting: without it nothing can be sewn
 */
export function setupsOf(settings: RowSettings<unknown>): RowSetups | null {
  const found = Object.fromEntries(
    Object.entries(settings).flatMap(([row, { setup }]) => (setup ? [[row, setup] as const] : [])),
  );
  return MAIN_ROW in found ? found : null;
}

/** Which fabrics a row is sewn on by id, and on which machine: a card of it says the same. */
export const idsOfRow = ({ of, kind }: Row, { second }: Operation, ids: RowIds) => {
  if (of === 'band') return { machineId: ids.machineId, clothId: ids.bandId ?? ids.clothId, secondId: null };
  const other = kind === 'band' ? (ids.bandId ?? ids.secondId) : ids.secondId;
  return { machineId: ids.machineId, clothId: ids.clothId, secondId: second ? other : null };
};

const proves = ({ proves: what }: Pick<TestedCard, 'proves'>, procedureId: string, row: string): boolean =>
  what?.procedureId === procedureId && (what.row ?? MAIN_ROW) === row;

const layersOfCard = ({ cloth, operation }: Pick<TestedCard, 'cloth' | 'operation'>): number =>
  layersOf(clothProfile(cloth), operation);

const fits = ({ needles }: Pick<Procedure, 'needles'>, id: string, { stitches }: Row, setup: Setup): boolean =>
  isTwin(setup.needle.point) === (needles === 'two' && id === MAIN_ROW) &&
  (stitches === undefined || stitches.includes(setup.stitch));

const sameStitch = (a: Setup, b: Setup): boolean =>
  a.needle.point === b.needle.point &&
  a.needle.nm === b.needle.nm &&
  a.needle.gapMm === b.needle.gapMm &&
  a.stitch === b.stitch &&
  a.foot === b.foot &&
  sameThread(a.thread, b.thread);

/** Rows that are pulled out again, or lie inside an allowance, need no scrap. */
const needsProof = ({ kind }: Pick<Row, 'kind'>) => OPERATION[kind].noScrap !== true;

/**
 * What is proven of an operation as a whole.
 *
 * @param procedure - the operation
 * @param settings - of `settingsOfRows`
 * @param sewn - ids of the rows that are sewn with its numbers
 * @returns `operation` when every row that needs a scrap was proven for it; `stitch` when its main row was sewn elsewhere; and the card that says so
 */
export function proofOfOperation<C>(
  procedure: Proven,
  settings: RowSettings<C>,
  sewn: readonly string[],
): { of: ProofOf; card: C | null } {
  const rows = rowsOfProcedure(procedure);
  const all = sewn.filter((id) => needsProof(rows[id]));
  const main = settings[MAIN_ROW] ?? { proof: 'nothing', card: null };
  const whole = all.length > 0 && all.every((id) => settings[id]?.proof === 'operation');
  if (whole) return { of: 'operation', card: settings[all.includes(MAIN_ROW) ? MAIN_ROW : all[0]].card };
  return main.proof === 'nothing' ? { of: 'nothing', card: null } : { of: 'stitch', card: main.card };
}

/** Rows of an operation that still want a scrap, in the order they are sewn. */
export const rowsToProve = (procedure: Proven, settings: RowSettings<unknown>, sewn: readonly string[]): string[] =>
  sewn.filter((id) => needsProof(rowsOfProcedure(procedure)[id]) && settings[id]?.proof !== 'operation');
