'use client';

import Search from '@mui/icons-material/Search';
import dynamic from 'next/dynamic';
import { useCallback, useState } from 'react';
import { Pressable } from '@/ui';
import { useKeys } from '../keys';
import { PALETTE_TEXT as TEXT } from './text';

const Palette = dynamic(() => import('./Palette').then((part) => part.Palette), { ssr: false });

/** Opens the palette: its button on the tape, Ctrl or ⌘ with K, or a slash. */
export function PaletteButton() {
  const [open, setOpen] = useState(false);
  const show = useCallback(() => setOpen(true), []);
  useKeys({ '$mod+KeyK': show }, 'everywhere');
  useKeys({ '/': show });
  return (
    <>
      <Pressable aria-haspopup="dialog" aria-label={TEXT.button} onClick={show}>
        <Search fontSize="small" />
      </Pressable>
      {open && <Palette onClose={() => setOpen(false)} />}
    </>
  );
}
