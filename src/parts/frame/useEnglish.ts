import { useEffect } from 'react';
import type { English } from '@/core/units';
import { useOwnWords, usePreference } from '@/data';
import { speakEnglish, useSpokenEnglish } from '@/ui';

/** The English a browser asks for. */
const ofBrowser = (): English => (/^en-(us|ca)/i.test(navigator.language) ? 'us' : 'uk');

/** The English the screens speak: what the person chose, or what the browser asks for; null until that is known. */
export function useEnglish(): English | null {
  const chosen = usePreference('english');
  const english = chosen === undefined ? undefined : (chosen ?? ofBrowser());
  const own = useOwnWords(english === 'us');
  useEffect(() => {
    if (english && own) speakEnglish(english, own);
  }, [english, own]);
  return useSpokenEnglish();
}
