'use client';

import { CautionAlert } from '@/ui';
import type { JobNow } from '@/parts/jobs';
import { Costs } from './Costs';
import { FindOrder } from './FindOrder';
import { NoClothYet } from './JobCloths';
import styles from './Jobs.module.css';
import { StopList } from './StopList';
import { TimelineDrawing } from './TimelineDrawing';

/** The order of work: what is on the machine when, what is done next, and what another order would cost. */
export function WorkPlace({ now }: { now: JobNow }) {
  const { items, seams, timeline } = now;
  if (seams.length === 0)
    return <p className={styles.quiet}>No seam yet. Under “Seams” the first one is put in; its order follows.</p>;
  if (items.length === 0) return <AllSewn now={now} />;
  return (
    <>
      {now.waiting && (
        <p role="status" className={styles.quiet}>
          Settings are being worked out.
        </p>
      )}
      <NoClothYet now={now} />
      <TimelineDrawing timeline={timeline} />
      <div className={styles.two}>
        <section aria-labelledby="order" className={styles.main}>
          <h2 id="order">What is done when</h2>
          <StopList now={now} />
        </section>
        <aside className={styles.side}>
          <FindOrder now={now} />
          <Costs now={now} />
          {!now.machine && (
            <CautionAlert>No machine is chosen for this job: under “Pieces and notes” it can be.</CautionAlert>
          )}
        </aside>
      </div>
    </>
  );
}

function AllSewn({ now: { job } }: { now: JobNow }) {
  return (
    <p>
      <strong>✓ Everything is sewn.</strong>{' '}
      {job.doneAt ? 'The job is done.' : 'Press it a last time, look it over, then call it done.'}
    </p>
  );
}
