'use client';

import TextField from '@mui/material/TextField';

interface Props {
  label: string;
  /** As #rrggbb. */
  value: string;
  onValue: (value: string) => void;
}

/** A colour to pick by eye. */
export function ColourPicker({ label, value, onValue }: Props) {
  return (
    <TextField
      type="color"
      size="small"
      label={label}
      value={value}
      onChange={(event) => onValue(event.target.value)}
      slotProps={{ inputLabel: { shrink: true }, htmlInput: { sx: { p: 1 } } }}
      // A patch to judge a colour by, however wide its form is.
      sx={{ width: 140, alignSelf: 'flex-start' }}
    />
  );
}
