'use client';

import Popover from '@mui/material/Popover';
import { type ReactNode, useId, useState } from 'react';
import styles from './InlineEdit.module.css';

/** A part of the sentence that is edited in place: underlined, and opening a small editor under it. */
export function InlineEdit({
  text,
  name,
  children,
}: {
  text: string;
  name: string;
  children: (close: () => void) => ReactNode;
}) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const id = useId();
  const close = () => setAnchor(null);
  return (
    <>
      <button
        type="button"
        className={styles.choice}
        aria-haspopup="dialog"
        aria-expanded={anchor !== null}
        aria-controls={anchor ? id : undefined}
        aria-label={`${text}, change ${name}`}
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {text}
      </button>
      <Popover
        id={id}
        open={anchor !== null}
        anchorEl={anchor}
        onClose={close}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
        slotProps={{ paper: { role: 'dialog', 'aria-label': `Change ${name}` } }}
      >
        <div className={styles.editor}>{children(close)}</div>
      </Popover>
    </>
  );
}

/** A list of answers in such an editor, the one that holds marked with a word for those who cannot see the tick. */
export function OptionList<T extends string>({
  value,
  options,
  onPick,
  focus = true,
}: {
  value: T | null;
  options: readonly { id: T; name: string; note?: string }[];
  onPick: (id: T) => void;
  focus?: boolean;
}) {
  return (
    <ul className={styles.list}>
      {options.map(({ id, name, note }) => (
        <li key={id}>
          <button
            type="button"
            className={styles.option}
            aria-pressed={id === value}
            onClick={() => onPick(id)}
            autoFocus={focus && id === value}
          >
            <span aria-hidden className={styles.tick}>
              {id === value ? '✓' : ''}
            </span>
            <span>
              {name}
              {note && <small>{note}</small>}
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}
