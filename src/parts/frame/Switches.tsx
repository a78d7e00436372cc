'use client';

import { useColorScheme } from '@mui/material/styles';
import { writePreference } from '@/data';
import { Pressable, useSpokenEnglish } from '@/ui';
import { HelpButton } from '../help';
import { HistoryButton } from '../history';
import { PaletteButton } from '../palette';
import { useUnits } from '../workspace';
import styles from './Tape.module.css';
import { ENGLISH_TEXT, TAPE_TEXT, UNITS_TEXT } from './text';

/** Finding anything, what was done, which units, whose words, day or evening. */
export function Switches() {
  const { system, toggle } = useUnits();
  const { mode, systemMode, setMode } = useColorScheme();
  const english = useSpokenEnglish() ?? 'uk';
  const evening = (mode === 'system' ? systemMode : mode) === 'dark';
  return (
    <div className={styles.switches}>
      <PaletteButton />
      <HelpButton />
      <HistoryButton />
      <Pressable onClick={toggle} aria-label={TAPE_TEXT.unitsChange(UNITS_TEXT[system])}>
        {UNITS_TEXT[system]}
      </Pressable>
      <Pressable
        onClick={() => void writePreference('english', english === 'us' ? 'uk' : 'us')}
        aria-label={TAPE_TEXT.wordsChange(ENGLISH_TEXT[english])}
      >
        {ENGLISH_TEXT[english]}
      </Pressable>
      <Pressable onClick={() => setMode(evening ? 'light' : 'dark')} suppressHydrationWarning>
        {evening ? TAPE_TEXT.daylight : TAPE_TEXT.evening}
      </Pressable>
    </div>
  );
}
