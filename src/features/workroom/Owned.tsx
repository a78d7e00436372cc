'use client';

import { changeKit, useKitRecord } from '@/data';
import { Tick } from '@/ui';
import { OWNED_TEXT } from './text';

/** Whether Match chooses from what is owned, or from everything on sale. */
export function Owned({ what, count }: { what: 'needles' | 'threads'; count: number }) {
  const kit = useKitRecord();
  if (!kit) return null;
  const owned = kit[what] === 'owned';
  return (
    <Tick
      key={String(owned)}
      name={OWNED_TEXT.matchChoosesFromThese(count)}
      checked={owned}
      onToggle={(on) => void changeKit(() => ({ [what]: on ? 'owned' : 'any' }))}
    />
  );
}
