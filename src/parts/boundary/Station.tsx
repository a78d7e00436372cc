'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { exportText } from '@/data';
import { saveFile, today } from '../workspace';
import { Boundary } from './Boundary';
import { TroublePlate } from './Plate';
import { isNotLoaded, Stopped } from './Stopped';
import { BOUNDARY_TEXT as TEXT } from './text';

/** Around one station: what throws in it is said there, and everything else goes on. */
export function StationBoundary({ children }: { children: ReactNode }) {
  return (
    <Boundary
      instead={(error, again) =>
        isNotLoaded(error) ? (
          <Stopped onBack={() => window.location.reload()} />
        ) : (
          <TroublePlate title={TEXT.page} text={TEXT.pageText}>
            <Button variant="contained" onClick={again}>
              {TEXT.again}
            </Button>
            <Button variant="outlined" component={Link} href="/today" onClick={again}>
              {TEXT.today}
            </Button>
            <Button onClick={() => void exportAll()}>{TEXT.exportAll}</Button>
          </TroublePlate>
        )
      }
    >
      {children}
    </Boundary>
  );
}

async function exportAll() {
  saveFile(`bobbet-workroom-${today()}.json`, await exportText(new Date()), 'application/json');
}

/** Around one part of a page: what throws in it is said in its place. */
export function PartBoundary({ what, children }: { what: string; children: ReactNode }) {
  return (
    <Boundary
      instead={(_, again) => (
        <TroublePlate title={TEXT.part(what)} text={TEXT.partText}>
          <Button onClick={again}>{TEXT.again}</Button>
        </TroublePlate>
      )}
    >
      {children}
    </Boundary>
  );
}
