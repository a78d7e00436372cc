'use client';

import Button from '@mui/material/Button';
import type { Broken } from '@/core/job';
import { jobs } from '@/data';
import type { JobNow } from '@/parts/jobs';
import { StopAlert } from '@/ui';
import styles from './Jobs.module.css';
import { BROKEN_PLATE_TEXT } from './text';

/** An order that was not taken, and what it would break. */
export interface Refused {
  order: string[];
  broken: Broken[];
}

interface Props {
  now: JobNow;
  refused: Refused;
  onAway: () => void;
  onPlace: (order: string[]) => Promise<void>;
}

/** Why a seam cannot go where it was dropped, and the way out: to take the rule out, where it is the maker's to take. */
export function BrokenPlate({ now, refused: { order, broken }, onAway, onPlace }: Props) {
  const { job, items } = now;
  const nameOf = (id: string) => items.find((item) => item.id === id)?.name ?? id;
  const whyOf = ({ id, waitsFor }: Broken) =>
    job.seams.find((s) => s.id === id)?.after.find((a) => a.seamId === waitsFor)?.why ?? '';
  const scraps = broken.filter(({ waitsFor }) => items.some((i) => i.kind === 'scrap' && i.id === waitsFor));
  const loosen = async () => {
    await jobs.change(
      job.id,
      (j) =>
        j && {
          ...j,
          seams: j.seams.map((seam) => ({
            ...seam,
            after: seam.after.filter((a) => !broken.some((b) => b.id === seam.id && b.waitsFor === a.seamId)),
          })),
        },
    );
    await onPlace(order);
    onAway();
  };
  return (
    <StopAlert title={BROKEN_PLATE_TEXT.itCannotGoThere}>
      <ul className={styles.reasons}>
        {broken.map((one) => (
          <li key={one.id + one.waitsFor}>
            {BROKEN_PLATE_TEXT.waitsFor(nameOf(one.id), nameOf(one.waitsFor))}
            {whyOf(one) && `: ${whyOf(one)}`}
            {scraps.includes(one) && BROKEN_PLATE_TEXT.itsSettingIsProven}.
          </li>
        ))}
      </ul>
      <div className={styles.actions}>
        {scraps.length === 0 && (
          <Button variant="outlined" onClick={() => void loosen()}>
            {BROKEN_PLATE_TEXT.itNeedNotWait}
          </Button>
        )}
        <Button onClick={onAway}>{BROKEN_PLATE_TEXT.leaveItWhereIt}</Button>
      </div>
    </StopAlert>
  );
}
