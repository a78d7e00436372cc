'use client';

import Alert from '@mui/material/Alert';
import AlertTitle from '@mui/material/AlertTitle';
import Stack from '@mui/material/Stack';
import type { ReactNode } from 'react';

interface Props {
  title: string;
  text: ReactNode;
  /** What can be done about it. */
  children?: ReactNode;
}

/** The house's own plate: sheet and ink, hatched in thread red along its upper edge. */
const HATCHED = {
  m: { xs: 1, sm: 3 },
  p: 2.5,
  pt: 3.5,
  maxWidth: 720,
  color: 'var(--ink)',
  fontSize: 'var(--type-text)',
  border: '2px solid var(--red)',
  backgroundColor: 'var(--sheet)',
  backgroundImage: 'repeating-linear-gradient(135deg, var(--red) 0 9px, var(--sheet) 9px 14px)',
  backgroundSize: '100% 7px',
  backgroundRepeat: 'no-repeat',
  '& p': { mt: 0.5, mb: 0.5 },
} as const;
const TITLE = {
  color: 'var(--red)',
  fontFamily: 'var(--display)',
  fontSize: 'var(--type-figure)',
  fontWeight: 650,
} as const;

/** Says what is wrong and what to do, in the place of what cannot be shown. */
export function TroublePlate({ title, text, children }: Props) {
  return (
    <Alert severity="error" icon={false} sx={HATCHED}>
      <AlertTitle component="h2" sx={TITLE}>
        {title}
      </AlertTitle>
      {typeof text === 'string' ? <p>{text}</p> : text}
      {children && (
        <Stack direction="row" useFlexGap sx={{ flexWrap: 'wrap', gap: 1, mt: 1.5 }}>
          {children}
        </Stack>
      )}
    </Alert>
  );
}
