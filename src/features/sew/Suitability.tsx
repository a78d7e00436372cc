import Button from '@mui/material/Button';
import { clothOf, clothProfile } from '@/core/cloth';
import { procedureName, type ProcedureId, suits } from '@/core/procedure';
import { runs as store, useCloths } from '@/data';
import { useAct, useUnits } from '@/parts/workspace';
import { CautionAlert, StopAlert } from '@/ui';
import { TEXT } from './text';
import type { RunNow } from './useRunNow';

/** Whether the operation is right for the fabric in hand, and what is sewn instead; it can be sewn all the same. */
export function Suitability({ now: { run, procedure, cloth } }: { now: RunNow }) {
  const { say } = useUnits();
  const act = useAct();
  const band = useCloths()?.find(({ id }) => id === run.bandClothId);
  if (!cloth) return null;
  const fabric = clothProfile(clothOf(cloth));
  const { verdict, why, instead } = suits(procedure.id, {
    fabric,
    ...(band && { band: clothProfile(clothOf(band)) }),
  });
  if (verdict === 'fine' || !why) return null;
  if (verdict === 'with-care')
    return (
      <CautionAlert>
        <strong>{TEXT.takeCare}:</strong> {say(why)}
      </CautionAlert>
    );
  const change = (to: ProcedureId) =>
    act(TEXT.changedTo(procedureName(to)), () =>
      store.change(run.id, (r) => r && { ...r, procedureId: to, answers: {} }),
    );
  return (
    <StopAlert title={TEXT.notForIt(procedure.name, run.clothName)}>
      <p>{say(why)}</p>
      {instead && (
        <Button variant="outlined" sx={{ mt: 1 }} onClick={() => void change(instead)}>
          {TEXT.sewInstead(procedureName(instead))}
        </Button>
      )}
    </StopAlert>
  );
}
