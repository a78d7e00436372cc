import { database } from './database';

/**
 * Takes a needle out of the tin; a machine it is in keeps its hours, as a needle that is not in the tin.
 *
 * @param id - the needle
 * @returns how to put it back, into the machine as well
 */
export async function removeNeedle(id: string): Promise<() => Promise<void>> {
  const tables = [database.needles, database.onMachine];
  return database.transaction('rw', tables, async () => {
    const needle = await database.needles.get(id);
    const machines = await database.onMachine.filter((on) => on.needleId === id).primaryKeys();
    const put = async (needleId: string | null) => {
      await database.onMachine.where('machineId').anyOf(machines).modify({ needleId });
    };
    await put(null);
    await database.needles.delete(id);
    return () =>
      database.transaction('rw', tables, async () => {
        if (needle) await database.needles.put(needle);
        await put(id);
      });
  });
}
