import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import type { Meant } from './typed';

/** What a number may have meant: one press takes it. */
export function MeantButtons({ meant, onTake }: { meant: readonly Meant[]; onTake: (one: Meant) => void }) {
  if (meant.length === 0) return null;
  return (
    <Stack direction="row" useFlexGap sx={{ flexWrap: 'wrap', gap: 1, mt: 0.5 }}>
      {meant.map((one) => (
        <Button key={one.text} variant="outlined" size="small" onClick={() => onTake(one)}>
          {one.text}
        </Button>
      ))}
    </Stack>
  );
}
