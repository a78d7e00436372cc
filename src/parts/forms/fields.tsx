'use client';

import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { type Control, type FieldPathByValue, useController } from 'react-hook-form';
import type { QuantityAsk } from '@/core/units';
import { readAnswer } from '@/core/units';
import { MeantButtons } from '@/ui';
import type { Typed } from './useDraftForm';

interface FieldProps<T extends Typed, V> {
  control: Control<T, unknown, V>;
  name: FieldPathByValue<T, string>;
  label: string;
  help?: string;
}

/** A text of a form, and beside it what is wrong with it. */
export function FormText<T extends Typed, V>({
  control,
  name,
  label,
  help,
  ask,
}: FieldProps<T, V> & { ask?: QuantityAsk }) {
  const { field, fieldState } = useController({ control, name });
  const problem = fieldState.error?.message;
  const answer = ask && problem !== undefined ? readAnswer(field.value, ask) : null;
  return (
    <div>
      <TextField
        label={label}
        value={field.value}
        name={field.name}
        inputRef={field.ref}
        onChange={field.onChange}
        onBlur={field.onBlur}
        size="small"
        fullWidth
        autoComplete="off"
        error={problem !== undefined}
        helperText={problem ?? help}
      />
      {answer?.kind === 'unclear' && <MeantButtons meant={answer.meant} onTake={(one) => field.onChange(one.typed)} />}
    </div>
  );
}

/** One of a list, in a form. */
export function FormSelect<T extends Typed, V>({
  control,
  name,
  label,
  help,
  options,
}: FieldProps<T, V> & { options: readonly (readonly [id: string, name: string])[] }) {
  const { field, fieldState } = useController({ control, name });
  return (
    <TextField
      select
      size="small"
      fullWidth
      label={label}
      value={field.value}
      name={field.name}
      inputRef={field.ref}
      onChange={field.onChange}
      onBlur={field.onBlur}
      error={fieldState.error !== undefined}
      helperText={fieldState.error?.message ?? help}
    >
      {options.map(([id, text]) => (
        <MenuItem key={id} value={id}>
          {text}
        </MenuItem>
      ))}
    </TextField>
  );
}
