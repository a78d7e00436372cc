'use client';

import { MACHINE_KIND, MACHINE_KINDS, type MachineKind } from '@/core/kit';
import { MachinePicture, PictureToggles } from '@/ui';
import { KINDS_TEXT } from './text';

const OPTIONS = MACHINE_KINDS.map((id) => ({
  id,
  name: MACHINE_KIND[id].name,
  plain: MACHINE_KIND[id].plain,
  picture: <MachinePicture kind={id} />,
}));

/** Which kind of machine it is, by what can be seen on it. */
export function KindChoice({ kind, onPick }: { kind: MachineKind | null; onPick: (kind: MachineKind | null) => void }) {
  return (
    <PictureToggles
      one
      label={KINDS_TEXT.which}
      leastPx={220}
      options={OPTIONS}
      picked={kind === null ? [] : [kind]}
      onPick={([now]) => onPick(now ?? null)}
    />
  );
}
