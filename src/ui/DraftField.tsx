'use client';

import { MeasureField } from './MeasureField';

/** What is typed into a small form, text by field, until it is kept. */
export interface Draft {
  texts: Record<string, string>;
  setText: (field: string, text: string) => void;
  problems: Record<string, string>;
  keep?: () => void;
}

interface Props {
  draft: Draft;
  name: string;
  label: string;
  unit?: string;
  help?: string;
}

/** One text of a draft: Enter keeps the whole. */
export function DraftField({ draft, name, label, unit, help }: Props) {
  return (
    <MeasureField
      label={label}
      unit={unit}
      text={draft.texts[name] ?? ''}
      onText={(text) => draft.setText(name, text)}
      problem={draft.problems[name]}
      help={help}
      onEnter={draft.keep}
    />
  );
}
