'use client';

import { useId } from 'react';
import { jobSchema } from '@/core/job';
import { useThreads } from '@/data';
import { Field, wordsBy } from '@/ui';

const COLOUR = wordsBy(jobSchema.shape.colour);

interface Props {
  label: string;
  text: string;
  onValue: (colour: string) => void;
  help: string;
}

/** The colour of a thread, as it is written on the spool or as it is called; the spools that are owned are offered. */
export function ColourField(props: Props) {
  const list = useId();
  const spools = useThreads();
  const names = [...new Set((spools ?? []).map(({ colourName }) => colourName))].filter((name) => name !== '');
  return (
    <>
      <Field {...props} read={COLOUR} textFieldProps={{ slotProps: { htmlInput: { list } } }} />
      <datalist id={list}>
        {names.map((name) => (
          <option key={name} value={name} />
        ))}
      </datalist>
    </>
  );
}
