'use client';

import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useState } from 'react';
import styles from './Ticks.module.css';

interface TickProps {
  name: string;
  checked: boolean;
  disabled?: boolean;
  onToggle: (on: boolean) => void;
}

/** A thing to tick. It shows the person's choice at once, and what is stored as soon as that has changed. */
export function Tick({ name, checked, disabled, onToggle }: TickProps) {
  const [draft, setDraft] = useState({ over: checked, on: checked });
  const shown = draft.over === checked ? draft.on : checked;
  return (
    <FormControlLabel
      disabled={disabled}
      label={name}
      sx={{ minHeight: 44, mr: 0 }}
      control={
        <Checkbox
          checked={shown}
          onChange={(_, on) => {
            setDraft({ over: checked, on });
            onToggle(on);
          }}
        />
      }
    />
  );
}

interface Props<T extends string> {
  legend: string;
  options: readonly { id: T; name: string; disabled?: boolean }[];
  on: readonly T[];
  onToggle: (id: T, on: boolean) => void;
}

/** A list of things to tick. */
export function Ticks<T extends string>({ legend, options, on, onToggle }: Props<T>) {
  return (
    <fieldset className={styles.ticks}>
      <legend>{legend}</legend>
      {options.map(({ id, name, disabled }) => (
        <Tick
          key={id}
          name={name}
          checked={on.includes(id)}
          disabled={disabled}
          onToggle={(now) => onToggle(id, now)}
        />
      ))}
    </fieldset>
  );
}

/** A list with an entry put in or taken out. */
export function withTick<T>(list: readonly T[], item: T, on: boolean): T[] {
  const others = list.filter((other) => other !== item);
  return on ? [...others, item] : others;
}
