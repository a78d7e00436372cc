import { formatMm, formatNumber, lengthPrinter, lengthWords, type UnitSystem, withLengths } from '../../units';
import type { Numbers, Procedure } from './types';

/** Prints the texts and lengths of one operation in the person's units. */
export interface ProcedurePrinter {
  /** A text of the operation with its numbers in it. */
  fill: (text: string) => string;
  /** A length on its drawing. */
  length: (mm: number) => string;
}

/**
 * How an operation is printed: its numbers as a whole, so that what adds up also adds up in inches.
 *
 * Stitch lengths and widths (what a step sets, or an answer in `stitch-mm`) stay in mm, as dials are.
 *
 * @param procedure - the operation
 * @param numbers - of `workOut`; empty while there are none
 * @param system - metric or inch
 */
export function procedurePrinter(
  procedure: Pick<Procedure, 'asks' | 'steps' | 'adds'>,
  numbers: Numbers,
  system: UnitSystem,
): ProcedurePrinter {
  const stitches = stitchNames(procedure);
  const sets = (procedure.adds ?? [])
    .filter(([parts, whole]) => [...parts, whole].every((name) => name in numbers))
    .map(([parts, whole]) => ({ parts: parts.map((name) => numbers[name]), whole: numbers[whole] }));
  const printed = lengthPrinter(
    system,
    sets.flatMap(({ parts, whole }) => [...parts, whole]),
    sets,
  );
  const { round, thread } = lengthWords(system);
  const words = { length: printed, round, thread };
  return {
    length: printed,
    fill: (text) =>
      withLengths(
        fillIn(text, numbers, (name, value) => (stitches.has(name) ? formatMm(value) : printed(value))),
        words,
      ),
  };
}

/** Names of the numbers that are set on the machine. */
function stitchNames({ asks, steps }: Pick<Procedure, 'asks' | 'steps'>): Set<string> {
  const asked = asks.filter(({ unit }) => unit === 'stitch-mm').map(({ key }) => key);
  const set = steps.flatMap(({ atMm, machine }) => [atMm, machine?.widthMm]);
  return new Set([...asked, ...set].filter((name) => name !== undefined));
}

const SLOT = /\{([a-z]\w*)(:n(?: ([^|}]+)\|([^}]+))?)?\}/gi;

/**
 * A sentence with the numbers of an operation in it.
 *
 * @param text - `{name}` stands for a length, `{name:n}` for a plain number, `{name:n slit|slits}` for a number and its noun
 * @param numbers - by name
 * @param length - prints a length, by its name
 * @throws when the text names a number that is not there
 * @example
 * fillIn('Sew {first}: {count:n stitch|stitches}.', { first: 6, count: 40 }, (name, mm) => `${mm} mm`) // => 'Sew 6 mm: 40 stitches.'
 */
export function fillIn(text: string, numbers: Numbers, length: (name: string, mm: number) => string): string {
  return text.replaceAll(SLOT, (_, name: string, plain?: string, one?: string, many?: string) => {
    const value = numbers[name];
    if (value === undefined) throw new Error(`fillIn: expected a number named ${name}, got none`);
    if (!plain) return length(name, value);
    const number = formatNumber(value, 0);
    return one ? `${number} ${number === '1' ? one : many}` : number;
  });
}
