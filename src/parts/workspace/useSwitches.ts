'use client';

import { useColorScheme } from '@mui/material/styles';
import { writePreference } from '@/data';
import { useSpokenEnglish } from '@/ui';

/** Whose words are used and whether it is evening, with the press that changes each. */
export function useSwitches() {
  const { mode, systemMode, setMode } = useColorScheme();
  const english = useSpokenEnglish() ?? 'uk';
  const evening = (mode === 'system' ? systemMode : mode) === 'dark';
  return {
    english,
    evening,
    turnEnglish: () => void writePreference('english', english === 'us' ? 'uk' : 'us'),
    turnEvening: () => setMode(evening ? 'light' : 'dark'),
  };
}
