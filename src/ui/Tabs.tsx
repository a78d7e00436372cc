'use client';

import Tab from '@mui/material/Tab';
import TabRow from '@mui/material/Tabs';
import { type ReactNode, useId } from 'react';

interface Props<T extends string> {
  label: string;
  value: T;
  options: readonly { id: T; name: string; note?: string }[];
  onPick: (id: T) => void;
  /** What the open one shows. */
  children: ReactNode;
}

/** A row of places within one page, as plain as a row of pockets: the open one carries a line of ink. Arrow keys go along it. */
export function Tabs<T extends string>({ label, value, options, onPick, children }: Props<T>) {
  const id = useId();
  return (
    <>
      <TabRow
        value={value}
        aria-label={label}
        variant="scrollable"
        scrollButtons={false}
        selectionFollowsFocus={false}
        onChange={(_, to: T) => onPick(to)}
      >
        {options.map((one) => (
          <Tab
            key={one.id}
            value={one.id}
            id={`${id}-${one.id}`}
            aria-controls={one.id === value ? `${id}-panel` : undefined}
            label={
              <span>
                {one.name}
                {one.note && <small>{one.note}</small>}
              </span>
            }
          />
        ))}
      </TabRow>
      {/* The page round it lays out what it holds. */}
      <div style={{ display: 'contents' }} role="tabpanel" id={`${id}-panel`} aria-labelledby={`${id}-${value}`}>
        {children}
      </div>
    </>
  );
}
