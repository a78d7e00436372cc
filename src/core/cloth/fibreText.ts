import type { Cloth } from './cloth';

/**
 * Fibres as people write them on a label.
 *
 * @param fibres - percent by fibre
 * @returns for example `cotton 95, elastane 5`; empty when none are known
 * @example
 * fibreText({ cotton: 95, elastane: 5 }) // => 'cotton 95, elastane 5'
 */
export function fibreText(fibres: Cloth['fibres']): string {
  return Object.entries(fibres ?? {})
    .map(([name, part]) => `${name} ${part}`)
    .join(', ');
}

const PART = /^(?:(?<before>[\d.,]+)\s*%?\s*(?<name>[\p{L} -]+)|(?<word>[\p{L} -]+?)\s*(?<after>[\d.,]+)\s*%?)$/u;

/**
 * Reads `cotton 95, elastane 5` or `95% cotton, 5% elastane`; a single fibre without a number is all of it.
 *
 * @param text - what was written
 * @returns percent by fibre; undefined for an empty text, null when it cannot be read
 * @example
 * parseFibres('95 % cotton, 5 % elastane') // => { cotton: 95, elastane: 5 }
 * parseFibres('linen') // => { linen: 100 }
 * parseFibres('5') // => null
 */
export function parseFibres(text: string): Cloth['fibres'] | null {
  const trimmed = text.trim();
  if (trimmed === '') return undefined;
  if (/^[\p{L} -]+$/u.test(trimmed)) return { [trimmed.toLowerCase()]: 100 };
  const fibres: Record<string, number> = {};
  for (const piece of trimmed.split(/[,;/]\s*(?=\D|\d+\s*%)/)) {
    const found = PART.exec(piece.trim())?.groups;
    if (!found) return null;
    const name = (found.name ?? found.word).trim().toLowerCase();
    fibres[name] = Number((found.before ?? found.after).replace(',', '.'));
  }
  return fibres;
}
