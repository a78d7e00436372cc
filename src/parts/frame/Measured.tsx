'use client';

import { isSewn } from '@/core/job';
import { useJobs, usePreference, useRuns } from '@/data';
import styles from './Tape.module.css';
import { TAPE_TEXT } from './text';

/** How far the current project is: a green thread along the edge of the tape. */
export function Measured() {
  const id = usePreference('jobId');
  const job = useJobs()?.find((j) => j.id === id);
  const runs = useRuns();
  if (!job || !runs || job.seams.length === 0) return null;
  const sewn = job.seams.filter((seam) => isSewn(job, seam, runs)).length;
  const text = TAPE_TEXT.ofSeams(job.name, sewn, job.seams.length);
  return (
    <span
      className={styles.measured}
      role="img"
      aria-label={text}
      title={text}
      style={{ width: `${(100 * sewn) / job.seams.length}%` }}
    />
  );
}
