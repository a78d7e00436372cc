'use client';

import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { Ref } from 'react';

/** One of several, each with the name it is shown by. */
export interface OneOf<T extends string> {
  label: string;
  value: T;
  options: readonly (readonly [id: T, name: string])[];
  onPick: (id: T) => void;
  help?: string;
  problem?: string;
}

interface Props<T extends string> extends OneOf<T> {
  /** Where a form keeps hold of it: its name, and what takes the focus. */
  name?: string;
  inputRef?: Ref<HTMLInputElement>;
  onBlur?: () => void;
}

/** One of a list, in a form. */
export function Select<T extends string>({
  label,
  value,
  options,
  onPick,
  help,
  problem,
  name,
  inputRef,
  onBlur,
}: Props<T>) {
  return (
    <TextField
      select
      size="small"
      fullWidth
      label={label}
      value={value}
      onChange={(event) => onPick(event.target.value as T)}
      name={name}
      inputRef={inputRef}
      onBlur={onBlur}
      error={problem !== undefined}
      helperText={problem ?? help}
    >
      {options.map(([id, name]) => (
        <MenuItem key={id} value={id}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
}
