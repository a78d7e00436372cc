'use client';

import Link from 'next/link';
import { type BobbinPlan, type NeedleNeed, seamName, type ThreadNeed } from '@/core/job';
import { threadName } from '@/core/kit';
import { formatNumber, sayEstimate, sayMinutes } from '@/core/units';
import { type JobNow } from '@/parts/jobs';
import { useUnits } from '@/parts/workspace';
import styles from './Jobs.module.css';
import { NotionList } from './NotionList';
import { BUDGET_TEXT } from './text';

/** Where spools are kept. */
const SPOOLS = '/workroom?place=threads';

/** What the job takes: thread, bobbins, needles, time, notions; and what of it has to be bought. */
export function BudgetPlace({ now }: { now: JobNow }) {
  const { budget } = now;
  if (now.seams.length === 0) return <p className={styles.quiet}>No seam yet, so it takes nothing.</p>;
  return (
    <div className={styles.two}>
      <div className={styles.main}>
        {budget.threads.length === 0 ? (
          <p>Thread, bobbins and needles are counted once a seam has its cloth and a setting is found for it.</p>
        ) : (
          <>
            <Threads threads={budget.threads} />
            <Bobbins now={now} plans={budget.bobbins} />
            <Needles needles={budget.needles} />
          </>
        )}
        <p className={styles.quiet}>
          Thread is counted from the stitch itself, with its tails and one tenth for what is unpicked. Times and hands
          are an estimate at your own pace, from {now.pace.count} {now.pace.count === 1 ? 'operation' : 'operations'}{' '}
          sewn step by step.
        </p>
      </div>
      <aside className={styles.side}>
        <Time now={now} />
        <Shopping now={now} />
        <NotionList now={now} />
      </aside>
    </div>
  );
}

function Threads({ threads }: { threads: ThreadNeed[] }) {
  const { metres, thread } = useUnits();
  return (
    <section aria-labelledby="threads">
      <h2 id="threads">Thread</h2>
      <table className={styles.table}>
        <thead>
          <tr>
            <th>Colour</th>
            <th>On top</th>
            <th>Bobbin</th>
            <th>By hand</th>
            <th>Unpicking</th>
            <th>In all</th>
            <th>There is</th>
          </tr>
        </thead>
        <tbody>
          {threads.map((need) => (
            <tr key={need.colour + threadName(need.thread)}>
              <th scope="row">
                {need.colour || 'any colour'} <small>{threadName(need.thread)}</small>
              </th>
              <td>{thread(need.needleMm)}</td>
              <td>{thread(need.bobbinMm)}</td>
              <td>{need.handMm > 0 ? thread(need.handMm) : '–'}</td>
              <td>{thread(need.unpickMm)}</td>
              <td>
                <strong>{thread(need.totalMm)}</strong>
              </td>
              <td data-short={need.buyMm > 0 || undefined}>
                {need.ownedMm === null ? <Link href={SPOOLS}>{BUDGET_TEXT.howMuchLeft}</Link> : metres(need.ownedMm)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Bobbins({ now, plans }: { now: JobNow; plans: BobbinPlan[] }) {
  const { thread: used } = useUnits();
  const nameOf = (id: string) => seamName(now.job, id);
  return (
    <section aria-labelledby="bobbins">
      <h2 id="bobbins">Bobbins</h2>
      <ul className={styles.bobbins}>
        {plans.map(({ thread, totalMm, bobbins }) => (
          <li key={thread}>
            <strong>{bobbins.length}</strong> of {thread}, {used(totalMm)}
            <ol>
              {bobbins.map((bobbin, i) => (
                <li key={bobbin.from + i}>
                  {i === 0 ? 'Wind one before' : 'The next one goes in before'} “{nameOf(bobbin.from)}”
                  {bobbin.runsOut &&
                    `; it runs out in “${nameOf(bobbin.runsOut.seamId)}”, ${formatNumber(100 * bobbin.runsOut.share, 0)} % into it`}
                  {bobbin.setAsideMm > 0 &&
                    `; taken out with ${used(bobbin.setAsideMm)} left, so that no visible line has a join`}
                  {bobbin.usedUpIn.length > 0 &&
                    `; put in again for ${bobbin.usedUpIn.map((id) => `“${nameOf(id)}”`).join(', ')}`}
                  .
                </li>
              ))}
            </ol>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Needles({ needles }: { needles: NeedleNeed[] }) {
  return (
    <section aria-labelledby="needles">
      <h2 id="needles">Needles</h2>
      <table className={styles.table}>
        <tbody>
          {needles.map(({ name, hours, ownedHours, buy }) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              <td>{sayEstimate(hours * 60)} of its hours</td>
              <td>
                {ownedHours === null ? 'hours do not decide' : `${formatNumber(ownedHours, 1)} h left in the tin`}
              </td>
              <td data-short={buy > 0 || undefined}>{buy > 0 ? `get ${buy}` : 'enough'}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Time({ now: { left, weighed, needleMin, items, pace, tookMin } }: { now: JobNow }) {
  const took = tookMin >= 1 && `${sayMinutes(tookMin)} so far, by the timer. `;
  if (items.length === 0)
    return (
      <section aria-labelledby="time">
        <h2 id="time">Time</h2>
        {tookMin >= 1 && (
          <p className={styles.big}>
            <strong>{sayMinutes(tookMin)}</strong> in all, by the timer
          </p>
        )}
        <p className={styles.quiet}>Everything is sewn. The needle ran {sayEstimate(needleMin)}.</p>
      </section>
    );
  return (
    <section aria-labelledby="time">
      <h2 id="time">Time</h2>
      <p className={styles.big}>
        <strong>{sayEstimate(left.minutes)}</strong> left
      </p>
      <p className={styles.quiet}>
        Eight times in ten it takes {sayEstimate(left.low)} to {sayEstimate(left.high)}. Changes on the machine:{' '}
        {sayEstimate(weighed.cost)}. The needle runs {sayEstimate(needleMin)} in the whole job. You take{' '}
        {formatNumber(pace.factor, 2)} times the estimate. {took}
      </p>
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
    ...budget.threads.flatMap((t) => (t.buyMm > 0 ? [`${thread(t.buyMm)} of ${named(t)}`] : [])),
    ...budget.needles.flatMap((n) => (n.buy > 0 ? [`${n.buy} × ${n.name}`] : [])),
    ...budget.notions.flatMap(({ label, unit, buy }) => {
      if (buy <= 0) return [];
      return [unit === 'mm' ? `${buy >= 1000 ? metres(buy) : length(buy)} of ${say(label)}` : `${buy} × ${say(label)}`];
    }),
  ];
  return (
    <section aria-labelledby="shopping">
      <h2 id="shopping">To get</h2>
      {lines.length + toCheck.length === 0 ? (
        <p>✓ Everything is there.</p>
      ) : (
        <ul className={styles.shopping}>
          {lines.map((line) => (
            <li key={line}>{line}</li>
          ))}
          {toCheck.map((t) => (
            <li key={named(t)}>
              {BUDGET_TEXT.checkSpool(named(t), thread(t.totalMm))} <Link href={SPOOLS}>{BUDGET_TEXT.noteIt}</Link>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
