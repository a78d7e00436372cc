'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { readJob, settleJob } from '@/core/file';
import { jobs, useCloths, useMachines } from '@/data';
import { newId, nowText, useUndo } from '@/parts/workspace';
import { FileButton, StopPlate } from '@/ui';

/** A job out of a file: new here, its cloths found again by key or by name. */
export function ImportJob() {
  const [problem, setProblem] = useState<string | null>(null);
  const router = useRouter();
  const undo = useUndo();
  const cloths = useCloths();
  const machines = useMachines();
  if (!cloths || !machines) return null;
  const choose = async (file: File) => {
    setProblem(null);
    const read = readJob(await file.text());
    if (!read.ok) return setProblem(`${file.name}: ${read.error.path}: ${read.error.message}.`);
    const here = {
      cloths: cloths.map((c) => ({ id: c.id, name: c.cloth.name })),
      machines: machines.map((m) => ({ id: m.id, name: m.machine.name })),
    };
    const { job, missing } = settleJob(read.file, here, { id: newId(), newId, at: nowText() });
    await jobs.put(job);
    router.push(`/jobs?id=${job.id}`);
    const open = missing.length > 0 ? ` Not here, to be chosen: ${missing.join(', ')}.` : '';
    undo(`“${job.name}” is imported.${open}`, async () => void (await jobs.remove(job.id)));
  };
  return (
    <>
      <FileButton
        text="Import a job"
        label="Import a job"
        accept=".json,application/json"
        onFile={(file) => void choose(file)}
      />
      {problem && (
        <StopPlate title="It was not imported">
          <p>{problem} Nothing here has changed.</p>
        </StopPlate>
      )}
    </>
  );
}
