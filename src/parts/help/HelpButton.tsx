'use client';

import Popover from '@mui/material/Popover';
import Link from 'next/link';
import { useEffect, useRef, useState } from 'react';
import { usePreference, writePreference } from '@/data';
import { Pressable, Tick } from '@/ui';
import { onShowKeys, useKeys } from '../keys';
import styles from './Help.module.css';
import { HELP_TEXT as TEXT, KEYS } from './text';

/** Which keys work, and the way to the words; opened by its button or by the question mark. */
export function HelpButton() {
  const [open, setOpen] = useState(false);
  const byKey = usePreference('singleKeys') ?? true;
  useKeys({ '?': () => setOpen((now) => !now), 'Shift+?': () => setOpen((now) => !now) });
  useEffect(() => onShowKeys(() => setOpen(true)), []);
  const button = useRef<HTMLButtonElement>(null);
  return (
    <>
      <Pressable ref={button} aria-haspopup="dialog" aria-label={TEXT.button} onClick={() => setOpen(true)}>
        ?
      </Pressable>
      <Popover
        open={open}
        anchorEl={() => button.current}
        onClose={() => setOpen(false)}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'right' }}
        transformOrigin={{ vertical: 'top', horizontal: 'right' }}
        slotProps={{ paper: { role: 'dialog', 'aria-label': TEXT.button, className: styles.paper } }}
      >
        <h2>{TEXT.keys}</h2>
        <dl className={styles.keys}>
          {KEYS.map(({ keys, does }) => (
            <div key={keys + does}>
              <dt>{keys}</dt>
              <dd>{does}</dd>
            </div>
          ))}
        </dl>
        <Tick name={TEXT.byKey} checked={byKey} onToggle={(on) => void writePreference('singleKeys', on)} />
        <Link href="/words" onClick={() => setOpen(false)}>
          {TEXT.words}
        </Link>
      </Popover>
    </>
  );
}
