'use client';

import Skeleton from '@mui/material/Skeleton';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import type { Job } from '@/core/job';
import { useCloths, useJobs, usePreference } from '@/data';
import { PartBoundary } from '@/parts/boundary';
import { type JobNow, useJobNow } from '@/parts/jobs';
import { sayDate, sayWhen } from '@/parts/workspace';
import { NextUp, NothingNext } from './NextUp';
import { Rows, type Waiting } from './Rows';
import styles from './Today.module.css';
import { useAttention } from './useAttention';
import { useBegun } from './useBegun';
import { TODAY_STATION_TEXT } from './text';

/** Today: what to do next, the machine led to it; what waits for attention. With nothing here yet, a first cloth is asked for. */
export function TodayStation() {
  const router = useRouter();
  const cloths = useCloths();
  const jobs = useJobs();
  const chosen = usePreference('jobId');
  const open = jobs?.filter((job) => !job.doneAt) ?? [];
  const job = open.find((j) => j.id === chosen) ?? open[0];
  const empty = jobs?.length === 0 && cloths?.length === 0;
  useEffect(() => {
    if (empty) router.replace('/match');
  }, [empty, router]);
  const found = useJobNow(job?.id ?? null);
  // What is next and how long it takes hang on the settings: it is shown once, not twice.
  const now = found?.waiting ? undefined : found;
  if (!jobs || !cloths || empty) return null;
  const weekday = sayDate(new Date(), 'today');
  return (
    <div className={styles.page}>
      <section className={styles.next} aria-labelledby="next">
        <p className={styles.date}>{weekday}</p>
        <PartBoundary key={job?.id} what={job ? `“${job.name}”` : TODAY_STATION_TEXT.theNextThingTo}>
          {now === undefined ? <Coming /> : <Next now={now} />}
        </PartBoundary>
      </section>
      {now !== undefined && (
        <PartBoundary what={TODAY_STATION_TEXT.whatWaits}>
          <WhatWaits jobs={open.filter((j) => j.id !== job?.id)} />
        </PartBoundary>
      )}
    </div>
  );
}

/** What comes as soon as the settings are worked out: which seam is next hangs on them. */
function Coming() {
  return (
    <div role="status" aria-label={TODAY_STATION_TEXT.workingItOut}>
      <Skeleton variant="text" sx={{ fontSize: 'var(--type-dial)', maxWidth: 420 }} />
      <Skeleton variant="text" sx={{ maxWidth: 300 }} />
      <Skeleton variant="rectangular" sx={{ mt: 2, height: 220 }} />
    </div>
  );
}

/** The next thing to do in the project that was begun. */
function Next({ now }: { now: JobNow | null }) {
  return now && now.items.length > 0 ? <NextUp now={now} /> : <NothingNext now={now} />;
}

/** Beside it, what is half done or wants to be looked after, and the other jobs that are open. */
function WhatWaits({ jobs }: { jobs: Job[] }) {
  const begun = useBegun();
  const attention = useAttention();
  if (!begun || !attention) return <aside className={styles.side} />;
  const rows = jobs.map((job) => ({
    key: job.id,
    href: `/projects?id=${job.id}`,
    name: job.name,
    note: TODAY_STATION_TEXT.begun(sayWhen(job.addedAt)),
  }));
  const all: Waiting[] = [begun, ...attention, { id: 'other-jobs', title: TODAY_STATION_TEXT.otherJobs, rows }];
  return (
    <aside className={styles.side}>
      {all.map((waiting) => (
        <Rows key={waiting.id} {...waiting} />
      ))}
      {all.every(({ rows }) => rows.length === 0) && (
        <p className={styles.calm}>{TODAY_STATION_TEXT.nothingElseWaitsNothing}</p>
      )}
    </aside>
  );
}
