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
  const [draft, setDraft] = useState(text);
  const names = [...new Set((spools ?? []).map(({ colourName }) => colourName))].filter((name) => name !== '');
  const typed = COLOUR(draft);
  const type = (next: string) => {
    setDraft(next);
    const read = COLOUR(next);
    if (read.ok && read.value !== text) onValue(read.value);
  };
  return (
    <Autocomplete
      freeSolo
      disableClearable
      size="small"
      options={names}
      inputValue={draft}
      onInputChange={(_, next) => type(next)}
      renderInput={(input) => (
        <TextField {...input} label={label} error={!typed.ok} helperText={typed.ok ? help : typed.expected} />
      )}
    />
  );
}
