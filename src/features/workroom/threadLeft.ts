import { lengthAsk, type QuantityAsk, type UnitSystem } from '@/core/units';

/** How much thread is left on a spool: metres or yards, as spools are sold. */
export const threadLeftAsk = (system: UnitSystem): QuantityAsk =>
  lengthAsk(system, 100_000, { least: 0, most: 50_000_000 });
