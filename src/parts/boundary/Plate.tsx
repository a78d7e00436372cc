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

/** Says what is wrong and what to do, in the place of what cannot be shown. */
export function TroublePlate({ title, text, children }: Props) {
  return (
    <Alert severity="error" icon={false} sx={{ m: 2, maxWidth: 720 }}>
      <AlertTitle component="h2">{title}</AlertTitle>
      {typeof text === 'string' ? <p>{text}</p> : text}
      {children && (
        <Stack direction="row" useFlexGap sx={{ flexWrap: 'wrap', gap: 1, mt: 1.5 }}>
          {children}
        </Stack>
      )}
    </Alert>
  );
}
