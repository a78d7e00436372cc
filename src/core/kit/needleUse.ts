import { amountOf } from '../result';

/** One share of what a needle has sewn, with the cloth where it is known: its id, and what it was called then. */
export interface NeedleUse {
  at: string;
  /** Hours. */
  by: number;
  clothId?: string;
  what?: string;
}

/** Hours a needle has sewn. */
export const needleHours = ({ sewn }: { sewn: readonly { by: number }[] }): number => amountOf(sewn);

/**
 * What a needle has sewn.
 *
 * @param needle - its entries
 * @returns hours by cloth, the one it sewed last first
 */
export function sewedBy({ sewn }: { sewn: readonly NeedleUse[] }): { what: string; hours: number }[] {
  const newestFirst = [...sewn].sort((a, b) => (a.at < b.at ? 1 : a.at > b.at ? -1 : 0));
  const byCloth = new Map<string, { what: string; entries: NeedleUse[] }>();
  for (const entry of newestFirst) {
    if (entry.what === undefined) continue;
    const key = entry.clothId ?? entry.what;
    const one = byCloth.get(key) ?? { what: entry.what, entries: [] };
    byCloth.set(key, { ...one, entries: [...one.entries, entry] });
  }
  return [...byCloth.values()]
    .map(({ what, entries }) => ({ what, hours: amountOf(entries) }))
    .filter(({ hours }) => hours > 0);
}

/** Metres left on a spool; undefined while nobody has said. */
export const metresLeft = ({ metres }: { metres: readonly { by: number }[] }): number | undefined =>
  metres.length === 0 ? undefined : amountOf(metres);
