import type { NextStep } from '../../diagnose';
import { isPlanned, type TestLine, newLine, replanned } from '../../swatch';

/**
 * The number the next sewn line of a swatch gets: after all that were sewn, before those still planned.
 *
 * @param lines - of one swatch
 * @returns 1 where none was sewn
 */
export const nextLineNumber = (lines: readonly Pick<TestLine, 'status' | 'number'>[]): number =>
  1 + Math.max(0, ...lines.filter((line) => !isPlanned(line)).map(({ number }) => number));

/** What a line begins with that only the moment knows. */
export interface NewlyMade {
  id: string;
  /** The moment, ISO 8601. */
  at: string;
}

/**
 * The next line of a swatch: like another one, with the one thing changed that the diagnosis named.
 *
 * It comes before the lines still planned. Those move up, and follow the new setting, each still varying only its own reading.
 *
 * @param lines - of the swatch
 * @param from - the line it is made from
 * @param made - its key and moment
 * @param step - what to change; left out for the same again
 * @returns the line, then every planned line as it is now
 */
export function nextTestLine(
  lines: readonly TestLine[],
  from: TestLine,
  { id, at }: NewlyMade,
  step?: Pick<NextStep, 'change' | 'setup'>,
): [TestLine, ...TestLine[]] {
  const number = nextLineNumber(lines);
  const setup = step?.setup ?? from.setup;
  const line = newLine({
    id,
    swatchId: from.swatchId,
    number,
    setup,
    direction: from.direction,
    measures: { markedMm: from.measures.markedMm },
    sewnAt: at,
    change: step?.change,
    knowledge: from.knowledge,
    provesCardId: from.provesCardId,
  });
  const planned = lines
    .filter(isPlanned)
    .map((l, i) => ({ ...l, number: number + 1 + i, setup: step ? replanned(l, setup) : l.setup }));
  return [line, ...planned];
}
