'use client';

import Link from 'next/link';
import { clothsOf, type ClothUse, withCloth } from '@/core/job';
import { jobs } from '@/data';
import type { JobNow } from '@/parts/jobs';
import { useAct } from '@/parts/workspace';
import { CautionAlert, Pick } from '@/ui';
import styles from './Jobs.module.css';
import { JOB_CLOTHS_TEXT } from './text';

/** The cloths of a job, each changed for all of it at once. */
export function JobCloths({ now }: { now: JobNow }) {
  const uses = clothsOf(now.job);
  if (uses.length === 0) return null;
  return (
    <section aria-labelledby="cloths" className={styles.form}>
      <h2 id="cloths">{JOB_CLOTHS_TEXT.cloths}</h2>
      {uses.map((use) => (
        <ClothPick key={use.clothId} now={now} use={use} />
      ))}
    </section>
  );
}

/** Said before the order of work, as long as something has no cloth: no setting can be found for it. */
export function NoClothYet({ now }: { now: JobNow }) {
  const lacking = clothsOf(now.job).find(({ clothId }) => clothId === null);
  if (!lacking || lacking.seams === 0) return null;
  return (
    <CautionAlert>
      <strong>{JOB_CLOTHS_TEXT.withoutACloth(counted(lacking.seams, 'seam'))}</strong> {JOB_CLOTHS_TEXT.whatTheyAreSewn}
      <div className={styles.chosen}>
        <ClothPick now={now} use={lacking} />
      </div>
    </CautionAlert>
  );
}

function ClothPick({ now: { job, cloths }, use }: { now: JobNow; use: ClothUse }) {
  const act = useAct();
  const nameOf = (id: string | null) => cloths.find((c) => c.id === id)?.cloth.name ?? JOB_CLOTHS_TEXT.noCloth;
  const swap = (to: string) =>
    act(JOB_CLOTHS_TEXT.insteadOf(nameOf(to), nameOf(use.clothId)), () =>
      jobs.change(job.id, (now) => now && withCloth(now, use.clothId, to)),
    );
  const hangs = [
    ...(use.seams > 0 ? [counted(use.seams, 'seam')] : []),
    ...(use.pieces > 0 ? [counted(use.pieces, 'piece')] : []),
  ].join(', ');
  const known = cloths.map((c) => [c.id, c.cloth.name] as const);
  const gone = use.clothId !== null && !cloths.some((c) => c.id === use.clothId);
  if (cloths.length === 0) {
    return (
      <p>
        {JOB_CLOTHS_TEXT.thereIsNoCloth} <Link href="/fabric">{JOB_CLOTHS_TEXT.describeOneFirst}</Link>
      </p>
    );
  }
  return (
    <Pick
      label={use.clothId === null ? JOB_CLOTHS_TEXT.clothFor(hangs) : JOB_CLOTHS_TEXT.clothOf(hangs)}
      value={use.clothId ?? ''}
      options={gone ? [[use.clothId!, JOB_CLOTHS_TEXT.notInTheDrawer] as const, ...known] : known}
      onPick={(to) => void swap(to)}
    />
  );
}

const counted = (count: number, noun: string) => `${count} ${count === 1 ? noun : `${noun}s`}`;
