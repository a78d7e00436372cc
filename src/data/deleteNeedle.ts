import { needleHours } from '@/core/kit';
import { amountId } from './amountId';
import { edit } from './edits';
import { needles, onMachines } from './repositories';

/** Takes a needle out of the stock; one that is in a machine stays there, with the hours it has sewn. */
export async function deleteNeedle(id: string): Promise<void> {
  await edit(null, async () => {
    const needle = await needles.get(id);
    const hours = needle ? needleHours(needle) : 0;
    for (const on of await onMachines.all()) {
      if (on.needleId !== id) continue;
      await onMachines.put({ ...on, needleId: null, needleSewn: hours > 0 ? [{ ...amountId(), by: hours }] : [] });
    }
    await needles.remove(id);
  });
}
