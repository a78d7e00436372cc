'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { writePreference } from '@/data';
import { type JobNow, useJobNow } from '@/parts/jobs';
import { Origin, ProgressBar, Tabs } from '@/ui';
import { About } from './About';
import { BudgetPlace } from './BudgetPlace';
import { JobActions } from './JobActions';
import styles from './Jobs.module.css';
import { SeamsPlace } from './SeamsPlace';
import { WorkPlace } from './WorkPlace';
import { sayEstimate } from '@/core/units';
import { JOB_PAGE_TEXT } from './text';

const PLACES = [
  { id: 'work', name: JOB_PAGE_TEXT.orderOfWork },
  { id: 'seams', name: JOB_PAGE_TEXT.seams },
  { id: 'budget', name: JOB_PAGE_TEXT.whatItTakes },
  { id: 'about', name: JOB_PAGE_TEXT.piecesAndNotes },
] as const;
type Place = (typeof PLACES)[number]['id'];

/** One job: how far it is, and its four places. */
export function JobPage({ id, place }: { id: string; place: string | null }) {
  const now = useJobNow(id);
  const open = now ? !now.job.doneAt : false;
  useEffect(() => {
    if (open) void writePreference('jobId', id);
  }, [id, open]);
  return now ? <Opened now={now} place={place} /> : null;
}

function Opened({ now, place }: { now: JobNow; place: string | null }) {
  const router = useRouter();
  const { id, seams } = now.job;
  // Where it opens is settled once: the first seam does not take its maker away from it.
  const [first] = useState<Place>(seams.length === 0 ? 'seams' : 'work');
  const here: Place = PLACES.find((p) => p.id === place)?.id ?? first;
  return (
    <div className={styles.page}>
      <Head now={now} />
      <Tabs
        label={JOB_PAGE_TEXT.inThisJob}
        value={here}
        options={PLACES.map((one) => (one.id === 'seams' ? { ...one, note: String(now.job.seams.length) } : one))}
        onPick={(to) => router.replace(`/projects?id=${id}&place=${to}`, { scroll: false })}
      >
        {here === 'work' && <WorkPlace now={now} />}
        {here === 'seams' && <SeamsPlace now={now} />}
        {here === 'budget' && <BudgetPlace now={now} />}
        {here === 'about' && <About now={now} />}
      </Tabs>
    </div>
  );
}

function Head({ now }: { now: JobNow }) {
  const { job, progress, left, seams, machine, items } = now;
  return (
    <div className={styles.head}>
      <div>
        <p className={styles.quiet}>
          <Link href="/projects">{JOB_PAGE_TEXT.allJobs}</Link>
          {machine && <> {JOB_PAGE_TEXT.on(machine.machine.name)}</>}
        </p>
        <h1>{job.name}</h1>
      </div>
      <div className={styles.headTape}>
        <ProgressBar done={progress.done.length} of={seams.length} what="seams" />
        <p>
          <strong>{JOB_PAGE_TEXT.of(progress.done.length, seams.length)}</strong> {JOB_PAGE_TEXT.seams2}
          {items.length > 0 && (
            <>
              , <strong>{sayEstimate(left.minutes)}</strong> {JOB_PAGE_TEXT.left}{' '}
              <span className={styles.quiet}>{JOB_PAGE_TEXT.to(sayEstimate(left.low), sayEstimate(left.high))}</span>{' '}
              <Origin of="model" />
            </>
          )}
        </p>
      </div>
      <JobActions now={now} />
    </div>
  );
}
