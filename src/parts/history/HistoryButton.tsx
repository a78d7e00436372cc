'use client';

import { Pressable } from '@/ui';
import Popover from '@mui/material/Popover';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { HISTORY_TEXT as TEXT } from './text';

const load = () => import('./HistoryList');
const HistoryList = dynamic(() => load().then((part) => part.HistoryList), { ssr: false });

/** Fetches the list ahead, so that it is there when the server is not. */
export const preloadHistory = (): Promise<unknown> => load();

/** What was done in this session, newest first; undoing and redoing any part of it. */
export function HistoryButton() {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <Pressable aria-haspopup="dialog" onClick={(event) => setAnchor(event.currentTarget)}>
        {TEXT.button}
      </Pressable>
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={() => setAnchor(null)}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'right' }}
        transformOrigin={{ vertical: 'top', horizontal: 'right' }}
        slotProps={{
          paper: { role: 'dialog', 'aria-label': TEXT.title, sx: { width: 'min(420px, 92vw)', minHeight: 200 } },
        }}
      >
        <HistoryList />
      </Popover>
    </>
  );
}
