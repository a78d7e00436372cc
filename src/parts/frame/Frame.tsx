'use client';

import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import styles from './Frame.module.css';
import { Opening } from './Opening';
import { Tape } from './Tape';
import { FRAME_TEXT } from './text';

// What reads the workroom comes after the tape is there. It is asked for at once, not when the page comes alive.
const load = () => import('./room');
if (typeof window !== 'undefined') load().catch(() => {});

const Room = dynamic(() => load().then((part) => part.Room), { ssr: false });

/** One frame for every station: the tape on top, one task in the middle, the machine bar below. */
export function Frame({ children }: { children: ReactNode }) {
  return (
    <div className={styles.frame}>
      <a href="#task" className={styles.skip}>
        {FRAME_TEXT.skipToTheTask}
      </a>
      <Tape />
      <Opening />
      <Room>{children}</Room>
    </div>
  );
}
