'use client';

import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { ReactNode } from 'react';
import { useRoving } from './useRoving';

interface Props<Id extends string> {
  label: string;
  options: readonly { id: Id; name: string; plain?: string; picture?: ReactNode }[];
  /** Narrowest place of one, px. */
  leastPx: number;
  picked: readonly Id[];
  /** One at most; pressed again it is taken back. */
  one?: boolean;
  onPick: (picked: Id[]) => void;
}

/** Things picked by their picture: each a press, framed when it is picked. */
export function PictureToggles<Id extends string>({ label, options, leastPx, picked, one, onPick }: Props<Id>) {
  const roving = useRoving<HTMLDivElement>();
  return (
    <ToggleButtonGroup
      {...roving}
      aria-label={label}
      exclusive={one}
      value={one ? (picked[0] ?? null) : picked}
      onChange={(_, now: Id | Id[] | null) => onPick(Array.isArray(now) ? now : now === null ? [] : [now])}
      sx={{
        display: 'grid',
        gridTemplateColumns: `repeat(auto-fill,minmax(min(${leastPx}px,44vw),1fr))`,
        gap: 1,
        '& .MuiToggleButton-root': {
          display: 'flex',
          flexDirection: 'column',
          alignItems: 'flex-start',
          justifyContent: 'flex-start',
          gap: 0.5,
          m: 0,
          borderStyle: 'solid',
          borderWidth: '1.5px',
          borderColor: 'var(--rule)',
          borderRadius: '4px',
          textAlign: 'left',
          textTransform: 'none',
        },
        '& .MuiToggleButton-root.Mui-selected, & .MuiToggleButton-root.Mui-selected:hover': {
          color: 'var(--ink)',
          backgroundColor: 'var(--green-pale)',
          borderColor: 'var(--green)',
          outlineColor: 'var(--green)',
          outlineWidth: 1.5,
          outlineStyle: 'solid',
        },
      }}
    >
      {options.map(({ id, name, plain, picture }) => (
        <ToggleButton key={id} value={id}>
          {picture}
          <strong>{name}</strong>
          {plain && <small>{plain}</small>}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
