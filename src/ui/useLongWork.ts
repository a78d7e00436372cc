'use client';

import { useEffect, useRef, useState } from 'react';

/** Tells how far long work is, 0 to 1. */
type TellShare = (share: number) => void;

/** Long work: how far it is, and a way to stop it. */
export interface LongWork {
  /** 0 to 1; null while nothing is worked on. */
  share: number | null;
  /** Works until it is through or stopped; one at a time. The page that goes away stops it too. */
  run: <T>(work: (tell: TellShare, signal: AbortSignal) => Promise<T>) => Promise<T>;
  stop: () => void;
}

/** Long work that says how far it is and can be stopped. */
export function useLongWork(): LongWork {
  const [share, setShare] = useState<number | null>(null);
  const running = useRef<AbortController | null>(null);
  useEffect(() => () => running.current?.abort(), []);
  const run: LongWork['run'] = async (work) => {
    const control = new AbortController();
    running.current = control;
    setShare(0);
    try {
      // Word of how far it is may still be on its way when it was stopped, or is done.
      return await work((now) => running.current === control && setShare(now), control.signal);
    } finally {
      running.current = null;
      setShare(null);
    }
  };
  return { share, run, stop: () => running.current?.abort() };
}
