'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import { useEffect } from 'react';
import { setupChanges } from '@/core/setup';
import { sayEstimate } from '@/core/units';
import { useOnMachine, writePreference } from '@/data';
import { type JobNow, useWorkActions } from '@/parts/jobs';
import { ClothSwatch, Origin, ProgressBar } from '@/ui';
import styles from './Today.module.css';
import { NEXT_UP_TEXT } from './text';

/** The next thing to do, the machine led to it, and the way in. */
export function NextUp({ now }: { now: JobNow }) {
  const { job, items, progress, timeline, seams, left } = now;
  const [item] = items;
  const [stop] = timeline.stops;
  const cloth = now.cloths.find((c) => c.id === item.now.seam.clothId);
  useLeadStrip(now, cloth?.cloth.name);
  return (
    <>
      <h1 id="next">{item.name}</h1>
      <p className={styles.of}>
        {item.kind === 'seam' && item.now.seam.count > 1 && NEXT_UP_TEXT.several(item.now.seam.count)}
        {cloth ? NEXT_UP_TEXT.on(cloth.cloth.name) : NEXT_UP_TEXT.itsClothIsStill}
        {NEXT_UP_TEXT.for} <Link href={`/projects?id=${job.id}`}>{job.name}</Link>
      </p>
      <div className={styles.what}>
        {cloth && <ClothSwatch look={{ ...cloth.cloth, colour: cloth.colour }} className={styles.swatch} />}
        <p className={styles.minutes}>
          <strong>{sayEstimate(stop.toMin - stop.sewMin)}</strong>
          {stop.sewMin > stop.fromMin && (
            <span>{NEXT_UP_TEXT.andToSetThe(sayEstimate(stop.sewMin - stop.fromMin))}</span>
          )}{' '}
          <Origin of="model" />
        </p>
      </div>
      <Ways now={now} hasCloth={cloth !== undefined} />
      <OnTheMachine now={now} />
      <div className={styles.progress}>
        <ProgressBar done={progress.done.length} of={seams.length} what="seams" />
        <p>
          {NEXT_UP_TEXT.ofSeamsLeftToday(progress.done.length, seams.length, sayEstimate(left.minutes))}{' '}
          <strong>{progress.today.length}</strong> {NEXT_UP_TEXT.of(timeline.stops.length)}
        </p>
        <ol className={styles.then}>
          {progress.today.map(({ item: one, toMin, sewMin }) => (
            <li key={one.id}>
              {one.name} <span>{sayEstimate(toMin - sewMin)}</span>
            </li>
          ))}
        </ol>
        <Link href={`/projects?id=${job.id}`}>{NEXT_UP_TEXT.theWholeOrderOf}</Link>
      </div>
    </>
  );
}

/** A link takes no focus by itself. */
const focusOn = (element: HTMLElement | null) => element?.focus();

/** The way in; where something is missing, the way to that. */
function Ways({ now, hasCloth }: { now: JobNow; hasCloth: boolean }) {
  const {
    job,
    machine,
    items: [item],
  } = now;
  const { prove, sew, tick } = useWorkActions(now);
  const go = item.kind === 'scrap' ? prove : sew;
  const word =
    item.kind === 'scrap'
      ? NEXT_UP_TEXT.proveItOnScrap
      : item.now.state === 'begun'
        ? NEXT_UP_TEXT.goOnSewing
        : NEXT_UP_TEXT.sewIt;
  const missing = hasCloth ? (machine ? null : 'machine') : 'fabric';
  const place = `/projects?id=${job.id}${missing === 'machine' ? '&place=about' : ''}`;
  return (
    <div className={styles.actions}>
      {missing ? (
        <Button variant="contained" size="large" ref={focusOn} component={Link} href={place}>
          {NEXT_UP_TEXT.chooseIts(missing)}
        </Button>
      ) : (
        <Button variant="contained" size="large" autoFocus onClick={() => void go(item.now)}>
          {word}
        </Button>
      )}
      {item.kind === 'seam' && <Button onClick={() => void tick(item.now)}>{NEXT_UP_TEXT.itIsDone}</Button>}
    </div>
  );
}

/** The machine bar leads to what the next thing is sewn with. */
function useLeadStrip({ items: [item], machine }: JobNow, clothId: string | null | undefined) {
  const key = item.now.setup && machine && clothId ? JSON.stringify([item.now.setup, machine.id, clothId]) : null;
  useEffect(() => {
    if (!key) return;
    const [setup, machineId, id] = JSON.parse(key);
    void writePreference('target', { setup, machineId, clothId: id });
  }, [key]);
}

/** How much of the machine is to be changed for it; what exactly stands in the machine bar below, which ticks it off. */
function OnTheMachine({
  now: {
    items: [item],
    machine,
  },
}: {
  now: JobNow;
}) {
  const on = useOnMachine(machine?.id ?? null);
  if (!machine || !item.now.setup || on === undefined) return null;
  const changes = setupChanges(machine.machine, on?.setup ?? null, item.now.setup, on?.unsure);
  const powerOff = changes.some((change) => change.powerOff);
  return <p className={styles.changes}>{NEXT_UP_TEXT.toChange(machine.machine.name, changes.length, powerOff)}</p>;
}

/** Nothing is being made, or all of it is sewn. */
export function NothingNext({ now }: { now: JobNow | null }) {
  return (
    <>
      <h1 id="next">{now ? NEXT_UP_TEXT.everythingIsSewn(now.job.name) : NEXT_UP_TEXT.nothingIsWaitingTo}</h1>
      <p className={styles.of}>
        {now ? (
          <>
            {NEXT_UP_TEXT.pressItALast} <Link href={`/projects?id=${now.job.id}`}>{NEXT_UP_TEXT.thenCallItDone}</Link>
          </>
        ) : (
          NEXT_UP_TEXT.beginAJobAnd
        )}
      </p>
      <div className={styles.actions}>
        <Button variant="contained" component={Link} href="/projects">
          {NEXT_UP_TEXT.beginAJob}
        </Button>
        <Button variant="outlined" component={Link} href="/match">
          {NEXT_UP_TEXT.matchACloth}
        </Button>
      </div>
    </>
  );
}
