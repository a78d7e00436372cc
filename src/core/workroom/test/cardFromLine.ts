import type { Card } from '../../card';
import { clothOf } from '../../cloth';
import type { ClothRecord, MachineRecord } from '../../file';
import type { TestLine, Swatch } from '../../swatch';
import type { Setup } from '../../setup';
import type { NewlyMade } from './nextTestLine';

/** A line that passed, and all it was sewn on. */
export interface PassedOn {
  line: TestLine;
  swatch: Swatch;
  cloth: ClothRecord;
  machine: MachineRecord;
  /** The setting its scrap began with: what was recommended then. */
  answered?: Setup;
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
  const { line, swatch, cloth, machine, answered, before, because } = passed;
  return {
    id: before?.id ?? id,
    name: before?.name ?? swatch.name,
    passedAt: at,
    clothId: cloth.id,
    cloth: clothOf(cloth),
    operation: swatch.operation,
    secondId: swatch.secondId,
    proves: swatch.proves,
    knowledge: line.knowledge,
    ...(answered && line.knowledge !== '' && { answered }),
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
