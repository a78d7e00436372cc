'use client';

import TextField from '@mui/material/TextField';
import type { ReactNode } from 'react';
import type { UseFormRegisterReturn } from 'react-hook-form';
import { HeardAs } from './HeardAs';
import { NAMING_TEXT } from './text';
import type { HeardNow } from './useHeardName';

/** What is wrong with a name; true where nothing is. */
export const nameProblem = (text: string): true | string =>
  text.trim() === '' ? NAMING_TEXT.needed : text.length > 200 ? NAMING_TEXT.tooLong : true;

interface Props {
  label: string;
  /** The field as its form registers it, checked by `nameProblem`. */
  field: UseFormRegisterReturn;
  heard: HeardNow;
  /** What the form says is wrong. */
  problem: string | undefined;
  help?: string;
  autoFocus?: boolean;
  /** Beside the field: the press that goes on. */
  beside?: ReactNode;
  className?: string;
}

/** The name of a fabric, with what it was heard as, or the question it asks, below. */
export function NameField({ label, field, heard, problem, help, autoFocus, beside, className }: Props) {
  const asks = problem === NAMING_TEXT.pick;
  return (
    <div>
      <div className={className}>
        <TextField
          {...field}
          label={label}
          size="small"
          fullWidth
          autoComplete="off"
          autoFocus={autoFocus}
          error={problem !== undefined && !asks}
          helperText={(!asks && problem) || help}
        />
        {beside}
      </div>
      <HeardAs
        heard={heard.heard}
        picked={heard.picked}
        onPick={heard.pick}
        problem={asks && heard.picked === null ? NAMING_TEXT.pick : undefined}
      />
    </div>
  );
}
