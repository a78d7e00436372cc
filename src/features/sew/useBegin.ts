import { useRouter } from 'next/navigation';
import type { Closed } from '@/core/interlock';
import { MAIN_ROW, rowsSewn, sewnByMachine, usualOf } from '@/core/procedure';
import { runs as store } from '@/data';
import { useAct } from '@/parts/workspace';
import { clashesOfAll } from './Clashes';
import { TEXT } from './text';
import type { RunNow } from './useRunNow';

/** Whether the operation can be begun, what is in the way on this machine, and the two ways on. */
export function useBegin(now: RunNow): {
  ready: boolean;
  clashes: Closed[];
  begin: () => Promise<void>;
  remove: () => Promise<void>;
} {
  const { run, procedure, given, worked, cloth, machine, setups, rows, steps, save } = now;
  const router = useRouter();
  const act = useAct();
  const machined = sewnByMachine(procedure);
  const clashes = worked.ok && machined ? clashesOfAll(now, worked.numbers) : [];
  const set = !machined || (setups !== null && rowsSewn(steps).every((row) => setups[row]));
  const begin = async () => {
    // The answers nobody touched are kept as well: what is usual may be another number tomorrow.
    const answers = Object.fromEntries(
      procedure.asks.map((ask) => [ask.key, run.answers[ask.key] ?? usualOf(ask, given)]),
    );
    const { [MAIN_ROW]: main, ...others } = setups ?? {};
    const cardId = rows?.settings[MAIN_ROW]?.card?.id;
    await save(() => ({
      status: 'sewing',
      answers,
      setup: main,
      ...(Object.keys(others).length > 0 && { rows: others }),
      cardId,
    }));
  };
  const remove = async () => {
    await act(TEXT.cancelled(procedure.name), () => store.remove(run.id));
    router.push('/sew');
  };
  return {
    ready: worked.ok && cloth !== null && machine !== null && set && clashes.length === 0,
    clashes,
    begin,
    remove,
  };
}
