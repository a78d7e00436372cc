'use client';

import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { FITTING, type FittedFoot, FOOT } from '@/core/kit';
import { CautionAlert } from '@/ui';
import { FittingDrawing } from '@/ui/fitting';
import { useUnits } from '../workspace';
import { BAR_TEXT } from './text';

interface Props {
  foot: FittedFoot;
  onFitted: () => void;
  onClose: () => void;
}

const TITLE = 'fit-foot';

/** How one foot is fitted: three steps, a drawing and a check. */
export function FitFoot({ foot, onFitted, onClose }: Props) {
  const { say } = useUnits();
  const { steps, check, caution } = FITTING[foot];
  const { title, checkFirst, manual, fitted, close } = BAR_TEXT.fit;
  return (
    <Dialog open onClose={onClose} aria-labelledby={TITLE} maxWidth="sm" fullWidth>
      <DialogTitle id={TITLE} component="h2">
        {title(FOOT[foot].name.toLowerCase())}
      </DialogTitle>
      <DialogContent>
        <FittingDrawing foot={foot} />
        <Typography component="ol" sx={{ pl: 3, my: 1.5, '& li': { mb: 1 } }}>
          {steps.map((step) => (
            <li key={step}>{say(step)}</li>
          ))}
        </Typography>
        <Typography sx={{ mb: 2 }}>
          <strong>{checkFirst}</strong> {check}
        </Typography>
        <CautionAlert>
          <p>{caution ?? manual}</p>
        </CautionAlert>
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2 }}>
        <Button onClick={onClose}>{close}</Button>
        <Button variant="contained" onClick={onFitted}>
          {fitted}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
