import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Stack from '@mui/material/Stack';
import type { LongWork } from './useLongWork';
import { WORKING_TEXT } from './text';

interface Props {
  work: LongWork;
  /** What is done meanwhile. */
  label: string;
}

/** How far long work is, and the button that stops it; nothing while nothing is worked on. */
export function Working({ work: { share, stop }, label }: Props) {
  if (share === null) return null;
  return (
    <Stack direction="row" spacing={2} sx={{ alignItems: 'center', flex: 1 }}>
      <LinearProgress variant="determinate" value={100 * share} aria-label={label} sx={{ flex: 1 }} />
      <Button variant="outlined" onClick={stop}>
        {WORKING_TEXT.stop}
      </Button>
    </Stack>
  );
}
