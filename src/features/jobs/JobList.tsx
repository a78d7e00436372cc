'use client';

import Link from 'next/link';
import { isSewn, type Job, usualOrder } from '@/core/job';
import type { Run } from '@/core/procedure';
import { useRuns } from '@/data';
import { sayWhen } from '@/parts/workspace';
import { ProgressBar } from '@/ui';
import styles from './Jobs.module.css';
import { NewJob } from './NewJob';
import { JOB_LIST_TEXT } from './text';

/** Every job with how far it is, and a way to begin another. */
export function JobList({ jobs, lost }: { jobs: Job[]; lost: boolean }) {
  const open = jobs.filter((job) => !job.doneAt);
  const done = jobs.filter((job) => job.doneAt);
  return (
    <div className={styles.two}>
      <section className={styles.main} aria-labelledby="jobs">
        <h1 id="jobs">{JOB_LIST_TEXT.jobs}</h1>
        {lost && <p role="status">{JOB_LIST_TEXT.thatJobIsNot}</p>}
        <p className={styles.quiet}>{jobs.length === 0 ? JOB_LIST_TEXT.noJobYetA : JOB_LIST_TEXT.means}</p>
        <Rows jobs={open} />
        {done.length > 0 && <h2>{JOB_LIST_TEXT.done}</h2>}
        <Rows jobs={done} />
      </section>
      <aside className={styles.side}>
        <NewJob />
      </aside>
    </div>
  );
}

function Rows({ jobs }: { jobs: Job[] }) {
  const runs = useRuns();
  if (jobs.length === 0 || !runs) return null;
  return (
    <ul className={styles.jobs}>
      {jobs.map((job) => (
        <li key={job.id}>
          <Row job={job} runs={runs.filter((run) => run.jobId === job.id)} />
        </li>
      ))}
    </ul>
  );
}

/** One job of the list: told from its seams alone, for there may be hundreds; times are worked out where it is opened. */
function Row({ job, runs }: { job: Job; runs: readonly Run[] }) {
  const done = job.seams.filter((seam) => isSewn(job, seam, runs)).length;
  const kept = job.order.flatMap((id) => job.seams.filter((seam) => seam.id === id));
  const next = [...kept, ...usualOrder(job)].find((seam) => !isSewn(job, seam, runs));
  return (
    <Link href={`/projects?id=${job.id}`}>
      <span className={styles.jobName}>
        <strong>{job.name}</strong>
        <span className={styles.quiet}>
          {job.doneAt
            ? JOB_LIST_TEXT.done2(sayWhen(job.doneAt))
            : next
              ? JOB_LIST_TEXT.nextSeam(next.name)
              : JOB_LIST_TEXT.nothingLeftToSew}
        </span>
      </span>
      <span className={styles.jobTape}>
        <ProgressBar done={done} of={job.seams.length} what="seams" />
        <span className={styles.quiet}>{JOB_LIST_TEXT.ofSeams(done, job.seams.length)}</span>
      </span>
      <span className={styles.jobTime}>
        {!job.doneAt && <span className={styles.quiet}>{JOB_LIST_TEXT.begun(sayWhen(job.addedAt))}</span>}
      </span>
    </Link>
  );
}
