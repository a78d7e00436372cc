'use client';

import TextField from '@mui/material/TextField';
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
}

/** A field of a gauge: it shows what was typed, and beside it what is wrong with it; it decides nothing. */
export function MeasureField({ label, unit, text, onText, problem, meant = [], help, onEnter, autoFocus }: Props) {
  return (
    <div>
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
      <MeantButtons meant={meant} onTake={(one) => onText(one.typed)} />
    </div>
  );
}
