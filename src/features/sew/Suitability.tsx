import { procedureName, type ProcedureId } from '@/core/procedure';
import { runs as store, useCloths } from '@/data';
import { FitsFabric } from '@/parts/sewing';
import { useAct } from '@/parts/workspace';
import { TEXT } from './text';
import type { RunNow } from './useRunNow';

/** Whether the operation suits the fabric; what to sew instead is one press away. */
export function Suitability({ now: { run, procedure, cloth } }: { now: RunNow }) {
  const act = useAct();
  const band = useCloths()?.find(({ id }) => id === run.bandClothId);
  if (!cloth) return null;
  const change = (to: ProcedureId) =>
    act(TEXT.changedTo(procedureName(to)), () =>
      store.change(run.id, (r) => r && { ...r, procedureId: to, answers: {} }),
    );
  return <FitsFabric procedure={procedure} cloth={cloth} band={band} onInstead={(to) => void change(to)} />;
}
