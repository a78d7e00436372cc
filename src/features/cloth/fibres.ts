import { type Cloth, parseFibres } from '@/core/cloth';
import type { Typed } from '@/ui';

/** Reads fibres typed into a field. */
export function readFibres(text: string): Typed<Cloth['fibres']> {
  const fibres = parseFibres(text);
  return fibres === null
    ? { ok: false, expected: 'Expected fibres with percents, such as "cotton 95, elastane 5".' }
    : { ok: true, value: fibres };
}
