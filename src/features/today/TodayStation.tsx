'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { useCloths, useJobs, usePreference } from '@/data';
import { useJobNow } from '@/parts/jobs';
import { sayWhen } from '@/parts/workspace';
import { Attention } from './Attention';
import { Begun } from './Begun';
import { NextUp, NothingNext } from './NextUp';
import { OtherJobs } from './OtherJobs';
import styles from './Today.module.css';

/** Today: what to do next, the machine led to it; what waits for attention. With nothing here yet, a first cloth is asked for. */
export function TodayStation() {
  const router = useRouter();
  const cloths = useCloths();
  const jobs = useJobs();
  const chosen = usePreference('jobId');
  const open = jobs?.filter((job) => !job.doneAt) ?? [];
  const job = open.find((j) => j.id === chosen) ?? open[0];
  const now = useJobNow(job?.id ?? null);
  const empty = jobs?.length === 0 && cloths?.length === 0;
  useEffect(() => {
    if (empty) router.replace('/match');
  }, [empty, router]);
  if (!jobs || !cloths || now === undefined || empty) return null;
  const weekday = new Date().toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });
  return (
    <div className={styles.page}>
      <section className={styles.next} aria-labelledby="next">
        <p className={styles.date}>{weekday}</p>
        {now && now.items.length > 0 ? <NextUp now={now} /> : <NothingNext now={now} />}
      </section>
      <aside className={styles.side}>
        <Begun />
        <Attention />
        <OtherJobs jobs={open.filter((j) => j.id !== job?.id)} say={(j) => `begun ${sayWhen(j.addedAt)}`} />
      </aside>
    </div>
  );
}
