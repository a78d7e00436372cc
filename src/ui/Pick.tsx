'use client';

import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';

interface Props {
  label: string;
  value: string;
  options: readonly (readonly [id: string, name: string])[];
  onPick: (id: string) => void;
}

/** One of a list, in a form. */
export function Pick({ label, value, options, onPick }: Props) {
  return (
    <TextField select size="small" label={label} value={value} onChange={(event) => onPick(event.target.value)}>
      {options.map(([id, name]) => (
        <MenuItem key={id} value={id}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
}
