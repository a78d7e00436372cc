import { seeded } from '../random';
import { type Sign, SIGNS } from '../stitch';
import type { SewnLine } from './line';

/** The person who looks at a test: shares 0 … 1. */
export interface Observer {
  /** How many of the slight signs are overlooked. */
  missesSlight: number;
  /** How many of the signs that are not there are taken for slight ones. */
  invents: number;
}

/** Someone who sees everything, and nothing else. */
export const SEES_ALL: Observer = { missesSlight: 0, invents: 0 };

/**
 * What an observer says of a line.
 *
 * @param findings - what is there
 * @param observer - who looks
 * @param seed - the same seed overlooks and invents the same
 * @param among - signs that can be invented at all
 * @returns what is seen: plain and bad signs always, slight ones unless overlooked, and what is imagined
 */
export function observed<F extends { sign: Sign; severity: number }>(
  findings: readonly F[],
  { missesSlight, invents }: Observer,
  seed: number,
  among: readonly Sign[] = SIGNS,
): (F | SewnLine['findings'][number])[] {
  const { next } = seeded(seed ^ 0x0b5e);
  // Two numbers for each sign, whether or not it is there: what is seen of one never depends on another.
  const chance = new Map(SIGNS.map((sign) => [sign, { overlooks: next() < missesSlight, invents: next() < invents }]));
  const seen = findings.filter(({ sign, severity }) => severity > 1 || !chance.get(sign)?.overlooks);
  const invented = among.filter((sign) => chance.get(sign)?.invents && !findings.some((f) => f.sign === sign));
  return [...seen, ...invented.map((sign) => ({ sign, severity: 1 as const }))];
}
