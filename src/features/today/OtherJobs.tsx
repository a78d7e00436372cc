'use client';

import type { Job } from '@/core/job';
import { Rows } from './Rows';

/** Jobs that are open beside the one in hand. */
export function OtherJobs({ jobs, say }: { jobs: Job[]; say: (job: Job) => string }) {
  return (
    <Rows
      id="other-jobs"
      title="Other jobs"
      rows={jobs.map((job) => ({ key: job.id, href: `/jobs?id=${job.id}`, name: job.name, note: say(job) }))}
    />
  );
}
