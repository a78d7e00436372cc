'use client';

import ContentCopy from '@mui/icons-material/ContentCopy';
import DeleteOutlined from '@mui/icons-material/DeleteOutlined';
import FileDownloadOutlined from '@mui/icons-material/FileDownloadOutlined';
import PrintOutlined from '@mui/icons-material/PrintOutlined';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { duplicateJob } from '@/core/job';
import { jobs, writePreference } from '@/data';
import type { JobNow } from '@/parts/jobs';
import { PaperDialog } from '@/parts/paper';
import { fileName } from '@/parts/things';
import { newId, nowText, saveFile, useAct } from '@/parts/workspace';
import { JobSheet } from './JobSheet';
import styles from './Jobs.module.css';
import { JOB_ACTIONS_TEXT } from './text';

/** What can be done with a job as a whole. */
export function JobActions({ now }: { now: JobNow }) {
  const [printing, setPrinting] = useState(false);
  const { done, again, exported, removed } = useJobActions(now);
  const { job, items } = now;
  return (
    <div className={styles.actions}>
      {items.length === 0 && job.seams.length > 0 && (
        <Button variant={job.doneAt ? 'outlined' : 'contained'} onClick={() => void done(!job.doneAt)}>
          {job.doneAt ? JOB_ACTIONS_TEXT.openItAgain : JOB_ACTIONS_TEXT.callItDone}
        </Button>
      )}
      <Button variant="outlined" startIcon={<PrintOutlined />} onClick={() => setPrinting(true)}>
        {JOB_ACTIONS_TEXT.print}
      </Button>
      <Button startIcon={<FileDownloadOutlined />} onClick={() => void exported()}>
        {JOB_ACTIONS_TEXT.export}
      </Button>
      <Button startIcon={<ContentCopy />} onClick={() => void again()}>
        {JOB_ACTIONS_TEXT.makeItAgain}
      </Button>
      <Button startIcon={<DeleteOutlined />} onClick={() => void removed()}>
        {JOB_ACTIONS_TEXT.delete}
      </Button>
      {printing && (
        <PaperDialog name={JOB_ACTIONS_TEXT.sheet(job.name)} marginMm={12} onClose={() => setPrinting(false)}>
          {() => <JobSheet now={now} />}
        </PaperDialog>
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
      await act(is ? JOB_ACTIONS_TEXT.done(job.name) : JOB_ACTIONS_TEXT.openAgain(job.name), async () => {
        await setDone(is ? nowText() : undefined);
        if (is) await writePreference('jobId', null);
      });
    },
    again: async () => {
      const copy = duplicateJob(job, { id: newId(), newId, at: nowText() });
      await act(JOB_ACTIONS_TEXT.added(copy.name), () => jobs.put(copy));
      router.push(`/projects?id=${copy.id}`);
    },
    exported: async () => {
      const { exportThing } = await import('@/data/thingFile');
      const text = await exportThing('job', job.id, new Date());
      if (text !== null) saveFile(`bobbet-job-${fileName(job.name)}.json`, text, 'application/json');
    },
    removed: async () => {
      await act(JOB_ACTIONS_TEXT.deleted(job.name), () => jobs.remove(job.id));
      router.push('/projects');
    },
  };
}
