'use client';

import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';

interface Props<T extends string> {
  label: string;
  value: T;
  options: readonly (readonly [id: T, name: string])[];
  onPick: (id: T) => void;
  help?: string;
}

/** One of a list, in a form. */
export function Select<T extends string>({ label, value, options, onPick, help }: Props<T>) {
  return (
    <TextField
      select
      size="small"
      fullWidth
      label={label}
      value={value}
      onChange={(event) => onPick(event.target.value as T)}
      helperText={help}
    >
      {options.map(([id, name]) => (
        <MenuItem key={id} value={id}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
}
