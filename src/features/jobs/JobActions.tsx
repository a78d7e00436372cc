'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { duplicateJob } from '@/core/job';
import { jobs, writePreference } from '@/data';
import type { JobNow } from '@/parts/jobs';
import { Paper } from '@/parts/paper';
import { fileName } from '@/parts/things';
import { newId, nowText, saveFile, useAct } from '@/parts/workspace';
import { JobSheet } from './JobSheet';
import styles from './Jobs.module.css';

/** What can be done with a job as a whole. */
export function JobActions({ now }: { now: JobNow }) {
  const [printing, setPrinting] = useState(false);
  const { done, again, exported, removed } = useJobActions(now);
  const { job, items } = now;
  return (
    <div className={styles.actions}>
      {items.length === 0 && job.seams.length > 0 && (
        <Button variant={job.doneAt ? 'outlined' : 'contained'} onClick={() => void done(!job.doneAt)}>
          {job.doneAt ? 'Open it again' : 'Call it done'}
        </Button>
      )}
      <Button variant="outlined" onClick={() => setPrinting(true)}>
        Print
      </Button>
      <Button onClick={() => void exported()}>Export</Button>
      <Button onClick={() => void again()}>Make it again</Button>
      <Button onClick={() => void removed()}>Delete</Button>
      {printing && (
        <Paper marginMm={12} onAway={() => setPrinting(false)}>
          <JobSheet now={now} />
        </Paper>
      )}
    </div>
  );
}

function useJobActions({ job }: JobNow) {
  const router = useRouter();
  const act = useAct();
  const setDone = (doneAt: string | undefined) =>
    jobs.change(job.id, (now) => {
      if (!now) return now;
      const open = { ...now };
      delete open.doneAt;
      return doneAt ? { ...open, doneAt } : open;
    });
  return {
    done: async (is: boolean) => {
      await act(is ? `“${job.name}” done` : `“${job.name}” open again`, async () => {
        await setDone(is ? nowText() : undefined);
        if (is) await writePreference('jobId', null);
      });
    },
    again: async () => {
      const copy = duplicateJob(job, { id: newId(), newId, at: nowText() });
      await act(`“${copy.name}” added`, () => jobs.put(copy));
      router.push(`/jobs?id=${copy.id}`);
    },
    exported: async () => {
      const { exportThing } = await import('@/data/thingFile');
      const text = await exportThing('job', job.id, new Date());
      if (text !== null) saveFile(`bobbet-job-${fileName(job.name)}.json`, text, 'application/json');
    },
    removed: async () => {
      await act(`“${job.name}” deleted`, () => jobs.remove(job.id));
      router.push('/jobs');
    },
  };
}
