import type { Cloth } from '../../cloth';
import { FULL_KIT, isTwin, type Kit, type Machine, needleName, PLAIN_MACHINE } from '../../kit';
import { answer, type MatchAnswer, type MatchInput } from '../../match';
import { type Operation, type Setup, withPart } from '../../setup';
import { operationOfRow, type WithRows } from '../engine/givenOf';
import { rowsOfProcedure } from '../engine/rows';
import { MAIN_ROW, type Procedure, type Row } from '../engine/types';
import type { StepPlan } from './phrases';

/** What an operation is matched for: as a question of Match, without the seam, and with the band where one is sewn on. */
export type RowsQuestion = Omit<MatchInput, 'operation'> & {
  /** The other fabric, where two meet. */
  second?: Cloth;
  /** The fabric of the band. */
  band?: Cloth;
};

/**
 * A question of Match without its seam: each row has its own.
 *
 * @param input - asked for the main row
 * @param band - the fabric of the band, where one is sewn on
 */
export function rowsQuestion({ operation: { second }, ...rest }: MatchInput, band: Cloth | null = null): RowsQuestion {
  return { ...rest, ...(second && { second }), ...(band && { band }) };
}

/** What Match says for one row of an operation. */
export interface RowAnswer extends Pick<MatchAnswer, 'setup' | 'machineReads' | 'plan' | 'blocked' | 'cautions'> {
  /** The question it answers. */
  operation: Operation;
}

/** By the id of the row. */
export type RowAnswers = Readonly<Record<string, RowAnswer>>;

/** What is matched by, of an operation: plain data, which a worker can be sent. */
export type Matched = WithRows & Pick<Procedure, 'needles'>;

/**
 * Which fabrics a row goes through, and as which operation.
 *
 * @param row - one of `rowsOfProcedure`
 * @param on - the fabric, and the second or the band where there is one
 */
export function rowSewnOn(
  row: Row,
  { cloth, second, band }: Pick<RowsQuestion, 'cloth' | 'second' | 'band'>,
): { cloth: Cloth; operation: Operation } {
  if (row.of === 'band') return { cloth: band ?? cloth, operation: operationOfRow(row) };
  const other = row.kind === 'band' ? (band ?? second) : second;
  return { cloth, operation: { ...operationOfRow(row), ...(other && { second: other }) } };
}

/**
 * Every row of an operation matched as what it is, under the conditions that the operation itself makes.
 *
 * @param procedure - the operation
 * @param question - fabrics, machine, kit and cards; schools as the operation's answers settle them
 * @returns an answer for each row; a setup of null says why in `blocked`
 */
export function matchRows(procedure: Matched, question: RowsQuestion): RowAnswers {
  const { cloth: whole, second, band, ...rest } = question;
  return Object.fromEntries(
    Object.entries(rowsOfProcedure(procedure)).map(([id, row]) => {
      const { cloth, operation } = rowSewnOn(row, { cloth: whole, second, band });
      const found = answer({
        ...rest,
        cloth,
        operation,
        machine: machineFor(row, rest.machine ?? PLAIN_MACHINE),
        kit: kitFor(procedure, id, rest.kit ?? FULL_KIT),
      });
      const { setup, machineReads, plan, blocked, cautions } = found;
      return [id, { operation, setup, machineReads, plan, blocked, cautions }];
    }),
  );
}

/**
 * What a row would be sewn with if it were sewn all the same, though Match refuses it in this fabric: the setting of a plain
 * seam with a stitch of the row. Said only where the word against it stands beside it.
 *
 * @param row - the row
 * @param question - fabrics, machine, kit and cards
 * @returns null where the machine has no such stitch, or nothing at all is safe
 */
export function nominalSetup(row: Row, question: Omit<RowsQuestion, 'second' | 'band'>): Setup | null {
  const machine = question.machine ?? PLAIN_MACHINE;
  const { setup } = answer({ ...question, operation: { kind: 'join' } });
  const stitch = (row.stitches ?? ['straight']).find((one) => machine.stitches.includes(one));
  return setup && stitch ? withPart({ ...setup, plate: 'standard' }, 'stitch', stitch) : null;
}

/** The machine with those stitches only that the operation is sewn with. */
const machineFor = ({ stitches }: Row, machine: Machine): Machine =>
  stitches ? { ...machine, stitches: machine.stitches.filter((stitch) => stitches.includes(stitch)) } : machine;

/** The needles an operation is sewn with: two in one holder, or one. */
function kitFor({ needles }: Pick<Procedure, 'needles'>, row: string, kit: Kit): Kit {
  const two = needles === 'two' && row === MAIN_ROW;
  const fitting = kit.needles.filter(({ point }) => isTwin(point) === two);
  // A kit without any keeps its own refusal.
  return fitting.length > 0 || two ? { ...kit, needles: fitting } : kit;
}

/** What the steps of a row speak of. */
export const planOfRow = ({ plan, setup }: Pick<RowAnswer, 'plan' | 'setup'>): StepPlan => ({
  ...plan,
  ...(setup && { needle: needleName(setup.needle) }),
});

/** What of an operation is matched by. */
export const matchedBy = ({ name, kind, main, rows, needles }: Matched): Matched => ({
  name,
  kind,
  main,
  rows,
  needles,
});
