'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import {
  findCycle,
  type JobSeam,
  jobSeamSchema,
  missingOrder,
  seamName,
  usualOrder,
  usualStage,
  withOrder,
} from '@/core/job';
import { procedureName } from '@/core/procedure';
import { jobs } from '@/data';
import type { JobNow } from '@/parts/jobs';
import { newId, useAct } from '@/parts/workspace';
import { CautionAlert, Pressable, StopAlert } from '@/ui';
import styles from './Jobs.module.css';
import { SeamCsv } from './SeamCsv';
import { SeamEditor } from './SeamEditor';

/** What a new seam is until something else is picked. */
const FIRST_OPERATION = 'plain-open';

/** Every seam of the job, one of them open to be changed. */
export function SeamsPlace({ now }: { now: JobNow }) {
  const { job, seams } = now;
  const [open, setOpen] = useState<string | null>(null);
  const ring = findCycle(job.seams.map(({ id, after }) => ({ id, after: after.map((a) => a.seamId) })));
  const nameOf = (id: string) => seamName(job, id);
  const add = async () => {
    const id = newId();
    const seam = jobSeamSchema.parse({
      id,
      name: `Seam ${job.seams.length + 1}`,
      procedureId: FIRST_OPERATION,
      stage: usualStage(FIRST_OPERATION),
      clothId: job.seams.at(-1)?.clothId ?? null,
    });
    await jobs.change(job.id, (j) => j && { ...j, seams: [...j.seams, seam] });
    setOpen(id);
  };
  return (
    <section aria-label="Seams" className={styles.main}>
      {ring && (
        <StopAlert title="These wait for each other in a ring">
          <p>{ring.map(nameOf).join(' after ')}. Take one of the “after” out, and the order can be worked out.</p>
        </StopAlert>
      )}
      <Suggestions now={now} />
      <ul className={styles.seams}>
        {usualOrder(job).map((seam) => (
          <li key={seam.id}>
            <SeamHead
              now={now}
              seam={seam}
              open={open === seam.id}
              onOpen={() => setOpen(open === seam.id ? null : seam.id)}
            />
            {open === seam.id && (
              <SeamEditor key={seam.id} now={now} seam={seam} state={seams.find((s) => s.seam.id === seam.id)!} />
            )}
          </li>
        ))}
      </ul>
      <div className={styles.actions}>
        <Button variant="contained" onClick={() => void add()}>
          Add a seam
        </Button>
        <SeamCsv job={job} />
      </div>
    </section>
  );
}

interface HeadProps {
  now: JobNow;
  seam: JobSeam;
  open: boolean;
  onOpen: () => void;
}

const PROOF = {
  proven: '✓ proven',
  stitch: 'stitch tested',
  stale: '! card is out of date',
  none: 'needs a swatch',
  hand: 'by hand',
  free: 'no proof needed',
} as const;

/** Sewn, and whether it was tested before. */
const sewnSo = (proof: keyof typeof PROOF): string =>
  proof === 'proven' || proof === 'stitch' ? `✓ sewn, ${PROOF[proof]}` : '✓ sewn';

function SeamHead({ now, seam, open, onOpen }: HeadProps) {
  const state = now.seams.find((s) => s.seam.id === seam.id)!;
  const cloth = now.cloths.find((c) => c.id === seam.clothId);
  const second = now.cloths.find((c) => c.id === seam.secondClothId);
  const before = seam.after.map(({ seamId }) => seamName(now.job, seamId));
  return (
    <Pressable className={styles.seamHead} aria-expanded={open} onClick={onOpen}>
      <span>
        <strong>{seam.name}</strong>
        <small>
          {procedureName(seam.procedureId)}
          {seam.count > 1 && `, ${seam.count} of them`}
        </small>
      </span>
      <span>
        {cloth?.cloth.name ?? 'no cloth yet'}
        {second && ` and ${second.cloth.name}`}
        <small data-proof={state.proof}>{state.state === 'done' ? sewnSo(state.proof) : PROOF[state.proof]}</small>
      </span>
      <small>{before.length > 0 ? `after ${before.join(', ').toLowerCase()}` : 'waits for nothing'}</small>
    </Pressable>
  );
}

/** What the operations imply about the order and the job does not heed yet. */
function Suggestions({ now: { job } }: { now: JobNow }) {
  const act = useAct();
  const missing = missingOrder(job.seams);
  if (missing.length === 0) return null;
  const nameOf = (id: string) => seamName(job, id);
  const take = () => act('Usual order put in', () => jobs.change(job.id, (j) => j && withOrder(j, missing)));
  return (
    <CautionAlert>
      <strong>What usually comes first</strong>
      <ul className={styles.reasons}>
        {missing.slice(0, 6).map(({ seamId, after, why }) => (
          <li key={seamId + after}>
            “{nameOf(after)}” before “{nameOf(seamId)}”: {why}.
          </li>
        ))}
        {missing.length > 6 && <li>and {missing.length - 6} more</li>}
      </ul>
      <Button variant="outlined" onClick={() => void take()}>
        Heed {missing.length === 1 ? 'it' : 'all of it'}
      </Button>
    </CautionAlert>
  );
}
