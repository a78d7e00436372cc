'use client';

import { Pressable } from '@/ui';
import Popover from '@mui/material/Popover';
import { type ReactNode, useState } from 'react';
import type { NeedleRecord } from '@/core/file';
import { needleHours } from '@/core/kit';
import { formatNumber } from '@/core/units';
import type { NeedleNow } from '@/core/workroom';
import styles from './MachineBar.module.css';

interface Props {
  needle: NeedleNow;
  onPut: (needle: NeedleRecord | null) => void;
  children: ReactNode;
}

/** Needles offered at once; a tin may hold hundreds of one kind. */
const OFFERED = 8;

/** Which needle of the tin is in: the one in use, another like it, or one that is not in the tin. */
export function NeedleChoice({ needle, onPut, children }: Props) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const put = (record: NeedleRecord | null) => {
    onPut(record);
    setAnchor(null);
  };
  const begun = needle.others.filter((n) => needleHours(n) >= 0.02).sort((a, b) => needleHours(b) - needleHours(a));
  const [fresh] = needle.others.filter((n) => needleHours(n) < 0.02);
  return (
    <>
      <Pressable
        className={styles.life}
        aria-haspopup="dialog"
        aria-label="Another needle like it"
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {children}
      </Pressable>
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={() => setAnchor(null)}
        anchorOrigin={{ vertical: 'top', horizontal: 'left' }}
        transformOrigin={{ vertical: 'bottom', horizontal: 'left' }}
        slotProps={{ paper: { role: 'dialog', 'aria-label': 'Which needle is in' } }}
      >
        <div className={styles.tin}>
          <strong>Another needle of this kind</strong>
          <p>Switch the machine off before you change it.</p>
          <ul>
            {fresh && (
              <li>
                <Pressable autoFocus onClick={() => put(fresh)}>
                  a new one{fresh.where && `, from the ${fresh.where}`}
                </Pressable>
              </li>
            )}
            {begun.slice(0, OFFERED).map((record) => (
              <li key={record.id}>
                <Pressable onClick={() => put(record)}>
                  the one with {formatNumber(needleHours(record), 1)} h{record.where && `, from the ${record.where}`}
                </Pressable>
              </li>
            ))}
            <li>
              <Pressable onClick={() => put(null)}>a new one that is not in the tin</Pressable>
            </li>
          </ul>
        </div>
      </Popover>
    </>
  );
}
