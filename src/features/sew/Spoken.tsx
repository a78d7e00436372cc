'use client';

import Box from '@mui/material/Box';
import Slider from '@mui/material/Slider';
import Typography from '@mui/material/Typography';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { usePreference, writePreference } from '@/data';
import { spokenText, Tick } from '@/ui';
import { SPOKEN_TEXT as TEXT } from './text';

const SLOWEST = 0.6;
const FASTEST = 1.6;

/**
 * Reads each step aloud, if it is wanted and this device has an English voice of its own; off at first. A voice that is fetched over the
 * network is never used: what is sewn stays in the room.
 */
export function Spoken({ text }: { text: string }) {
  const on = usePreference('spoken') ?? false;
  const stored = usePreference('spokenRate') ?? 1;
  const [moved, setMoved] = useState<number | null>(null);
  const voice = useLocalVoice();
  useEffect(() => {
    if (!on || !voice) return;
    const said = new SpeechSynthesisUtterance(spokenText(text));
    said.voice = voice;
    said.rate = stored;
    speechSynthesis.cancel();
    speechSynthesis.speak(said);
    return () => speechSynthesis.cancel();
  }, [on, voice, stored, text]);
  if (!voice) return null;
  return (
    <Box>
      <Tick name={TEXT.readTheStepsAloud} checked={on} onToggle={(now) => void writePreference('spoken', now)} />
      {on && (
        <Box sx={{ width: 220 }}>
          <Typography id="spoken-rate">{TEXT.pace}</Typography>
          <Slider
            aria-labelledby="spoken-rate"
            min={SLOWEST}
            max={FASTEST}
            step={0.1}
            value={moved ?? stored}
            onChange={(_, value) => setMoved(value as number)}
            onChangeCommitted={(_, value) => {
              setMoved(null);
              void writePreference('spokenRate', value as number);
            }}
          />
        </Box>
      )}
    </Box>
  );
}

/** An English voice that is on this device; null while there is none. */
function useLocalVoice(): SpeechSynthesisVoice | null {
  return useSyncExternalStore(followVoices, localVoice, () => null);
}

const canSpeak = () => typeof window !== 'undefined' && 'speechSynthesis' in window;
const localVoice = () =>
  canSpeak()
    ? (speechSynthesis.getVoices().find(({ localService, lang }) => localService && lang.startsWith('en')) ?? null)
    : null;

function followVoices(changed: () => void): () => void {
  if (!canSpeak()) return () => undefined;
  speechSynthesis.addEventListener('voiceschanged', changed);
  return () => speechSynthesis.removeEventListener('voiceschanged', changed);
}
