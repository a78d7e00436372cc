'use client';

import { useEffect, useRef, useState } from 'react';
import type { RunNow } from './useRunNow';
import { TIMER_TEXT } from './text';

/** How often the time is stored: no more than this is lost with the tab. */
const SAVED_EVERY_S = 15;

const two = (value: number) => String(value).padStart(2, '0');
const clock = (seconds: number) => {
  const [hours, minutes] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60];
  return `${hours > 0 ? `${hours}:${two(minutes)}` : minutes}:${two(seconds % 60)}`;
};

/** Time in front of this operation, while its page is seen; it goes on where it stood. */
export function Timer({ now: { run, save } }: { now: RunNow }) {
  const [passed, setPassed] = useState(0);
  const keep = useRef(save);
  useEffect(() => {
    keep.current = save;
  });
  useEffect(() => {
    let unsaved = 0;
    const put = () => {
      const more = unsaved;
      unsaved = 0;
      if (more === 0) return;
      setPassed(0);
      void keep.current((r) => (r.status === 'sewing' ? { atItSeconds: r.atItSeconds + more } : {}));
    };
    const tick = setInterval(() => {
      if (document.visibilityState !== 'visible') return put();
      unsaved += 1;
      setPassed(unsaved);
      if (unsaved >= SAVED_EVERY_S) put();
    }, 1000);
    return () => {
      clearInterval(tick);
      put();
    };
  }, []);
  return (
    <span role="timer" aria-label={TIMER_TEXT.timeSoFar}>
      {clock(run.atItSeconds + passed)}
    </span>
  );
}
