'use client';

import ExpandLess from '@mui/icons-material/ExpandLess';
import ExpandMore from '@mui/icons-material/ExpandMore';
import { Pressable, useRoving } from '@/ui';
import dynamic from 'next/dynamic';
import { useRef, useState } from 'react';
import { type FittedFoot, isFitted } from '@/core/kit';
import { READINGS } from '@/core/setup';
import { formatNumber } from '@/core/units';
import type { NeedleNow } from '@/core/workroom';
import { BAR_ID } from '../keys';
import { sayWhen } from '../workspace';
import { NeedleChoice } from './NeedleChoice';
import styles from './MachineBar.module.css';
import { ReadingColumn } from './ReadingColumn';
import { BAR_TEXT } from './text';
import { useClock } from './useClock';
import { type MachineBarState, useMachineBar } from './useMachineBar';

/** Asked after a change of version only, so it comes when it is needed. */
const WhichCloth = dynamic(() => import('./WhichCloth').then((m) => m.WhichCloth));
const FitFoot = dynamic(() => import('./FitFoot').then((m) => m.FitFoot));

/** What is on the machine, always in sight: what must change shows from → to, in the order to do it. */
export function MachineBar() {
  const bar = useMachineBar();
  const [open, setOpen] = useState(false);
  const aside = useRef<HTMLElement>(null);
  const fold = useRef<HTMLButtonElement>(null);
  // Its press goes with what it did: the focus stays on the bar, which closes where it folds.
  const allSet = () => {
    bar?.tickAll();
    setOpen(false);
    (fold.current?.offsetParent ? fold.current : aside.current)?.focus();
  };
  if (!bar) return <aside id={BAR_ID} className={styles.strip} aria-label={BAR_TEXT.onTheMachine} />;
  const count = bar.changes.length;
  return (
    <aside
      ref={aside}
      id={BAR_ID}
      tabIndex={-1}
      onKeyDown={(event) => {
        if (event.key !== 'Escape' || !open) return;
        setOpen(false);
        fold.current?.focus();
      }}
      className={styles.strip}
      aria-label={BAR_TEXT.onTheMachine}
      data-open={open || undefined}
    >
      <Pressable ref={fold} className={styles.fold} aria-expanded={open} onClick={() => setOpen(!open)}>
        <span>{bar.machine.machine.name}</span>
        <strong>{count > 0 ? BAR_TEXT.toChange(count) : bar.on ? BAR_TEXT.allSet : BAR_TEXT.nothingNotedYet}</strong>
        {open ? <ExpandMore /> : <ExpandLess />}
      </Pressable>
      <div className={styles.body}>
        <Summary bar={bar} onAllSet={allSet} />
        {bar.readings || count > 0 ? (
          <Columns bar={bar} />
        ) : (
          <p className={styles.empty}>{BAR_TEXT.nothingNotedYetMatch}</p>
        )}
      </div>
    </aside>
  );
}

function Summary({ bar, onAllSet }: { bar: MachineBarState; onAllSet: () => void }) {
  const { machine, on, changes, clothName, leftOver, clash } = bar;
  const powerOff = changes.some((c) => c.powerOff);
  const { running, start, stop } = useClock(machine.id);
  return (
    <div className={styles.summary}>
      <span className={styles.label}>{BAR_TEXT.onTheMachine}</span>
      <strong className={styles.machine}>{machine.machine.name}</strong>
      {changes.length > 0 ? (
        <>
          <span className={styles.must}>
            {leftOver ? BAR_TEXT.stillSetFor(leftOver, sayWhen(on!.since)) : ''}
            {BAR_TEXT.toChange2(changes.length)}
            {powerOff ? BAR_TEXT.powerOffFirst : ''}
          </span>
          <Pressable className={styles.all} onClick={onAllSet}>
            {BAR_TEXT.allSet2}
          </Pressable>
        </>
      ) : (
        on && (
          <>
            <span className={leftOver ? styles.must : styles.label}>
              {clothName
                ? BAR_TEXT.for(leftOver ? BAR_TEXT.stillSet : 'Set', clothName, sayWhen(on.since))
                : BAR_TEXT.set(sayWhen(on.since))}
            </span>
            <Pressable className={styles.all} aria-pressed={running} onClick={running ? stop : start}>
              {running ? BAR_TEXT.stopSewing : BAR_TEXT.iAmSewing}
            </Pressable>
          </>
        )
      )}
      {bar.which.length > 0 && on?.clothNamed !== undefined && (
        <WhichCloth name={on.clothNamed} which={bar.which} onTell={bar.tellCloth} />
      )}
      {clash && (
        <strong role="alert" className={styles.clash}>
          {clash}
        </strong>
      )}
    </div>
  );
}

function Columns({ bar }: { bar: MachineBarState }) {
  const { readings, changes, on, tick, target } = bar;
  const foot = target?.setup.foot;
  const roving = useRoving<HTMLOListElement>();
  const shown = READINGS.filter(
    (r) => r !== 'position' || changes.some((c) => c.reading === r) || (readings?.position ?? 'centre') !== 'centre',
  );
  return (
    <ol className={styles.columns} {...roving}>
      {shown.map((reading) => {
        const change = changes.find((c) => c.reading === reading);
        return (
          <li key={reading} className={change ? styles.changed : undefined}>
            <ReadingColumn reading={reading} bar={bar} change={change}>
              {change && reading === 'foot' && foot && isFitted(foot) && (
                <HowToFit foot={foot} onFitted={() => tick('foot')} />
              )}
              {!change && reading === 'needle' && on && <NeedleLife bar={bar} />}
            </ReadingColumn>
          </li>
        );
      })}
    </ol>
  );
}

/** What this foot needs before it can be ticked off. */
function HowToFit({ foot, onFitted }: { foot: FittedFoot; onFitted: () => void }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Pressable className={styles.fit} aria-haspopup="dialog" onClick={() => setOpen(true)}>
        {BAR_TEXT.fit.how}
      </Pressable>
      {open && <FitFoot foot={foot} onFitted={onFitted} onClose={() => setOpen(false)} />}
    </>
  );
}

/** Hours of the needle that is in, and another one out of the tin. */
function NeedleLife({ bar }: { bar: MachineBarState }) {
  const { needle, putNeedle } = bar;
  const worn = needle.state === 'past' || needle.state === 'spent';
  return (
    <NeedleChoice needle={needle} onPut={putNeedle}>
      <span className={worn ? styles.must : styles.label}>{hoursText(needle)}</span>
    </NeedleChoice>
  );
}

function hoursText({ hours, lifeHours, state }: NeedleNow): string {
  if (state === 'spent') return BAR_TEXT.spentChangeIt;
  if (state === 'new') return 'new';
  const so = `${formatNumber(hours, 1)} ${lifeHours === null ? 'h' : BAR_TEXT.ofH(lifeHours)}`;
  return state === 'past' ? BAR_TEXT.changeIt(so) : so;
}
