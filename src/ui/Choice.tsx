'use client';

import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useRoving } from './useRoving';

interface Props<T extends string> {
  label: string;
  /** Null while nothing is chosen yet. */
  value: T | null;
  options: readonly { id: T; name: string }[];
  onPick: (id: T) => void;
  /** Called when what is chosen is pressed again; left out, a choice stays. */
  onNone?: () => void;
}

/** One of a few, side by side, every name in sight. */
export function Choice<T extends string>({ label, value, options, onPick, onNone }: Props<T>) {
  const roving = useRoving<HTMLDivElement>();
  return (
    <ToggleButtonGroup
      {...roving}
      exclusive
      aria-label={label}
      value={value}
      onChange={(_, id: T | null) => (id === null ? onNone?.() : onPick(id))}
    >
      {options.map(({ id, name }) => (
        <ToggleButton key={id} value={id}>
          {name}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
