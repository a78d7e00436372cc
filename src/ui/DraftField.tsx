'use client';

import { MeasureField } from '@/ui';

interface Props {
  measures: {
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

/** One number of a measure: Enter keeps it. */
export function NumberIn({ measures, name, label, unit, help }: Props) {
  return (
    <MeasureField
      label={label}
      unit={unit}
      text={measures.texts[name] ?? ''}
      onText={(text) => measures.setText(name, text)}
      problem={measures.problems[name]}
      help={help}
      onEnter={measures.keep}
    />
  );
}
