'use client';

import { type SearchedOrder, isAboutOrder } from '@/core/job';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { sayMinutes } from '@/core/units';
import { jobs } from '@/data';
import type { JobNow } from '@/parts/jobs';
import { useAct, useSay } from '@/parts/workspace';
import { useLongWork, Working } from '@/ui';
import { findOrder } from '@/workers/orderClient';
import styles from './Jobs.module.css';
import { sayFound } from './sayFound';
import { FIND_ORDER_TEXT } from './text';

/** What the order costs in changes, and a search for a better one, which can be stopped. */
export function FindOrder({ now }: { now: JobNow }) {
  const { weighed, waiting } = now;
  const { work, found, failed, look } = useSearch(now);
  const here = found && isAboutOrder(found, weighed.cost) ? found : null;
  return (
    <section aria-labelledby="changes" className={styles.form}>
      <h2 id="changes">{FIND_ORDER_TEXT.changesOnTheMachine}</h2>
      <p className={styles.big}>
        <strong>{sayMinutes(weighed.cost)}</strong>
      </p>
      <p className={styles.quiet}>{sayFound(here, weighed.changes.length)}</p>
      {failed && <p role="alert">{failed}</p>}
      <div className={styles.actions}>
        {work.share === null && (
          <Button variant="contained" disabled={waiting} onClick={() => void look()}>
            {FIND_ORDER_TEXT.findTheBestOrder}
          </Button>
        )}
        <Working work={work} label={FIND_ORDER_TEXT.searching} />
      </div>
    </section>
  );
}

function useSearch({ job, question }: JobNow) {
  const work = useLongWork();
  const [found, setFound] = useState<SearchedOrder | null>(null);
  const [failed, setFailed] = useState<string | null>(null);
  const say = useSay();
  const act = useAct();
  const look = async () => {
    setFailed(null);
    try {
      const answer = await work.run((tell, signal) => findOrder(question, tell, signal));
      if (!answer) return say(FIND_ORDER_TEXT.stoppedTheOrderIs);
      if ('blocked' in answer) return setFailed(answer.blocked[0].text);
      setFound({ cost: answer.cost, bound: answer.bound, optimal: answer.optimal });
      if (job.order.join() === answer.order.join()) return;
      await act(FIND_ORDER_TEXT.orderChanged, () =>
        jobs.change(job.id, (now) => now && { ...now, order: answer.order }),
      );
    } catch (cause) {
      setFailed(FIND_ORDER_TEXT.theOrderCouldNot((cause as Error).message));
    }
  };
  return { work, found, failed, look };
}
