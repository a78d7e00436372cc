'use client';

import { type SearchedOrder, isAboutOrder } from '@/core/job';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { useEffect, useRef, useState } from 'react';
import { sayMinutes } from '@/core/units';
import { jobs } from '@/data';
import type { JobNow } from '@/parts/jobs';
import { useAct, useSay } from '@/parts/workspace';
import { findOrder } from '@/workers/orderClient';
import styles from './Jobs.module.css';
import { sayFound } from './sayFound';
import { FIND_ORDER_TEXT } from './text';

/** What the order costs in changes, and a search for a better one, which can be stopped. */
export function FindOrder({ now }: { now: JobNow }) {
  const { weighed, waiting } = now;
  const { share, found, failed, look, stop } = useSearch(now);
  const here = found && isAboutOrder(found, weighed.cost) ? found : null;
  return (
    <section aria-labelledby="changes" className={styles.form}>
      <h2 id="changes">{FIND_ORDER_TEXT.changesOnTheMachine}</h2>
      <p className={styles.big}>
        <strong>{sayMinutes(weighed.cost)}</strong>
      </p>
      <p className={styles.quiet}>{sayFound(here, weighed.changes.length)}</p>
      {failed && <p role="alert">{failed}</p>}
      {share === null ? (
        <div className={styles.actions}>
          <Button variant="contained" disabled={waiting} onClick={() => void look()}>
            {FIND_ORDER_TEXT.findTheBestOrder}
          </Button>
        </div>
      ) : (
        <div className={styles.actions}>
          <LinearProgress
            variant="determinate"
            value={100 * share}
            aria-label={FIND_ORDER_TEXT.searching}
            sx={{ flex: 1 }}
          />
          <Button variant="outlined" onClick={stop}>
            {FIND_ORDER_TEXT.stop}
          </Button>
        </div>
      )}
    </section>
  );
}

function useSearch({ job, question }: JobNow) {
  const [share, setShare] = useState<number | null>(null);
  const [found, setFound] = useState<SearchedOrder | null>(null);
  const [failed, setFailed] = useState<string | null>(null);
  const running = useRef<AbortController | null>(null);
  const say = useSay();
  const act = useAct();
  useEffect(() => () => running.current?.abort(), []);
  const look = async () => {
    const control = new AbortController();
    running.current = control;
    setShare(0);
    setFailed(null);
    try {
      // Word of how far it is may still be on its way when it was stopped, or is done.
      const tell = (now: number) => running.current === control && setShare(now);
      const answer = await findOrder(question, tell, control.signal);
      if (!answer) return say(FIND_ORDER_TEXT.stoppedTheOrderIs);
      if ('blocked' in answer) return setFailed(answer.blocked[0].text);
      setFound({ cost: answer.cost, bound: answer.bound, optimal: answer.optimal });
      if (job.order.join() === answer.order.join()) return;
      await act(FIND_ORDER_TEXT.orderChanged, () =>
        jobs.change(job.id, (now) => now && { ...now, order: answer.order }),
      );
    } catch (cause) {
      setFailed(FIND_ORDER_TEXT.theOrderCouldNot((cause as Error).message));
    } finally {
      running.current = null;
      setShare(null);
    }
  };
  return { share, found, failed, look, stop: () => running.current?.abort() };
}
