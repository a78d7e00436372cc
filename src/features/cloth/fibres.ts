import type { Cloth } from '@/core/cloth';
import type { Typed } from '@/ui';

/** Fibres as people write them on a label. */
export function fibresText(fibres: Cloth['fibres']): string {
  return Object.entries(fibres ?? {})
    .map(([name, part]) => `${name} ${part}`)
    .join(', ');
}

const PART = /^(?:(?<before>[\d.,]+)\s*%?\s*(?<name>[\p{L} -]+)|(?<word>[\p{L} -]+?)\s*(?<after>[\d.,]+)\s*%?)$/u;

/** Reads `cotton 95, elastane 5` or `95% cotton, 5% elastane`; a single fibre without a number is all of it. */
export function readFibres(text: string): Typed<Cloth['fibres']> {
  if (text.trim() === '') return { ok: true, value: undefined };
  const expected = 'Expected fibres with percents, such as "cotton 95, elastane 5".';
  if (/^[\p{L} -]+$/u.test(text.trim())) return { ok: true, value: { [text.trim().toLowerCase()]: 100 } };
  const fibres: Record<string, number> = {};
  for (const piece of text.split(/[,;/]\s*(?=\D|\d+\s*%)/)) {
    const found = PART.exec(piece.trim())?.groups;
    if (!found) return { ok: false, expected };
    const name = (found.name ?? found.word).trim().toLowerCase();
    fibres[name] = Number((found.before ?? found.after).replace(',', '.'));
  }
  return { ok: true, value: fibres };
}
