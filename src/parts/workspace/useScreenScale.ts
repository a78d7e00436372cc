'use client';

import { useSyncExternalStore } from 'react';
import { usePreference, writePreference } from '@/data';

/** How many CSS pixels of this screen make one millimetre. */
export interface ScreenScale {
  /** Null until a card was laid on the screen. */
  pxPerMm: number | null;
  /** True when the page was zoomed, or moved to another screen, since: the card has to be laid on again. */
  stale: boolean;
  save: (pxPerMm: number) => Promise<void>;
}

const follow = (listener: () => void) => {
  window.addEventListener('resize', listener);
  return () => window.removeEventListener('resize', listener);
};

/** The true scale of this screen, as matched with a card; zooming makes it stale. */
export function useScreenScale(): ScreenScale {
  const stored = usePreference('screen') ?? null;
  const ratio = useSyncExternalStore(
    follow,
    () => window.devicePixelRatio,
    () => 1,
  );
  const stale = stored !== null && Math.abs(stored.ratio - ratio) > 0.001;
  return {
    pxPerMm: stored && !stale ? stored.pxPerMm : null,
    stale,
    save: (pxPerMm) => writePreference('screen', { pxPerMm, ratio: window.devicePixelRatio }),
  };
}
