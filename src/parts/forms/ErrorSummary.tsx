'use client';

import Alert from '@mui/material/Alert';
import AlertTitle from '@mui/material/AlertTitle';
import Link from '@mui/material/Link';
import { useEffect, useRef } from 'react';
import { type FieldPath, useFormState } from 'react-hook-form';
import { FORM_TEXT } from './text';
import type { DraftForm, Typed } from './useDraftForm';

interface Props<T extends Typed, V> {
  form: Pick<DraftForm<T, V>, 'control' | 'setFocus'>;
  /** What each field is called on the screen. */
  labels: Readonly<Record<string, string>>;
}

/** All that is still wrong, once it was tried to go on: it takes the focus, and leads to each field. */
export function ErrorSummary<T extends Typed, V>({ form: { control, setFocus }, labels }: Props<T, V>) {
  const { errors, submitCount } = useFormState({ control });
  const box = useRef<HTMLDivElement>(null);
  const wrong = Object.entries(errors).map(([name, error]) => ({ name, text: String(error?.message ?? '') }));
  useEffect(() => {
    if (submitCount > 0) box.current?.focus();
  }, [submitCount]);
  if (submitCount === 0 || wrong.length === 0) return null;
  return (
    <Alert severity="error" ref={box} tabIndex={-1} sx={{ gridColumn: '1 / -1' }}>
      <AlertTitle>{FORM_TEXT.problems(wrong.length)}</AlertTitle>
      {wrong.map(({ name, text }) => (
        <div key={name}>
          <Link component="button" type="button" onClick={() => setFocus(name as FieldPath<T>)}>
            {labels[name] ?? name}
          </Link>
          : {text}
        </div>
      ))}
    </Alert>
  );
}
