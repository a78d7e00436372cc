'use client';

import type { ReactNode } from 'react';
import styles from './Tabs.module.css';

interface Props<T extends string> {
  label: string;
  value: T;
  options: readonly { id: T; name: string; note?: string }[];
  onPick: (id: T) => void;
  children?: ReactNode;
}

/** A row of places within one page, as plain as a row of pockets: the open one carries a line of ink. */
export function Tabs<T extends string>({ label, value, options, onPick }: Props<T>) {
  return (
    <div role="group" aria-label={label} className={styles.tabs}>
      {options.map(({ id, name, note }) => (
        <button key={id} type="button" aria-pressed={id === value} onClick={() => onPick(id)}>
          {name}
          {note && <small>{note}</small>}
        </button>
      ))}
    </div>
  );
}
