import type { Card, Proves } from '../../card';
import { KNOWLEDGE } from '../../result';
import { operationTitle, type Operation, type Setup } from '../../setup';
import { type TestLine, newLine, type ScrapPlan, type Swatch, markedMm } from '../../swatch';
import { lowerFirst, type UnitSystem } from '../../units';

/** A swatch with the lines it begins with. */
export interface StartedSwatch {
  swatch: Swatch;
  lines: TestLine[];
}

/** What a swatch is for. */
export interface SwatchAbout {
  clothId: string;
  clothName: string;
  /** The second fabric, where two meet. */
  secondId: string | null;
  machineId: string;
  operation: Operation;
  /** The operation it is sewn for, and which of its rows; left out for the stitch alone. */
  proves?: Proves;
  /** What that is called; left out, what its kind is called. */
  called?: string;
  /** What the tables alone recommend for it; left out where nothing is possible by them. */
  answered?: Setup;
}

/** Makes keys, and says the moment. */
export interface Making {
  newId: () => string;
  /** ISO 8601. */
  at: string;
  /** In which system the person marks and measures; metric unless said. */
  system?: UnitSystem;
}

/**
 * A swatch as it was planned: its first test being sewn, the others planned, numbered in their order.
 *
 * @param about - fabrics, machine and operation
 * @param plan - lines in the order to sew them
 * @param making - keys and moment
 */
export function startSwatch(
  about: SwatchAbout,
  plan: Pick<ScrapPlan, 'lines' | 'spares'>,
  making: Making,
): StartedSwatch {
  const { clothId, clothName, secondId, machineId, operation, proves = null, called, answered } = about;
  const { newId, at, system = 'metric' } = making;
  const id = newId();
  const name = `${clothName}: ${called ? lowerFirst(called) : operationTitle(operation.kind)}`;
  return {
    swatch: {
      id,
      clothId,
      secondId,
      machineId,
      operation,
      proves,
      ...(answered && { answered }),
      startedAt: at,
      name,
      where: '',
      spares: plan.spares,
    },
    lines: plan.lines.map((line, i) =>
      newLine({
        ...line,
        id: newId(),
        swatchId: id,
        number: i + 1,
        sewnAt: at,
        status: i === 0 ? 'sewing' : 'planned',
        measures: { markedMm: markedMm(system) },
        knowledge: KNOWLEDGE,
      }),
    ),
  };
}

/**
 * A swatch of one line that proves a card again: the same setting, fabric, machine and operation.
 *
 * @param card - the card
 * @param making - keys and moment
 */
export function swatchToProveAgain(card: Card, { newId, at, system = 'metric' }: Making): StartedSwatch {
  const { clothId, secondId, machineId, operation, proves, name, where, setup, knowledge } = card;
  const id = newId();
  const line = newLine({
    id: newId(),
    swatchId: id,
    number: 1,
    setup,
    direction: operation.direction ?? 'across',
    sewnAt: at,
    provesCardId: card.id,
    measures: { markedMm: markedMm(system) },
    knowledge,
  });
  return {
    swatch: { id, clothId, secondId, machineId, operation, proves, startedAt: at, name, where, spares: [] },
    lines: [line],
  };
}
