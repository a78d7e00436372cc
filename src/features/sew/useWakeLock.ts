'use client';

import { useEffect } from 'react';

/** Keeps the screen on while hands are busy, where the browser can; it is asked for again when the page comes back. */
export function useWakeLock(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    const ask = () => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
      navigator.wakeLock.request('screen').then(
        (given) => {
          lock = given;
        },
        // Refused on low battery or without permission: the screen then goes dark as always.
        () => undefined,
      );
    };
    ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, []);
}
