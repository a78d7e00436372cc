'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import { Fragment } from 'react';
import { calculationsFor } from '@/core/calculator';
import { type Ask, usualOf, type WorkedOut } from '@/core/procedure';
import { useJobs } from '@/data';
import { AskField } from '@/parts/asks';
import { useUnits } from '@/parts/workspace';
import { More, SceneDrawing, StopAlert, ZipKinds } from '@/ui';
import { BandAsk } from './BandAsk';
import { Clashes } from './Clashes';
import { Needed } from './Needed';
import { OutlineAsk } from './outline';
import { Printing } from './print';
import { RowsSewn } from './RowsSewn';
import styles from './Sew.module.css';
import { Suitability } from './Suitability';
import { TEXT } from './text';
import { useBegin } from './useBegin';
import { usePrinter } from './usePrinter';
import type { RunNow } from './useRunNow';

/** The questions of an operation, its drawing following every answer, and what to have ready. */
export function AskPage({ now }: { now: RunNow }) {
  const { run, procedure, given, worked, save } = now;
  const numbers = worked.ok ? worked.numbers : null;
  const { length } = usePrinter(now, numbers);
  const { ready, clashes, begin, remove } = useBegin(now);
  const isExample = useExamples(now);
  const view = Object.values(procedure.views)[0];
  return (
    <div className={styles.page}>
      <section className={styles.drawing} aria-label={TEXT.drawing}>
        <h1>{procedure.name}</h1>
        <p className={styles.quiet}>
          {TEXT.on(run.clothName, run.machineName)} <Link href="/sew">{TEXT.all}</Link>
        </p>
        {numbers && <SceneDrawing scene={view(numbers, given)} length={length} />}
        <Refusal worked={worked} />
      </section>
      <section className={styles.asks} aria-label={TEXT.questions}>
        <h2 data-work>{TEXT.before}</h2>
        <Suitability now={now} />
        <BandAsk now={now} />
        {procedure.along && <OutlineAsk now={now} />}
        {procedure.asks.map((ask) => (
          <AskField
            key={ask.key}
            ask={ask}
            value={run.answers[ask.key] ?? usualOf(ask, given)}
            note={isExample(ask.key) ? TEXT.example : undefined}
            onValue={(value) => void save((r) => ({ answers: { ...r.answers, [ask.key]: value } }))}
          />
        ))}
        {procedure.asks.some(isAboutAZip) && <WhichZip />}
        <Pieces now={now} />
        <OnItsOwn now={now} />
        {numbers && <Needed now={now} numbers={numbers} />}
        <RowsSewn now={now} />
        <Clashes closed={clashes} />
        <div className={styles.actions}>
          <Button variant="contained" disabled={!ready} onClick={() => void begin()}>
            {TEXT.begin}
          </Button>
          <Button onClick={() => void remove()}>{TEXT.putAway}</Button>
        </div>
        {numbers && <Printing now={now} numbers={numbers} />}
      </section>
    </div>
  );
}

/** Operations that a zip is sewn in with, or is made shorter by. */
const isAboutAZip = ({ key }: Ask) => key === 'zip' || key === 'bought';

/** For a zip that has lost its label. */
function WhichZip() {
  return (
    <More summary={TEXT.whichZip}>
      <ZipKinds />
    </More>
  );
}

/** Why the answers do not go together, and which to change. */
function Refusal({ worked }: { worked: WorkedOut }) {
  const { say } = useUnits();
  if (worked.ok || !('blocked' in worked)) return null;
  return (
    <StopAlert title={TEXT.doNotAgree}>
      {worked.blocked.map(({ code, text }) => (
        <p key={code}>{say(text)}</p>
      ))}
    </StopAlert>
  );
}

const PIECES: Ask = {
  key: 'pieces',
  label: TEXT.pieces,
  unit: 'count',
  usual: 1,
  least: 1,
  most: 99,
};

/** The sums of this operation, worked out on their own. */
function OnItsOwn({ now: { run, procedure } }: { now: RunNow }) {
  const sums = calculationsFor(procedure.id);
  if (sums.length === 0) return null;
  return (
    <p className={styles.quiet}>
      {TEXT.onItsOwn}{' '}
      {sums.map(({ id, name }, i) => (
        <Fragment key={id}>
          {i > 0 && ', '}
          <Link href={`/calculator?name=${id}&run=${run.id}`}>{name}</Link>
        </Fragment>
      ))}
    </p>
  );
}

/** Several alike are sewn in a row: both side seams, four pockets. */
function Pieces({ now: { run, save } }: { now: RunNow }) {
  return (
    <AskField
      ask={PIECES}
      value={run.pieces}
      onValue={(pieces) => void save(() => ({ pieces: Math.round(pieces), piece: 1 }))}
    />
  );
}

/** Which answers are still those of the template that the project was made from. */
function useExamples({ run }: RunNow): (key: string) => boolean {
  const seam = useJobs()
    ?.find(({ id }) => id === run.jobId)
    ?.seams.find(({ id }) => id === run.seamId);
  return (key) => seam?.examples?.includes(key) === true && seam.answers[key] === run.answers[key];
}
