'use client';

import { useSearchParams } from 'next/navigation';
import { useJobs } from '@/data';
import { JobList } from './JobList';
import { JobPage } from './JobPage';

/** Jobs: things being made, from their pieces to the last tack. */
export function JobsStation() {
  const asked = useSearchParams();
  const id = asked.get('id');
  const jobs = useJobs();
  if (!jobs) return null;
  if (jobs.some((job) => job.id === id)) return <JobPage key={id} id={id!} place={asked.get('place')} />;
  return <JobList jobs={jobs} lost={id !== null} />;
}
