'use client';

import { Pressable } from '@/ui';
import { HelpButton } from '../help';
import { HistoryButton } from '../history';
import { PaletteButton } from '../palette';
import { useSwitches, useUnits } from '../workspace';
import styles from './Tape.module.css';
import { ENGLISH_TEXT, TAPE_TEXT, UNITS_TEXT } from './text';

/** Finding anything, what was done, which units, whose words, day or evening. */
export function Switches() {
  const { system, toggle } = useUnits();
  const { english, evening, turnEnglish, turnEvening } = useSwitches();
  return (
    <div className={styles.switches}>
      <PaletteButton />
      <HelpButton />
      <HistoryButton />
      <Pressable onClick={toggle} aria-label={TAPE_TEXT.unitsChange(UNITS_TEXT[system])}>
        {UNITS_TEXT[system]}
      </Pressable>
      <Pressable onClick={turnEnglish} aria-label={TAPE_TEXT.wordsChange(ENGLISH_TEXT[english])}>
        {ENGLISH_TEXT[english]}
      </Pressable>
      <Pressable onClick={turnEvening} suppressHydrationWarning>
        {evening ? TAPE_TEXT.daylight : TAPE_TEXT.evening}
      </Pressable>
    </div>
  );
}
