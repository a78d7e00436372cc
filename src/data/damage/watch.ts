import { followHistory, historyNow } from '../edits';
import { findDamage } from './find';
import { setDamage, damageNow } from './state';

/** Looks through the workroom again. */
async function lookForDamage(): Promise<void> {
  setDamage(await findDamage());
}

/**
 * Looks through the workroom when it is opened, and again after what may have mended or damaged it: a change of the
 * whole, something set aside or put back, and anything at all while something is wrong.
 *
 * @param onError - told when looking fails
 * @returns how to stop
 */
export function watchDamage(onError: (cause: unknown) => void): () => void {
  let seen = historyNow();
  const look = () => void lookForDamage().catch(onError);
  look();
  return followHistory(() => {
    const now = historyNow();
    const entry = now.done.length >= seen.done.length ? now.done.at(-1) : now.undone.at(-1);
    seen = now;
    const touches = entry?.whole !== undefined || entry?.changes.some(({ table }) => table === 'setAside');
    if (touches || damageNow().length > 0) look();
  });
}
