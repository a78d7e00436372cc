'use client';

import Button, { type ButtonProps } from '@mui/material/Button';
import { useRef } from 'react';

interface Props extends Pick<ButtonProps, 'variant' | 'size' | 'disabled'> {
  /** What the button says. */
  text: string;
  /** What the file is, for those who do not see the button beside it. */
  label: string;
  accept: string;
  onFile: (file: File) => void;
}

/** A button that asks for one file; the same file can be chosen again. */
export function FileButton({ text, label, accept, onFile, ...button }: Props) {
  const picker = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button {...button} onClick={() => picker.current?.click()}>
        {text}
      </Button>
      <input
        ref={picker}
        type="file"
        hidden
        accept={accept}
        aria-label={label}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) onFile(file);
        }}
      />
    </>
  );
}
