import { wornHours } from '@/core/kit';
import type { NeedleRecord } from '@/core/file';
import { edit } from './edits';
import { machines, needles, onMachines } from './repositories';

/** The newest cloths a needle remembers. */
const REMEMBERED = 60;

/**
 * Counts sewing: the hours of the machine, and of the needle that is in it, faster on cloth that wears needles.
 *
 * @param machineId - the machine
 * @param minutes - minutes the needle ran; below 0 takes back what was counted before
 * @param cloth - what was sewn
 */
export async function countSewing(
  machineId: string,
  minutes: number,
  cloth: { name: string; family: string },
): Promise<void> {
  const sign = minutes < 0 ? -1 : 1;
  const worn = sign * wornHours(Math.abs(minutes), cloth.family);
  await edit('Sewing time counted', async () => {
    await machines.change(machineId, (m) => m && { ...m, sewnHours: Math.max(0, m.sewnHours + minutes / 60) });
    const on = await onMachines.get(machineId);
    if (!on) return;
    await onMachines.put({ ...on, needleHours: clamp(on.needleHours + worn) });
    if (on.needleId) await needles.change(on.needleId, (needle) => needle && sewn(needle, cloth.name, worn));
  });
}

const clamp = (hours: number) => Math.min(1000, Math.max(0, hours));

function sewn(needle: NeedleRecord, what: string, hours: number): NeedleRecord {
  const before = needle.sewed.find((s) => s.what === what)?.hours ?? 0;
  const others = needle.sewed.filter((s) => s.what !== what);
  return {
    ...needle,
    hours: clamp(needle.hours + hours),
    sewed: [...(before + hours > 1e-9 ? [{ what, hours: before + hours }] : []), ...others].slice(0, REMEMBERED),
  };
}
