import type { Card } from '../../card';
import { clothOf } from '../../cloth';
import type { ClothRecord, MachineRecord } from '../../file';
import type { TestLine, Swatch } from '../../swatch';
import type { NewlyMade } from './nextTestLine';

/** A line that passed, and all it was sewn on. */
export interface PassedOn {
  line: TestLine;
  swatch: Swatch;
  cloth: ClothRecord;
  machine: MachineRecord;
  /** The card it was to prove again, as it is now. */
  before?: Card;
  /** What had made that card out of date. */
  because: readonly string[];
}

/**
 * The card of a line that passed, with the fabric and the machine frozen as they were.
 *
 * A card that was proven again keeps its id, name, notes and photo, and lists what it was proven again for.
 *
 * @param passed - the line, its swatch, fabric and machine, and the card it proves again
 * @param made - key and moment; a card proven again takes the key for its new entry only
 */
export function cardFromLine(passed: PassedOn, { id, at }: NewlyMade): Card {
  const { line, swatch, cloth, machine, before, because } = passed;
  // Tested again, a card still rests on what was recommended when it was made.
  const { knowledge, answered } = before ?? { knowledge: line.knowledge, answered: swatch.answered };
  return {
    id: before?.id ?? id,
    name: before?.name ?? swatch.name,
    passedAt: at,
    clothId: cloth.id,
    cloth: clothOf(cloth),
    operation: swatch.operation,
    secondId: swatch.secondId,
    proves: swatch.proves,
    knowledge,
    ...(answered && { answered }),
    machineId: machine.id,
    machine: machine.machine,
    setup: line.setup,
    measures: line.measures,
    lineId: line.id,
    notes: before ? before.notes : line.notes,
    where: swatch.where || (before?.where ?? ''),
    photoId: before?.photoId,
    simulated: line.simulated !== undefined,
    provenAgain: before ? [...before.provenAgain, { id, at, lineId: line.id, because: [...because] }] : [],
  };
}
