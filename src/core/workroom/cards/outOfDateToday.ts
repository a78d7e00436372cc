import { type Card, type StaleReason, staleReasons } from '../../card';
import { clothOf } from '../../cloth';
import {
  type CareRecord,
  type ClothRecord,
  hoursInMachine,
  type KitRecord,
  type MachineRecord,
  type NeedleRecord,
  type OnMachine,
  type ThreadRecord,
} from '../../file';

/** What of a workroom decides whether its cards still hold. */
export interface CardsKeptIn {
  machines: readonly MachineRecord[];
  care: readonly CareRecord[];
  cloths: readonly ClothRecord[];
  stock: readonly NeedleRecord[];
  spools: readonly ThreadRecord[];
  /** Whether only what is owned may be used, or anything may be bought. */
  kit: Pick<KitRecord, 'needles' | 'threads'>;
  onMachines: readonly OnMachine[];
  /** Hours a needle is kept; null where hours do not decide. */
  needleLifeHours: number | null;
}

/**
 * Says of any card why it is out of date, as the workroom is today.
 *
 * What is on a machine counts only while that machine is set for the card's own fabric.
 *
 * @param workroom - machines, care, fabrics, needles and threads
 * @returns a function from a card to its reasons; none for a card that holds
 */
export function outOfDateToday(workroom: CardsKeptIn): (card: Card) => StaleReason[] {
  const { machines, care, cloths, stock, spools, kit, onMachines, needleLifeHours } = workroom;
  const needles = kit.needles === 'owned' ? stock.filter((n) => n.spent === null).map((n) => n.needle) : null;
  const threads = kit.threads === 'owned' ? spools.map((spool) => spool.thread) : null;
  return (card) => {
    const cloth = cloths.find((c) => c.id === card.clothId);
    const on = onMachines.find((o) => o.machineId === card.machineId && o.clothId === card.clothId);
    return staleReasons(card, {
      machine: machines.find((m) => m.id === card.machineId)?.machine ?? null,
      servicedAt: care.filter((c) => c.machineId === card.machineId && c.kind === 'service').map((c) => c.at),
      cloth: cloth ? clothOf(cloth) : null,
      needles,
      threads,
      on: on ? { setup: on.setup, needleHours: hoursInMachine(on, stock) } : null,
      needleLifeHours,
    });
  };
}
