'use client';

import type { z } from 'zod';
import { askUnit, fieldText, type QuantityAsk } from '@/core/units';
import { Field } from './Field';
import { checkedBy, optionalQuantity, quantity } from './typed';

interface Common {
  label: string;
  ask: QuantityAsk;
  /** What the border says of it. */
  schema?: z.ZodType;
  help?: string;
  autoFocus?: boolean;
  onEnter?: () => void;
}
interface Props extends Common {
  value: number;
  onValue: (value: number) => void;
}
interface OptionalProps extends Common {
  value: number | undefined;
  onValue: (value: number | undefined) => void;
}

/** A number in the person's units, read the way people write it. */
export function QuantityField({ label, ask, schema, value, onValue, help, autoFocus, onEnter }: Props) {
  const read = quantity(ask);
  return (
    <Field
      label={label}
      unit={askUnit(ask)}
      text={fieldText(value, ask)}
      read={schema ? checkedBy(read, schema) : read}
      onValue={onValue}
      help={help}
      autoFocus={autoFocus}
      onEnter={onEnter}
    />
  );
}

/** As `QuantityField`, of a number that may be unknown. */
export function OptionalQuantityField({ label, ask, schema, value, onValue, help, autoFocus, onEnter }: OptionalProps) {
  const read = optionalQuantity(ask);
  return (
    <Field<number | undefined>
      label={label}
      unit={askUnit(ask)}
      text={value === undefined ? '' : fieldText(value, ask)}
      read={schema ? checkedBy(read, schema) : read}
      onValue={onValue}
      help={help}
      autoFocus={autoFocus}
      onEnter={onEnter}
    />
  );
}
