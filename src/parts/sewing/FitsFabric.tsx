import Button from '@mui/material/Button';
import { clothOf, clothProfile } from '@/core/cloth';
import type { ClothRecord } from '@/core/file';
import { type Procedure, procedureName, type ProcedureId, suits } from '@/core/procedure';
import { CautionAlert, StopAlert } from '@/ui';
import { useUnits } from '../workspace';
import { FITS_TEXT } from './text';

interface Props {
  procedure: Procedure<ProcedureId>;
  cloth: ClothRecord;
  /** The fabric of the band, where one is sewn on. */
  band?: ClothRecord;
  onInstead: (procedure: ProcedureId) => void;
}

/** Whether an operation is right for a fabric, and what is sewn instead; it can be sewn all the same. */
export function FitsFabric({ procedure, cloth, band, onInstead }: Props) {
  const { say } = useUnits();
  const { verdict, why, instead } = suits(procedure.id, {
    fabric: clothProfile(clothOf(cloth)),
    ...(band && { band: clothProfile(clothOf(band)) }),
  });
  if (verdict === 'fine' || !why) return null;
  if (verdict === 'with-care')
    return (
      <CautionAlert>
        <strong>{FITS_TEXT.takeCare}:</strong> {say(why)}
      </CautionAlert>
    );
  return (
    <StopAlert title={FITS_TEXT.notForIt(procedure.name, cloth.cloth.name)}>
      <p>{say(why)}</p>
      {instead && (
        <Button variant="outlined" sx={{ mt: 1 }} onClick={() => onInstead(instead)}>
          {FITS_TEXT.sewInstead(procedureName(instead))}
        </Button>
      )}
    </StopAlert>
  );
}
