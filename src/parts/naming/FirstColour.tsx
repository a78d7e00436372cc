'use client';

import { useState } from 'react';
import { firstColour, type HeardName } from '@/core/cloth';
import { ColourPicker } from '@/ui';
import { NAMING_TEXT } from './text';

/** The colour of a new fabric: the likely one, until the person picks another. */
export function useFirstColour(name: string, cloth: HeardName['cloth']) {
  const [picked, setPicked] = useState<string | null>(null);
  return { colour: picked ?? firstColour(name, cloth?.family ?? 'other'), pick: setPicked };
}

/** Asked once it is known what the fabric is. */
export function FirstColour({ of, cloth }: { of: ReturnType<typeof useFirstColour>; cloth: HeardName['cloth'] }) {
  if (!cloth) return null;
  return <ColourPicker label={NAMING_TEXT.colour} value={of.colour} onValue={of.pick} />;
}
