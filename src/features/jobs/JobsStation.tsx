'use client';

import { useSearchParams } from 'next/navigation';
import { useJobs } from '@/data';
import { RecordBoundary, RecordTrouble, useDamagedRecord } from '@/parts/boundary';
import { JobList } from './JobList';
import { JobPage } from './JobPage';
import { JOBS_STATION_TEXT } from './text';

/** Jobs: things being made, from their pieces to the last tack. */
export function JobsStation() {
  const asked = useSearchParams();
  const id = asked.get('id');
  const jobs = useJobs();
  const wrong = useDamagedRecord('jobs', id);
  if (!jobs) return null;
  const which = { table: 'jobs', id: id ?? '', what: JOBS_STATION_TEXT.thisProject, home: '/projects' };
  if (jobs.some((job) => job.id === id)) {
    return (
      <RecordBoundary key={id} {...which}>
        <JobPage id={id!} place={asked.get('place')} />
      </RecordBoundary>
    );
  }
  return wrong ? <RecordTrouble {...which} /> : <JobList jobs={jobs} lost={id !== null} />;
}
