import { parseQuantity } from './quantity';

/** The same thread in every numbering system. */
export interface ThreadNumbers {
  tex: number;
  denier: number;
  ticket: number;
  weight: number;
  cottonCount: number;
  metricCount: number;
  cottonTicket: number;
}

/** How each system counts: `direct` grows with thickness, `inverse` shrinks (value = k / Tex). */
const SYSTEM: Record<keyof ThreadNumbers, { direct?: number; inverse?: number; words: string[] }> = {
  tex: { direct: 1, words: ['tex'] },
  denier: { direct: 9, words: ['den', 'denier', 'd'] },
  ticket: { inverse: 3000, words: ['tkt', 'ticket', 'no', 'no.'] },
  weight: { inverse: 1000, words: ['wt', 'weight'] },
  cottonCount: { inverse: 590.5, words: ['ne', 'nec', 'cotton count'] },
  metricCount: { inverse: 1000, words: ['nm', 'metric count'] },
  cottonTicket: { inverse: 1770, words: ['cotton ticket'] },
};

/** A tenth of a Tex: printed on some spools, counted in by nobody. */
const DECITEX = ['dtex', 'decitex'];

/** The names of the thread numbering systems. */
export const THREAD_SYSTEMS = Object.keys(SYSTEM) as (keyof ThreadNumbers)[];

/**
 * Linear density in Tex from a number in any system.
 *
 * Tex is g per 1000 m (ISO 1144). Synthetic ticket ≈ 3000/Tex, cotton ticket ≈ 1770/Tex; "weight" ≈ 1000/Tex and cotton count 590.5/Tex.
 * Labels round, so a ticket printed on a spool is only near its Tex.
 *
 * @param system - the numbering system
 * @param value - the number in it, above 0
 * @returns Tex
 * @throws when the number is not above 0
 * @example
 * texFrom('ticket', 75) // => 40
 * texFrom('denier', 243) // => 27
 */
export function texFrom(system: keyof ThreadNumbers, value: number): number {
  if (!(value > 0)) throw new Error(`texFrom: expected a number above 0, got ${value}`);
  const { direct, inverse } = SYSTEM[system];
  return direct ? value / direct : inverse! / value;
}

/**
 * A thread in every numbering system.
 *
 * @param tex - g per 1000 m, above 0
 * @returns all of the numbers
 * @throws when Tex is not above 0
 * @example
 * threadNumbers(40).ticket // => 75
 * threadNumbers(27).denier // => 243
 */
export function threadNumbers(tex: number): ThreadNumbers {
  if (!(tex > 0)) throw new Error(`threadNumbers: expected Tex above 0, got ${tex}`);
  const entries = THREAD_SYSTEMS.map((name) => {
    const { direct, inverse } = SYSTEM[name];
    return [name, direct ? tex * direct : inverse! / tex] as const;
  });
  return Object.fromEntries(entries) as unknown as ThreadNumbers;
}

/**
 * Reads a thread number as printed on a spool.
 *
 * @param text - for example `Tex 27`, `Tkt 120`, `40 wt`, `243 den`; a bare number is Tex
 * @returns Tex, or null when it is not a thread number
 * @example
 * parseThreadTex('Tkt 75') // => 40
 * parseThreadTex('40 wt') // => 25
 * parseThreadTex('270 dtex') // => 27
 */
export function parseThreadTex(text: string): number | null {
  const read = parseQuantity(text);
  if (!read || read.value <= 0) return null;
  if (read.unit === '') return read.value;
  if (DECITEX.includes(read.unit)) return read.value / 10;
  const system = THREAD_SYSTEMS.find((name) => SYSTEM[name].words.includes(read.unit));
  return system ? texFrom(system, read.value) : null;
}
