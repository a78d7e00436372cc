'use client';

import FormHelperText from '@mui/material/FormHelperText';
import { type Control, type FieldPathByValue, useController } from 'react-hook-form';
import { askUnit, type QuantityAsk, readAnswer } from '@/core/units';
import { Choice, MeasureField, Select } from '@/ui';
import type { Typed } from './useDraftForm';

interface FieldProps<T extends Typed, V> {
  control: Control<T, unknown, V>;
  name: FieldPathByValue<T, string>;
  label: string;
  help?: string;
}

/** What a form holds of one field, as a part of the interface takes it. */
function useHeld<T extends Typed, V>({ control, name }: Pick<FieldProps<T, V>, 'control' | 'name'>) {
  const { field, fieldState } = useController({ control, name });
  const { value, onChange, onBlur, ref: inputRef } = field;
  return { value, onChange, problem: fieldState.error?.message, held: { name: field.name, onBlur, inputRef } };
}

/** A text of a form, and beside it what is wrong with it; with `ask` also what a number may have meant. */
export function FormText<T extends Typed, V>({
  control,
  name,
  ask,
  ...shown
}: FieldProps<T, V> & { ask?: QuantityAsk }) {
  const { value, onChange, problem, held } = useHeld({ control, name });
  const answer = ask && problem !== undefined ? readAnswer(value, ask) : null;
  const meant = answer?.kind === 'unclear' ? answer.meant : [];
  return (
    <MeasureField
      {...shown}
      {...held}
      unit={ask && askUnit(ask)}
      text={value}
      onText={onChange}
      problem={problem}
      meant={meant}
    />
  );
}

/** One of a list, in a form. */
export function FormSelect<T extends Typed, V>({
  control,
  name,
  ...shown
}: FieldProps<T, V> & { options: readonly (readonly [id: string, name: string])[] }) {
  const { value, onChange, problem, held } = useHeld({ control, name });
  return <Select<string> {...shown} {...held} value={value} onPick={onChange} problem={problem} />;
}

/** One of a few in a form, every name in sight; pressed again, none of them. */
export function FormChoice<T extends Typed, V>({
  control,
  name,
  label,
  options,
}: FieldProps<T, V> & { options: readonly { id: string; name: string }[] }) {
  const { value, onChange, problem } = useHeld({ control, name });
  return (
    <div>
      <Choice
        label={label}
        value={value === '' ? null : value}
        options={options}
        onPick={onChange}
        onNone={() => onChange('')}
      />
      {problem !== undefined && <FormHelperText error>{problem}</FormHelperText>}
    </div>
  );
}
