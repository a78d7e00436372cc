'use client';

import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { jobSchema } from '@/core/job';
import { useThreads } from '@/data';
import { wordsBy } from '@/ui';

const COLOUR = wordsBy(jobSchema.shape.colour);

interface Props {
  label: string;
  text: string;
  onValue: (colour: string) => void;
  help: string;
}

/** The colour of a thread, as it is written on the spool or as it is called; the spools that are owned are offered. */
export function ColourField({ label, text, onValue, help }: Props) {
  const spools = useThreads();
  // What was typed and cannot be kept stays in the field; anything else follows what is stored.
  const [draft, setDraft] = useState<string | null>(null);
  const names = [...new Set((spools ?? []).map(({ colourName }) => colourName))].filter((name) => name !== '');
  const shown = draft ?? text;
  const typed = COLOUR(shown);
  const type = (next: string) => {
    const read = COLOUR(next);
    setDraft(next);
    if (read.ok && read.value !== text) onValue(read.value);
  };
  return (
    <Autocomplete
      freeSolo
      disableClearable
      size="small"
      options={names}
      inputValue={shown}
      onBlur={() => typed.ok && setDraft(null)}
      onInputChange={(_, next) => type(next)}
      renderInput={(input) => (
        <TextField {...input} label={label} error={!typed.ok} helperText={typed.ok ? help : typed.expected} />
      )}
    />
  );
}
