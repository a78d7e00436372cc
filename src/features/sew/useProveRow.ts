import { clothOf } from '@/core/cloth';
import { idsOfRow, MAIN_ROW, rowsOfProcedure, rowSewnOn } from '@/core/procedure';
import { useCloths } from '@/data';
import { useAskOf } from '@/parts/learned';
import { useStartScrap } from '@/parts/scrap';
import { useSay } from '@/parts/workspace';
import { TEXT } from './text';
import type { RunNow } from './useRunNow';

/** Starts the swatch for one row of the current operation: its own layers, its own setting. */
export function useProveRow({ run, procedure, cloth, machine, setups }: RunNow): (row: string) => Promise<void> {
  const cloths = useCloths();
  const askOf = useAskOf(machine);
  const start = useStartScrap();
  const say = useSay();
  return async (row) => {
    const setup = setups?.[row];
    if (!cloth || !machine || !cloths || !askOf || !setup) return void say(TEXT.stillLooking);
    const known = (id: string | null | undefined) => cloths.find((one) => one.id === id) ?? null;
    const facts = rowsOfProcedure(procedure)[row];
    const [second, band] = [known(run.secondClothId), known(run.bandClothId)];
    const { operation } = rowSewnOn(facts, {
      cloth: clothOf(cloth),
      ...(second && { second: clothOf(second) }),
      ...(band && { band: clothOf(band) }),
    });
    const ids = idsOfRow(facts, operation, { clothId: cloth.id, secondId: second?.id, bandId: band?.id });
    const on = known(ids.clothId) ?? cloth;
    const secondId = ids.secondId ?? null;
    await start({
      clothId: on.id,
      clothName: on.cloth.name,
      secondId,
      machineId: machine.id,
      operation,
      input: askOf(on, operation, procedure.schools?.(run.answers), secondId),
      setup,
      proves: { procedureId: procedure.id, row },
      called: row === MAIN_ROW ? procedure.name : `${procedure.name}: ${facts.name.toLowerCase()}`,
    });
  };
}
