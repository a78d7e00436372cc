'use client';

import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { type BobbinPlan, seamName, type ThreadNeed } from '@/core/job';
import { threadName } from '@/core/kit';
import { formatNumber, sayEstimate, sayMinutes } from '@/core/units';
import type { JobNow } from '@/parts/jobs';
import { useUnits } from '@/parts/workspace';
import { Origin } from '@/ui';
import { NeedleTable, SPOOLS, ThreadTable } from './BudgetTables';
import styles from './Jobs.module.css';
import { NotionList } from './NotionList';
import { BUDGET_TEXT as TEXT } from './text';

/** What the job takes: thread, bobbins, needles, time, notions; and what of it has to be bought. */
export function BudgetPlace({ now }: { now: JobNow }) {
  const { budget } = now;
  if (now.seams.length === 0) return <p className={styles.quiet}>{TEXT.none}</p>;
  return (
    <div className={styles.two}>
      <div className={styles.main}>
        {budget.threads.length === 0 ? (
          <p>{TEXT.notYet}</p>
        ) : (
          <>
            <ThreadTable threads={budget.threads} />
            <Bobbins now={now} plans={budget.bobbins} />
            <NeedleTable needles={budget.needles} />
          </>
        )}
        <p className={styles.quiet}>{TEXT.how(now.pace.count)}</p>
      </div>
      <aside className={styles.side}>
        <Time now={now} />
        <Shopping now={now} />
        <NotionList now={now} />
      </aside>
    </div>
  );
}

function Bobbins({ now, plans }: { now: JobNow; plans: BobbinPlan[] }) {
  const { thread: used } = useUnits();
  const nameOf = (id: string) => seamName(now.job, id);
  return (
    <section aria-labelledby="bobbins">
      <Typography variant="h2" id="bobbins">
        {TEXT.bobbins}
      </Typography>
      <Origin of="model" />
      <ul className={styles.bobbins}>
        {plans.map(({ thread, totalMm, bobbins }) => (
          <li key={thread}>
            <strong>{bobbins.length}</strong> {TEXT.full(thread, used(totalMm))}
            <ol>
              {bobbins.map(({ from, runsOut, setAsideMm, usedUpIn }, i) => (
                <li key={from + i}>
                  {(i === 0 ? TEXT.first : TEXT.next)(nameOf(from))}
                  {runsOut && TEXT.runsOut(nameOf(runsOut.seamId), formatNumber(100 * runsOut.share, 0))}
                  {setAsideMm > 0 && TEXT.setAside(used(setAsideMm))}
                  {usedUpIn.length > 0 && TEXT.usedUpIn(usedUpIn.map(nameOf))}.
                </li>
              ))}
            </ol>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Time({ now: { left, weighed, needleMin, items, pace, tookMin } }: { now: JobNow }) {
  const isSewn = items.length === 0;
  return (
    <section aria-labelledby="time">
      <Typography variant="h2" id="time">
        {TEXT.time}
      </Typography>
      <Origin of="model" />
      {isSewn && tookMin >= 1 && (
        <p className={styles.big}>
          <strong>{sayMinutes(tookMin)}</strong> {TEXT.byTimer}
        </p>
      )}
      {isSewn ? (
        <p className={styles.quiet}>{TEXT.allSewn(sayEstimate(needleMin))}</p>
      ) : (
        <>
          <p className={styles.big}>
            <strong>{sayEstimate(left.minutes)}</strong> {TEXT.left}
          </p>
          <p className={styles.quiet}>
            {TEXT.likely(sayEstimate(left.low), sayEstimate(left.high))}{' '}
            {TEXT.parts(sayMinutes(weighed.cost), sayEstimate(needleMin))}{' '}
            {TEXT.pace(formatNumber(pace.factor, 2), pace.count)} {tookMin >= 1 && TEXT.soFar(sayMinutes(tookMin))}
          </p>
        </>
      )}
    </section>
  );
}

/** What is missing for what is still to be sewn. */
function Shopping({ now: { restBudget: budget, items } }: { now: JobNow }) {
  const { metres, thread, length, say } = useUnits();
  if (items.length === 0) return null;
  const named = ({ thread, colour }: ThreadNeed) => `${threadName(thread)}${colour ? `, ${colour}` : ''}`;
  const toCheck = budget.threads.filter(({ ownedMm }) => ownedMm === null);
  const lines = [
    ...budget.threads.flatMap((t) => (t.buyMm > 0 ? [TEXT.amount(thread(t.buyMm), named(t))] : [])),
    ...budget.needles.flatMap((n) => (n.buy > 0 ? [TEXT.pieces(n.buy, n.name)] : [])),
    ...budget.notions.flatMap(({ label, unit, buy }) => {
      if (buy <= 0) return [];
      return [
        unit === 'mm' ? TEXT.amount(buy >= 1000 ? metres(buy) : length(buy), say(label)) : TEXT.pieces(buy, say(label)),
      ];
    }),
  ];
  return (
    <section aria-labelledby="shopping">
      <Typography variant="h2" id="shopping">
        {TEXT.toGet}
      </Typography>
      {lines.length + toCheck.length === 0 ? (
        <p>{TEXT.complete}</p>
      ) : (
        <ul className={styles.shopping}>
          {lines.map((line) => (
            <li key={line}>{line}</li>
          ))}
          {toCheck.map((t) => (
            <li key={named(t)}>
              {TEXT.checkSpool(named(t), thread(t.totalMm))} <Link href={SPOOLS}>{TEXT.noteIt}</Link>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
