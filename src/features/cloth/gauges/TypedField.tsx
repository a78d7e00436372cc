'use client';

import { MeasureField } from '@/ui';

interface Props {
  gauge: {
    texts: Record<string, string>;
    setText: (field: string, text: string) => void;
    problems: Record<string, string>;
    keep: () => void;
  };
  name: string;
  label: string;
  unit?: string;
  help?: string;
}

/** One number of a gauge: Enter keeps the reading. */
export function TypedField({ gauge, name, label, unit, help }: Props) {
  return (
    <MeasureField
      label={label}
      unit={unit}
      text={gauge.texts[name] ?? ''}
      onText={(text) => gauge.setText(name, text)}
      problem={gauge.problems[name]}
      help={help}
      onEnter={gauge.keep}
    />
  );
}
