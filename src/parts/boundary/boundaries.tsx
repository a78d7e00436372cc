'use client';

import type { ReactNode } from 'react';
import { Boundary } from './Boundary';
import { PartTrouble, RecordTrouble, StationTrouble } from './plates';
import type { Which } from './which';

/** Around one station: what throws in it is said there, and everything else goes on. */
export function StationBoundary({ children }: { children: ReactNode }) {
  return <Boundary instead={(error, again) => <StationTrouble error={error} onAgain={again} />}>{children}</Boundary>;
}

/** Around one part of a page: what throws in it is said in its place. */
export function PartBoundary({ what, children }: { what: string; children: ReactNode }) {
  return <Boundary instead={(_, again) => <PartTrouble what={what} onAgain={again} />}>{children}</Boundary>;
}

/** Around the page of one record: when it throws, that record alone is out of reach, and can be saved or deleted. */
export function RecordBoundary({ children, ...which }: Which & { children: ReactNode }) {
  return <Boundary instead={(_, again) => <RecordTrouble {...which} onAgain={again} />}>{children}</Boundary>;
}
