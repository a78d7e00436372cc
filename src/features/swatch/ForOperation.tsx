'use client';

import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { provenName } from '@/core/procedure';
import type { Swatch } from '@/core/swatch';
import { useRuns } from '@/data';
import { FOR_TEXT } from './text';

/** The operation a scrap is sewn for, and the way back to it while it waits. */
export function ForOperation({ swatch: { proves, machineId } }: { swatch: Swatch }) {
  const runs = useRuns();
  if (!proves) return null;
  const waiting = runs?.find(
    (run) => run.procedureId === proves.procedureId && run.machineId === machineId && run.status !== 'done',
  );
  return (
    <Typography>
      {FOR_TEXT.testedFor(provenName(proves))}{' '}
      {waiting && <Link href={`/sew?run=${waiting.id}`}>{FOR_TEXT.backTo}</Link>}
    </Typography>
  );
}
