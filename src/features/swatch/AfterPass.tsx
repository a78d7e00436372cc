'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useRef } from 'react';
import type { Card } from '@/core/card';
import { clothOf } from '@/core/cloth';
import { procedureName } from '@/core/procedure';
import { beginRun, type NextSeam, runOfSeam, seamAfterTest } from '@/core/workroom';
import { useJobs, useRuns } from '@/data';
import { useSewRun } from '@/parts/sewing';
import { newId, nowText } from '@/parts/workspace';
import { AFTER_PASS_TEXT as TEXT, SIMULATED_TEXT } from './text';
import type { Scrap } from './useScrap';

interface Props {
  scrap: Scrap;
  card: Card;
  /** It has passed just now: the way on takes the focus. */
  fresh: boolean;
}

/** After a pass: the seam it was sewn for, and the card. */
export function AfterPass({ scrap, card, fresh }: Props) {
  const { next, go } = useNext(scrap);
  const button = useRef<HTMLButtonElement>(null);
  const offered = next !== null;
  useEffect(() => {
    if (offered && fresh) button.current?.focus();
  }, [offered, fresh]);
  return (
    <>
      {next && (
        <Button ref={button} variant="contained" onClick={() => void go(next)}>
          {nextText(next)}
        </Button>
      )}
      <Link href={`/log?id=${card.id}`}>{SIMULATED_TEXT.thisLineIsA}</Link>
    </>
  );
}

function nextText(next: NextSeam): string {
  if (next.kind === 'run') return TEXT.goOn(procedureName(next.run.procedureId));
  return next.kind === 'seam' ? TEXT.of(next.seam.name, next.job.name) : TEXT.seam;
}

function useNext({ swatch, cloth, machine }: Scrap): { next: NextSeam | null; go: (next: NextSeam) => Promise<void> } {
  const router = useRouter();
  const sewRun = useSewRun();
  const jobs = useJobs();
  const runs = useRuns();
  const next =
    jobs && runs
      ? seamAfterTest(
          {
            procedureId: swatch.proves?.procedureId ?? null,
            kind: swatch.operation.kind,
            clothId: cloth.id,
            cloth: clothOf(cloth),
            machineId: machine.id,
          },
          jobs,
          runs,
        )
      : null;
  const go = async (to: NextSeam) => {
    if (to.kind === 'run') return router.push(`/sew?run=${to.run.id}`);
    const made = { id: newId(), at: nowText() };
    const on = { cloth, machine };
    const run =
      to.kind === 'seam' ? runOfSeam(to.job, to.seam, on, made) : beginRun(to.procedureId, on, runs ?? [], made);
    await sewRun(run, TEXT.started(to.kind === 'seam' ? to.seam.name : procedureName(to.procedureId)));
  };
  return { next, go };
}
