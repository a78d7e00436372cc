import { hoursInMachine, type NeedleRecord, type OnMachine } from '../../file';
import { type Needle, needleHours, needleState, type NeedleState, nextNeedle, sameNeedle } from '../../kit';

/** The needle that is in a machine, and what else there is of its kind. */
export interface NeedleNow {
  hours: number;
  /** Hours a needle is kept; null where hours do not decide. */
  lifeHours: number | null;
  state: NeedleState;
  /** Unspent needles like it that are not in this machine. */
  others: NeedleRecord[];
}

/**
 * Which needle of the stock goes in when a setting asks for one.
 *
 * @param stock - all needles kept
 * @param wanted - kind and size
 * @param lifeHours - hours a needle is kept; null where hours do not decide
 * @returns the needle; null when none of that kind is fit to sew
 */
export function needleToPutIn(
  stock: readonly NeedleRecord[],
  wanted: Needle,
  lifeHours: number | null,
): NeedleRecord | null {
  const alike = stock.filter(({ needle }) => sameNeedle(needle, wanted));
  const counted = alike.map((record) => ({
    id: record.id,
    addedAt: record.addedAt,
    hours: needleHours(record),
    spent: record.spent !== null,
    record,
  }));
  return nextNeedle(counted, lifeHours)?.record ?? null;
}

/**
 * What is on a machine once a needle has been put in: that needle, with no hours but its own.
 *
 * @param needle - of the stock; null for one that is not in the stock, which begins at 0
 */
export const needleIn = (needle: Pick<NeedleRecord, 'id'> | null): Pick<OnMachine, 'needleId' | 'needleSewn'> => ({
  needleId: needle?.id ?? null,
  needleSewn: [],
});

/**
 * How the needle in a machine stands, and which could take its place.
 *
 * @param on - what is on the machine; null when nobody has said
 * @param stock - all needles kept
 * @param lifeHours - hours a needle is kept; null where hours do not decide
 */
export function needleNow(on: OnMachine | null, stock: readonly NeedleRecord[], lifeHours: number | null): NeedleNow {
  if (!on) return { hours: 0, lifeHours, state: needleState({ hours: 0, spent: false }, lifeHours), others: [] };
  const record = stock.find((n) => n.id === on.needleId);
  const hours = hoursInMachine(on, stock);
  const others = stock.filter((n) => n.spent === null && n.id !== on.needleId && sameNeedle(n.needle, on.setup.needle));
  return { hours, lifeHours, state: needleState({ hours, spent: Boolean(record?.spent) }, lifeHours), others };
}
