'use client';

import { askUnit, type QuantityAsk } from '@/core/units';
import { MeasureField } from './MeasureField';
import type { Meant } from './typed';

/** What is typed into a small form, text by field, until it is kept. */
export interface Draft {
  texts: Record<string, string>;
  setText: (field: string, text: string) => void;
  problems: Record<string, string>;
  /** What a number may have meant, by field. */
  meant?: Record<string, readonly Meant[]>;
  keep?: () => void;
}

interface Props {
  draft: Draft;
  name: string;
  label: string;
  /** The number that is asked for: the label says its unit. Words are typed where there is none. */
  ask?: QuantityAsk;
  help?: string;
}

/** One text of a draft: Enter keeps the whole. */
export function DraftField({ draft, name, label, ask, help }: Props) {
  return (
    <MeasureField
      label={label}
      unit={ask && askUnit(ask)}
      text={draft.texts[name] ?? ''}
      onText={(text) => draft.setText(name, text)}
      problem={draft.problems[name]}
      meant={draft.meant?.[name]}
      help={help}
      onEnter={draft.keep}
    />
  );
}
