'use client';

import { CautionAlert } from '@/ui';
import type { JobNow } from '@/parts/jobs';
import { Costs } from './Costs';
import { FindOrder } from './FindOrder';
import { NoClothYet } from './JobCloths';
import styles from './Jobs.module.css';
import { StopList } from './StopList';
import { TimelineDrawing } from './TimelineDrawing';
import { WORK_PLACE_TEXT } from './text';

/** The order of work: what is on the machine when, what is done next, and what another order would cost. */
export function WorkPlace({ now }: { now: JobNow }) {
  const { items, seams, timeline } = now;
  if (seams.length === 0) return <p className={styles.quiet}>{WORK_PLACE_TEXT.noSeamYetUnder}</p>;
  if (items.length === 0) return <AllSewn now={now} />;
  return (
    <>
      {now.waiting && (
        <p role="status" className={styles.quiet}>
          {WORK_PLACE_TEXT.settingsAreBeingWorked}
        </p>
      )}
      <NoClothYet now={now} />
      <TimelineDrawing timeline={timeline} />
      <div className={styles.two}>
        <section aria-labelledby="order" className={styles.main}>
          <h2 id="order">{WORK_PLACE_TEXT.whatIsDoneWhen}</h2>
          <StopList now={now} />
        </section>
        <aside className={styles.side}>
          <FindOrder now={now} />
          <Costs now={now} />
          {!now.machine && <CautionAlert>{WORK_PLACE_TEXT.noMachineIsChosen}</CautionAlert>}
        </aside>
      </div>
    </>
  );
}

function AllSewn({ now: { job } }: { now: JobNow }) {
  return (
    <p>
      <strong>{WORK_PLACE_TEXT.everythingIsSewn}</strong>{' '}
      {job.doneAt ? WORK_PLACE_TEXT.theJobIsDone : WORK_PLACE_TEXT.pressItALast}
    </p>
  );
}
