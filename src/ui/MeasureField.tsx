'use client';

import TextField from '@mui/material/TextField';

interface Props {
  label: string;
  unit?: string;
  text: string;
  onText: (text: string) => void;
  problem?: string | null;
  help?: string;
  onEnter?: () => void;
  autoFocus?: boolean;
}

/** A field of a gauge: it shows what was typed, and beside it what is wrong with it; it decides nothing. */
export function MeasureField({ label, unit, text, onText, problem, help, onEnter, autoFocus }: Props) {
  return (
    <TextField
      label={unit ? `${label}, ${unit}` : label}
      value={text}
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
  );
}
