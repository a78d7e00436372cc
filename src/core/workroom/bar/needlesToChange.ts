import { hoursInMachine, type NeedleRecord, type OnMachine } from '../../file';
import { type Needle, needleHours, needleState } from '../../kit';

/** A needle that is near its hours or past them. */
export interface WornNeedle {
  /** The machine it is in; null for one that is in none. */
  machineId: string | null;
  /** Its key in the stock; null for one that is not in the stock. */
  needleId: string | null;
  needle: Needle;
  hours: number;
}

/**
 * Needles that will soon have sewn their hours: those in machines first, then those kept.
 *
 * @param machines - what is on each machine
 * @param stock - all needles kept
 * @param lifeHours - hours a needle is kept; null where hours do not decide
 * @returns none where hours do not decide
 */
export function needlesToChange(
  machines: readonly OnMachine[],
  stock: readonly NeedleRecord[],
  lifeHours: number | null,
): WornNeedle[] {
  const isNear = (hours: number) => ['near', 'past'].includes(needleState({ hours, spent: false }, lifeHours));
  const inMachines = machines.map((on): WornNeedle => ({
    machineId: on.machineId,
    needleId: on.needleId,
    needle: on.setup.needle,
    hours: hoursInMachine(on, stock),
  }));
  const kept = stock
    .filter((n) => n.spent === null && !machines.some((on) => on.needleId === n.id))
    .map((n): WornNeedle => ({ machineId: null, needleId: n.id, needle: n.needle, hours: needleHours(n) }));
  return [...inMachines, ...kept].filter(({ hours }) => isNear(hours));
}
