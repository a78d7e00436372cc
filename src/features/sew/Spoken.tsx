'use client';

import { useEffect, useState } from 'react';
import { usePreference, writePreference } from '@/data';
import { spokenText, Tick } from '@/ui';
import { SPOKEN_TEXT } from './text';

/** Reads each step aloud, if it is wanted and the browser has a voice; off at first, absent where there is none. */
export function Spoken({ text }: { text: string }) {
  const on = usePreference('spoken') ?? false;
  const [able, setAble] = useState(false);
  useEffect(() => {
    // Asked after the page is there: the server has no voice, and both must draw the same at first.
    // eslint-disable-next-line react-hooks/set-state-in-effect
    setAble('speechSynthesis' in window);
  }, []);
  useEffect(() => {
    if (!on || !able) return;
    speechSynthesis.cancel();
    speechSynthesis.speak(new SpeechSynthesisUtterance(spokenText(text)));
    return () => speechSynthesis.cancel();
  }, [on, able, text]);
  if (!able) return null;
  return (
    <Tick name={SPOKEN_TEXT.readTheStepsAloud} checked={on} onToggle={(now) => void writePreference('spoken', now)} />
  );
}
