import Typography from '@mui/material/Typography';
import { type Provenance, PROVENANCE_TEXT } from '@/core/result';

/** Whose word a number is, as one small word beside it. */
export function Origin({ of }: { of: Provenance }) {
  return (
    <Typography
      component="small"
      variant="body2"
      sx={{ color: 'text.secondary', fontFamily: 'var(--text)', fontWeight: 450, whiteSpace: 'nowrap' }}
    >
      {PROVENANCE_TEXT[of]}
    </Typography>
  );
}
