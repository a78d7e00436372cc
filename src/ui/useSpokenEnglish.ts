import { useSyncExternalStore } from 'react';
import { englishNow, followEnglish } from './english';

/** The English the screen speaks, live; null until that is known. Apart from `english`, which is loaded where there are no hooks. */
export const useSpokenEnglish = () => useSyncExternalStore(followEnglish, englishNow, () => null);
