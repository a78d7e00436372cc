import { addAmount, type AmountEntry } from '@/core/result';
import { wornHours } from '@/core/kit';
import { amountId } from './amountId';
import { edit } from './edits';
import { machines, needles, onMachines } from './repositories';

/** What was sewn: which cloth of the drawer, where it is one, and its name and kind. */
export interface SewnFabric {
  id?: string;
  name: string;
  family: string;
}

/**
 * Counts sewing: the hours of the machine, and of the needle that is in it, faster on cloth that wears needles.
 *
 * What one device counts on one day is one entry, of a needle one for each cloth.
 *
 * @param machineId - the machine
 * @param minutes - minutes the needle ran; below 0 takes back what was counted before
 * @param cloth - what was sewn
 */
export async function countSewing(machineId: string, minutes: number, cloth: SewnFabric): Promise<void> {
  const sign = minutes < 0 ? -1 : 1;
  const worn = sign * wornHours(Math.abs(minutes), cloth.family);
  await edit('Sewing time counted', async () => {
    const { id, at } = amountId();
    const add = (entries: readonly AmountEntry[], by: number) => addAmount(entries, { id, at, by });
    await machines.change(machineId, (m) => m && { ...m, sewn: add(m.sewn, minutes / 60) });
    const on = await onMachines.get(machineId);
    if (!on) return;
    if (on.needleId === null) await onMachines.put({ ...on, needleSewn: add(on.needleSewn, worn) });
    else {
      const what = { what: cloth.name, ...(cloth.id !== undefined && { clothId: cloth.id }) };
      const entry = { id: `${id}-${cloth.id ?? cloth.name}`.slice(0, 80), at, by: worn, ...what };
      await needles.change(on.needleId, (needle) => needle && { ...needle, sewn: addAmount(needle.sewn, entry) });
    }
  });
}
