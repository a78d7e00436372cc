'use client';

import TextField from '@mui/material/TextField';
import type { Ref } from 'react';
import { MeantButtons } from './MeantButtons';
import type { Meant } from './typed';

interface Props {
  label: string;
  unit?: string;
  text: string;
  onText: (text: string) => void;
  problem?: string | null;
  /** What the number may have meant. */
  meant?: readonly Meant[];
  help?: string;
  onEnter?: () => void;
  autoFocus?: boolean;
  /** Where a form keeps hold of it: its name, and what takes the focus. */
  name?: string;
  inputRef?: Ref<HTMLInputElement>;
  onBlur?: () => void;
}

/** A field of a gauge: it shows what was typed, and beside it what is wrong with it; it decides nothing. */
export function MeasureField({
  label,
  unit,
  text,
  onText,
  problem,
  meant = [],
  help,
  onEnter,
  autoFocus,
  name,
  inputRef,
  onBlur,
}: Props) {
  return (
    <div>
      <TextField
        label={unit ? `${label}, ${unit}` : label}
        value={text}
        name={name}
        inputRef={inputRef}
        onBlur={onBlur}
        size="small"
        fullWidth
        autoComplete="off"
        autoFocus={autoFocus}
        error={Boolean(problem)}
        helperText={problem ?? help}
        onChange={(event) => onText(event.target.value)}
        onKeyDown={(event) => {
          if (event.key !== 'Enter' || !onEnter) return;
          event.preventDefault();
          onEnter();
        }}
      />
      <MeantButtons meant={meant} onTake={(one) => onText(one.typed)} />
    </div>
  );
}
