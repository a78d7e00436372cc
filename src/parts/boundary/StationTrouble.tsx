'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import { downloadWorkroom } from '../backups';
import { TroublePlate } from './Plate';
import { isNotLoaded } from './server';
import { Stopped } from './Stopped';
import { BOUNDARY_TEXT as TEXT } from './text';

/** What can be done where a station cannot be shown. */
export function StationTrouble({ error, onAgain }: { error: Error; onAgain: () => void }) {
  if (isNotLoaded(error)) return <Stopped onBack={() => window.location.reload()} />;
  return (
    <TroublePlate title={TEXT.page} text={TEXT.pageText}>
      <Button variant="contained" onClick={onAgain}>
        {TEXT.again}
      </Button>
      <Button variant="outlined" component={Link} href="/today" onClick={onAgain}>
        {TEXT.today}
      </Button>
      <Button onClick={() => void downloadWorkroom()}>{TEXT.exportAll}</Button>
    </TroublePlate>
  );
}
