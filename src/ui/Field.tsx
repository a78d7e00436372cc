'use client';

import InputAdornment from '@mui/material/InputAdornment';
import TextField, { type TextFieldProps } from '@mui/material/TextField';
import { useId, useState } from 'react';
import { MeantButtons } from './MeantButtons';
import type { Typed } from './typed';

interface Props<T> {
  label: string;
  /** The value now, as the person would type it. */
  text: string;
  read: (text: string) => Typed<T>;
  onValue: (value: T) => void;
  /** What stands in it cannot be read. */
  onInvalid?: () => void;
  unit?: string;
  /** As a reading of an instrument: its name above, always whole, the unit beside the figure. */
  reading?: boolean;
  help?: string;
  autoFocus?: boolean;
  onEnter?: () => void;
  textFieldProps?: TextFieldProps;
}

const withUnit = (label: string, unit: string | undefined) => (unit ? `${label}, ${unit}` : label);

const asReading = (label: string, unit: string | undefined) => ({
  inputLabel: { shrink: true },
  input: { endAdornment: unit ? <InputAdornment position="end">{unit}</InputAdornment> : undefined },
  htmlInput: { 'aria-label': withUnit(label, unit) },
});

/**
 * A field that stores nothing wrong: what was typed stays on screen, the message beside it says what is expected,
 * and only a value that can be read is passed on.
 */
export function Field<T>({
  label,
  text,
  read,
  onValue,
  onInvalid,
  unit,
  reading,
  help,
  autoFocus,
  onEnter,
  textFieldProps,
}: Props<T>) {
  const [draft, setDraft] = useState<string | null>(null);
  const id = useId();
  const shown = draft ?? text;
  const typed = draft === null ? null : read(draft);
  const problem = typed && !typed.ok ? typed.expected : null;
  const meant = typed && !typed.ok ? (typed.meant ?? []) : [];
  const type = (next: string) => {
    setDraft(next);
    const now = read(next);
    if (now.ok) onValue(now.value);
    else onInvalid?.();
  };
  const settle = () => {
    // A text that could not be read stays, so that nothing typed is lost.
    if (typed?.ok) setDraft(null);
  };
  return (
    <div>
      <TextField
        id={id}
        label={reading ? label : withUnit(label, unit)}
        value={shown}
        autoFocus={autoFocus}
        size="small"
        fullWidth
        autoComplete="off"
        error={problem !== null}
        helperText={problem ?? help}
        onChange={(event) => type(event.target.value)}
        onBlur={settle}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && !problem) {
            settle();
            // Without this, the key would press again whatever gets the focus next.
            if (onEnter) event.preventDefault();
            onEnter?.();
          }
        }}
        slotProps={reading ? asReading(label, unit) : undefined}
        {...textFieldProps}
      />
      <MeantButtons meant={meant} onTake={(one) => type(one.typed)} />
    </div>
  );
}
