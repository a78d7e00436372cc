'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { Fragment } from 'react';
import { calculationsFor } from '@/core/calculator';
import type { Card } from '@/core/card';
import {
  type Ask,
  needlesFit,
  type Numbers,
  sewnByMachine,
  takesInAll,
  usualOf,
  type WorkedOut,
} from '@/core/procedure';
import { settingReadings } from '@/core/setup';
import { formatNumber } from '@/core/units';
import { runs as store } from '@/data';
import { EyeStop } from '@/parts/asking';
import { AskField } from '@/parts/asks';
import { useStale } from '@/parts/staleness';
import { useAct, useUnits } from '@/parts/workspace';
import { CautionAlert, SceneDrawing, StopAlert } from '@/ui';

import { Clashes, clashesOfAll } from './Clashes';
import { OutlineAsk } from './outline';
import { Printing } from './print';
import styles from './Sew.module.css';
import { Suitability } from './Suitability';
import { TEXT } from './text';
import { usePrinter } from './usePrinter';
import type { RunNow } from './useRunNow';

/** The questions of an operation, its drawing following every answer, and what to have ready. */
export function AskPage({ now }: { now: RunNow }) {
  const { run, procedure, given, worked, cloth, machine, setup, save } = now;
  const { length } = usePrinter(now, now.worked.ok ? now.worked.numbers : null);
  const router = useRouter();
  const act = useAct();
  const numbers = worked.ok ? worked.numbers : null;
  const view = Object.values(procedure.views)[0];
  const machined = sewnByMachine(procedure);
  const clashes = numbers && machined ? clashesOfAll(now, numbers) : [];
  const ready = numbers && cloth && machine && (setup || !machined) && clashes.length === 0;
  const begin = async () => {
    if (!ready) return;
    // The answers nobody touched are kept as well: what is usual may be another number tomorrow.
    const answers = Object.fromEntries(
      procedure.asks.map((ask) => [ask.key, run.answers[ask.key] ?? usualOf(ask, given)]),
    );
    await save(() => ({ status: 'sewing', answers, setup: setup ?? undefined, cardId: now.found?.card?.id }));
  };
  const remove = async () => {
    await act(`${procedure.name} cancelled`, () => store.remove(run.id));
    router.push('/sew');
  };
  return (
    <div className={styles.page}>
      <section className={styles.drawing} aria-label="Drawing">
        <h1>{procedure.name}</h1>
        <p className={styles.quiet}>
          On {run.clothName}, with {run.machineName}. <Link href="/sew">All operations</Link>
        </p>
        {numbers && <SceneDrawing scene={view(numbers, given)} length={length} />}
        <Refusal worked={worked} />
      </section>
      <section className={styles.asks} aria-label="Questions">
        <h2>Before the first stitch</h2>
        <Suitability now={now} />
        {procedure.along && <OutlineAsk now={now} />}
        {procedure.asks.map((ask) => (
          <AskField
            key={ask.key}
            ask={ask}
            value={run.answers[ask.key] ?? usualOf(ask, given)}
            onValue={(value) => void save((r) => ({ answers: { ...r.answers, [ask.key]: value } }))}
          />
        ))}
        <Pieces now={now} />
        <OnItsOwn now={now} />
        {numbers && <Needed now={now} numbers={numbers} />}
        {machined && <Setting now={now} />}
        <Clashes closed={clashes} />
        <div className={styles.actions}>
          <Button variant="contained" disabled={!ready} onClick={() => void begin()}>
            Begin
          </Button>
          <Button onClick={() => void remove()}>Put it away</Button>
        </div>
        {numbers && <Printing now={now} numbers={numbers} />}
      </section>
    </div>
  );
}

/** Why the answers do not go together, and which to change. */
function Refusal({ worked }: { worked: WorkedOut }) {
  const { say } = useUnits();
  if (worked.ok || !('blocked' in worked)) return null;
  return (
    <StopAlert title="These numbers do not go together">
      {worked.blocked.map(({ code, text }) => (
        <p key={code}>{say(text)}</p>
      ))}
    </StopAlert>
  );
}

const PIECES: Ask = {
  key: 'pieces',
  label: 'How many of these, one after the other',
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

/** What to have at hand, and what it takes of thread and time. */
function Needed({ now, numbers }: { now: RunNow; numbers: Numbers }) {
  const { procedure, steps, given, how, run } = now;
  const { metres } = useUnits();
  const { fill } = usePrinter(now, numbers);
  const machined = sewnByMachine(procedure);
  const { minutes, threadMm: thread } = takesInAll(steps, numbers, given, how, run.pieces);
  return (
    <div className={styles.needed}>
      <h3>Have ready</h3>
      <ul>
        {procedure.ready.map((thing) => (
          <li key={thing}>{fill(thing)}</li>
        ))}
      </ul>
      <p>
        <strong>{metres(thread)}</strong> of thread{machined && ', needle and bobbin together'}
        {machined && (
          <>
            ; <strong>{formatNumber(minutes, 1)} min</strong> of needle time
          </>
        )}
        , in {steps.length} steps{run.pieces > 1 ? `, ${run.pieces} times over` : ''}.
      </p>
    </div>
  );
}

function Setting({ now: { setup, found, machine, run, procedure } }: { now: RunNow }) {
  if (!machine) return <p className={styles.quiet}>Its machine is not in the workroom any more.</p>;
  if (!setup)
    return (
      <p className={styles.quiet}>
        {found ? 'Match finds no safe setting: look there why.' : 'Looking for the setting.'}
      </p>
    );
  const shown = settingReadings(machine.machine, setup);
  return (
    <div className={styles.setting}>
      <h3>Sewn with</h3>
      <p>
        {shown.stitch}, {shown.length}
        {setup.widthMm > 0 ? ` × ${shown.width}` : ''}; {shown.needle}, {shown.thread}, {shown.foot.toLowerCase()} foot.
      </p>
      <EyeStop setup={setup} />
      {!needlesFit(procedure, setup) && (
        <CautionAlert>
          {procedure.needles === 'two'
            ? 'This operation is sewn with a twin needle, and Match found none that fits: look there why.'
            : 'This operation is sewn with one needle: put a single one in.'}
        </CautionAlert>
      )}
      <Proof card={found?.card ?? null} clothId={run.clothId} />
    </div>
  );
}

/** Whether the setting was proven, and whether that still holds. */
function Proof({ card, clothId }: { card: Card | null; clothId: string }) {
  const stale = useStale();
  const reasons = card && stale ? stale(card) : [];
  if (card && reasons.length === 0)
    return (
      <p className={styles.proven}>
        ✓ Proven on scrap. <Link href={`/ledger?id=${card.id}`}>The card</Link>
      </p>
    );
  return (
    <CautionAlert>
      {card ? (
        <>
          Its card is out of date. {reasons[0].text} <Link href={`/ledger?id=${card.id}`}>Test it again first</Link>, or
          go on with a scrap beside you.
        </>
      ) : (
        <>
          Not proven on scrap yet: this is Match’s estimate. <Link href={`/match?cloth=${clothId}`}>Test it first</Link>
          , or go on with a scrap beside you.
        </>
      )}
    </CautionAlert>
  );
}
