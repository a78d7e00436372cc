'use client';

import { useColorScheme } from '@mui/material/styles';
import { Pressable } from '@/ui';
import { HistoryButton } from '../history';
import { useUnits } from '../workspace';
import styles from './Tape.module.css';
import { TAPE_TEXT } from './text';

/** What was done, which units, day or evening. */
export function Switches() {
  const { system, toggle } = useUnits();
  const { mode, systemMode, setMode } = useColorScheme();
  const evening = (mode === 'system' ? systemMode : mode) === 'dark';
  return (
    <div className={styles.switches}>
      <HistoryButton />
      <Pressable onClick={toggle} aria-label={TAPE_TEXT.unitsChange(system === 'inch' ? 'inch' : 'mm')}>
        {system === 'inch' ? 'inch' : 'mm'}
      </Pressable>
      <Pressable onClick={() => setMode(evening ? 'light' : 'dark')} suppressHydrationWarning>
        {evening ? 'Daylight' : 'Evening'}
      </Pressable>
    </div>
  );
}
