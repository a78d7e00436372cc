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
import { type LongColumn, LongTable } from '@/parts/longTable';
import { newId, useAct } from '@/parts/workspace';
import { CautionAlert, Pressable, StopAlert } from '@/ui';
import styles from './Jobs.module.css';
import { SeamCsv } from './SeamCsv';
import { SeamEditor } from './SeamEditor';
import { SEAMS_PLACE_TEXT } from './text';

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
      name: SEAMS_PLACE_TEXT.seam(job.seams.length + 1),
      procedureId: FIRST_OPERATION,
      stage: usualStage(FIRST_OPERATION),
      clothId: job.seams.at(-1)?.clothId ?? null,
    });
    await jobs.change(job.id, (j) => j && { ...j, seams: [...j.seams, seam] });
    setOpen(id);
  };
  return (
    <section aria-label={SEAMS_PLACE_TEXT.seams} className={styles.main}>
      {ring && (
        <StopAlert title={SEAMS_PLACE_TEXT.theseWaitForEach}>
          <p>{SEAMS_PLACE_TEXT.takeOneOfThe(ring.map(nameOf).join(' after '))}</p>
        </StopAlert>
      )}
      <Suggestions now={now} />
      {job.seams.length > 0 && (
        <LongTable
          label={SEAMS_PLACE_TEXT.seamsOfIt}
          items={usualOrder(job)}
          keyOf={({ id }) => id}
          columns={columnsOf(now, open, (id) => setOpen(open === id ? null : id))}
          rowPx={58}
          openKey={open}
          detail={(seam) => (
            <SeamEditor key={seam.id} now={now} seam={seam} state={seams.find((s) => s.seam.id === seam.id)!} />
          )}
        />
      )}
      <div className={styles.actions}>
        <Button variant="contained" onClick={() => void add()}>
          {SEAMS_PLACE_TEXT.addASeam}
        </Button>
        <SeamCsv job={job} />
      </div>
    </section>
  );
}

const PROOF = {
  proven: SEAMS_PLACE_TEXT.proven,
  stitch: SEAMS_PLACE_TEXT.stitchTested,
  stale: SEAMS_PLACE_TEXT.cardIsOutOf,
  none: SEAMS_PLACE_TEXT.needsASwatch,
  hand: SEAMS_PLACE_TEXT.byHand,
  free: SEAMS_PLACE_TEXT.noProofNeeded,
} as const;

/** Sewn, and whether it was tested before. */
const sewnSo = (proof: keyof typeof PROOF): string =>
  proof === 'proven' || proof === 'stitch' ? SEAMS_PLACE_TEXT.sewn(PROOF[proof]) : SEAMS_PLACE_TEXT.sewn2;

function columnsOf(now: JobNow, open: string | null, onOpen: (id: string) => void): readonly LongColumn<JobSeam>[] {
  const stateOf = (seam: JobSeam) => now.seams.find((s) => s.seam.id === seam.id)!;
  const named = (id: string | null) => now.cloths.find((c) => c.id === id)?.cloth.name;
  const proof = (seam: JobSeam) => {
    const { state, proof } = stateOf(seam);
    return state === 'done' ? sewnSo(proof) : PROOF[proof];
  };
  return [
    {
      id: 'seam',
      name: SEAMS_PLACE_TEXT.seamName,
      always: true,
      width: '28%',
      text: ({ name }) => name,
      render: ({ id, name }) => (
        <Pressable data-main aria-expanded={open === id} onClick={() => onOpen(id)}>
          {name}
        </Pressable>
      ),
    },
    {
      id: 'operation',
      name: SEAMS_PLACE_TEXT.operation,
      text: ({ procedureId, count }) =>
        `${procedureName(procedureId)}${count > 1 ? SEAMS_PLACE_TEXT.ofThem(count) : ''}`,
    },
    {
      id: 'fabric',
      name: SEAMS_PLACE_TEXT.fabric,
      text: ({ clothId, secondClothId }) => {
        const second = named(secondClothId);
        return `${named(clothId) ?? SEAMS_PLACE_TEXT.noClothYet}${second ? SEAMS_PLACE_TEXT.and(second) : ''}`;
      },
    },
    {
      id: 'tested',
      name: SEAMS_PLACE_TEXT.tested,
      width: 170,
      text: proof,
      render: (seam) => <span data-proof={stateOf(seam).proof}>{proof(seam)}</span>,
    },
    {
      id: 'after',
      name: SEAMS_PLACE_TEXT.sewnAfter,
      text: ({ after }) => {
        const before = after.map(({ seamId }) => seamName(now.job, seamId));
        return before.length > 0
          ? SEAMS_PLACE_TEXT.after(before.join(', ').toLowerCase())
          : SEAMS_PLACE_TEXT.waitsForNothing;
      },
    },
  ];
}

/** What usually comes first among its operations, where the job has another order. */
function Suggestions({ now: { job } }: { now: JobNow }) {
  const act = useAct();
  const missing = missingOrder(job.seams);
  if (missing.length === 0) return null;
  const nameOf = (id: string) => seamName(job, id);
  const take = () =>
    act(SEAMS_PLACE_TEXT.usualOrderPutIn, () => jobs.change(job.id, (j) => j && withOrder(j, missing)));
  return (
    <CautionAlert>
      <strong>{SEAMS_PLACE_TEXT.whatUsuallyComesFirst}</strong>
      <ul className={styles.reasons}>
        {missing.slice(0, 6).map(({ seamId, after, why }) => (
          <li key={seamId + after}>{SEAMS_PLACE_TEXT.before(nameOf(after), nameOf(seamId), why)}</li>
        ))}
        {missing.length > 6 && <li>{SEAMS_PLACE_TEXT.andMore(missing.length - 6)}</li>}
      </ul>
      <Button variant="outlined" onClick={() => void take()}>
        {SEAMS_PLACE_TEXT.usualOrder}
      </Button>
    </CautionAlert>
  );
}
