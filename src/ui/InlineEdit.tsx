'use client';

import MenuItem from '@mui/material/MenuItem';
import MenuList from '@mui/material/MenuList';
import Popover from '@mui/material/Popover';
import { type ReactNode, useId, useState } from 'react';
import { Pressable } from './Pressable';
import styles from './InlineEdit.module.css';
import { INLINE_EDIT_TEXT } from './text';

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
      <Pressable
        className={styles.choice}
        aria-haspopup="dialog"
        aria-expanded={anchor !== null}
        aria-controls={anchor ? id : undefined}
        aria-label={INLINE_EDIT_TEXT.change(text, name)}
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {text}
      </Pressable>
      <Popover
        id={id}
        open={anchor !== null}
        anchorEl={anchor}
        onClose={close}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
        slotProps={{ paper: { role: 'dialog', 'aria-label': INLINE_EDIT_TEXT.change2(name) } }}
      >
        <div className={styles.editor}>{children(close)}</div>
      </Popover>
    </>
  );
}

/** A list of answers in such an editor; arrow keys go along it, and the one that holds is marked. */
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
    <MenuList className={styles.list} autoFocusItem={focus && options.some(({ id }) => id === value)}>
      {options.map(({ id, name, note }) => (
        <MenuItem
          key={id}
          role="menuitemradio"
          aria-checked={id === value}
          selected={id === value}
          className={styles.option}
          onClick={() => onPick(id)}
        >
          <span aria-hidden className={styles.tick}>
            {id === value ? '✓' : ''}
          </span>
          <span>
            {name}
            {note && <small>{note}</small>}
          </span>
        </MenuItem>
      ))}
    </MenuList>
  );
}
