'use client';

import Button from '@mui/material/Button';
import { TroublePlate } from './Plate';
import { BOUNDARY_TEXT as TEXT } from './text';

/** What can be done where one part of a page cannot be shown. */
export function PartTrouble({ what, onAgain }: { what: string; onAgain: () => void }) {
  return (
    <TroublePlate title={TEXT.part(what)} text={TEXT.partText}>
      <Button onClick={onAgain}>{TEXT.again}</Button>
    </TroublePlate>
  );
}
