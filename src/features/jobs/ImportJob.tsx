'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { decodeText, readThing, settleJob } from '@/core/file';
import { jobs, useCloths, useMachines } from '@/data';
import { newId, nowText, useAct } from '@/parts/workspace';
import { FileButton, StopAlert } from '@/ui';
import { IMPORT_JOB_TEXT } from './text';

/** A job out of a file: new here, its cloths found again by key or by name. */
export function ImportJob() {
  const [problem, setProblem] = useState<string | null>(null);
  const router = useRouter();
  const act = useAct();
  const cloths = useCloths();
  const machines = useMachines();
  if (!cloths || !machines) return null;
  const choose = async (file: File) => {
    setProblem(null);
    const read = readThing(decodeText(new Uint8Array(await file.arrayBuffer())), 'job');
    if (!read.ok) return setProblem(`${file.name}: ${read.error.path}: ${read.error.message}.`);
    const here = {
      cloths: cloths.map((c) => ({ id: c.id, name: c.cloth.name })),
      machines: machines.map((m) => ({ id: m.id, name: m.machine.name })),
    };
    const { job, missing, bring } = settleJob(read.file, here, { id: newId(), newId, at: nowText() });
    const open = missing.length > 0 ? IMPORT_JOB_TEXT.notHereSoChoose(missing.join(', ')) : '';
    const { bringIn } = await import('@/data/thingFile');
    const store = async () => {
      await bringIn(bring);
      await jobs.put(job);
    };
    await act(IMPORT_JOB_TEXT.imported(job.name), store, open);
    router.push(`/projects?id=${job.id}`);
  };
  return (
    <>
      <FileButton
        text={IMPORT_JOB_TEXT.importAJob}
        label={IMPORT_JOB_TEXT.importAJob}
        accept=".json,application/json"
        onFile={(file) => void choose(file)}
      />
      {problem && (
        <StopAlert title={IMPORT_JOB_TEXT.itWasNotImported}>
          <p>{IMPORT_JOB_TEXT.nothingHereHasChanged(problem)}</p>
        </StopAlert>
      )}
    </>
  );
}
