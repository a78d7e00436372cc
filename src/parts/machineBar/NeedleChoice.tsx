'use client';

import { Pressable } from '@/ui';
import Popover from '@mui/material/Popover';
import { type ReactNode, useState } from 'react';
import type { NeedleRecord } from '@/core/file';
import { needleHours } from '@/core/kit';
import { formatNumber } from '@/core/units';
import type { NeedleNow } from '@/core/workroom';
import styles from './MachineBar.module.css';
import { NEEDLE_CHOICE_TEXT } from './text';

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
        aria-label={NEEDLE_CHOICE_TEXT.anotherNeedleLikeIt}
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
        slotProps={{ paper: { role: 'dialog', 'aria-label': NEEDLE_CHOICE_TEXT.whichNeedleIsIn } }}
      >
        <div className={styles.tin}>
          <strong>{NEEDLE_CHOICE_TEXT.anotherNeedleOfThis}</strong>
          <p>{NEEDLE_CHOICE_TEXT.switchTheMachineOff}</p>
          <ul>
            {fresh && (
              <li>
                <Pressable autoFocus onClick={() => put(fresh)}>
                  {NEEDLE_CHOICE_TEXT.aNewOne}
                  {fresh.where && NEEDLE_CHOICE_TEXT.fromThe(fresh.where)}
                </Pressable>
              </li>
            )}
            {begun.slice(0, OFFERED).map((record) => (
              <li key={record.id}>
                <Pressable onClick={() => put(record)}>
                  {NEEDLE_CHOICE_TEXT.theOneWithH(formatNumber(needleHours(record), 1))}
                  {record.where && NEEDLE_CHOICE_TEXT.fromThe(record.where)}
                </Pressable>
              </li>
            ))}
            <li>
              <Pressable onClick={() => put(null)}>{NEEDLE_CHOICE_TEXT.aNewOneThat}</Pressable>
            </li>
          </ul>
        </div>
      </Popover>
    </>
  );
}
