'use client';

import { operationSchema } from '@/core/setup';
import { numberAsk } from '@/core/units';
import { OptionalQuantityField } from '@/ui';
import { SENTENCE_TEXT } from './text';

const GIVE = numberAsk('percent', 'metric', { least: 0, most: 400, usual: 35 });

interface Props {
  given: number | undefined;
  onGive: (percent: number | undefined) => void;
  close: () => void;
}

/** How far the seam must stretch, where the person knows better than the fabric. */
export function GiveEditor({ given, onGive, close }: Props) {
  return (
    <OptionalQuantityField
      label={SENTENCE_TEXT.give}
      ask={GIVE}
      schema={operationSchema.shape.requiredGive}
      value={given}
      onValue={onGive}
      help={SENTENCE_TEXT.giveHelp}
      autoFocus
      onEnter={close}
    />
  );
}
