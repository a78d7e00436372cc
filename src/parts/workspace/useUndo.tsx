'use client';

import Button from '@mui/material/Button';
import { useSnackbar } from 'notistack';

/** Says what was done and offers to take it back. */
export function useUndo() {
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  return (done: string, undo: () => Promise<void>) =>
    enqueueSnackbar(done, {
      action: (key) => (
        <Button
          sx={{ color: 'inherit' }}
          onClick={() => {
            closeSnackbar(key);
            void undo();
          }}
        >
          Undo
        </Button>
      ),
    });
}

/** Says a short thing. */
export function useSay() {
  const { enqueueSnackbar } = useSnackbar();
  return (text: string) => enqueueSnackbar(text);
}
