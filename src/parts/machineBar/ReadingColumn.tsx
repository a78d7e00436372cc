'use client';

import MoreHoriz from '@mui/icons-material/MoreHoriz';
import Popover from '@mui/material/Popover';
import { type ReactNode, useState } from 'react';
import { FULL_KIT } from '@/core/kit';
import { type Reading, type ReadingChange, READING_TEXT, readingChoices } from '@/core/setup';
import { OptionList, Pressable } from '@/ui';
import { useQuestion } from '../workspace';
import styles from './MachineBar.module.css';
import { BAR_TEXT } from './text';
import type { MachineBarState } from './useMachineBar';

interface Props {
  reading: Reading;
  bar: MachineBarState;
  change: ReadingChange | undefined;
  children?: ReactNode;
}

/**
 * One reading: pressed, what has to change is ticked off, and what stands as it should is set to something else. The press stays the same
 * one through a tick, so that it keeps the focus.
 */
export function ReadingColumn({ reading, bar, change, children }: Props) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const name = READING_TEXT[reading];
  const now = bar.readings?.[reading] ?? BAR_TEXT.notKnown;
  const from = change?.from ?? BAR_TEXT.notKnown;
  const say = change ? BAR_TEXT.changeFromToTick(name, from, change.to) : BAR_TEXT.readsSetIt(name, now);
  return (
    <>
      <Pressable
        className={styles.column}
        aria-label={say}
        aria-haspopup={change ? undefined : 'dialog'}
        onClick={(event) => (change ? bar.tick(reading) : setAnchor(event.currentTarget))}
      >
        <span className={styles.label}>
          {name}
          {change?.powerOff ? BAR_TEXT.powerOff : ''}
        </span>
        {change && <s className={styles.from}>{from}</s>}
        <span className={change ? styles.to : styles.value}>{change ? change.to : now}</span>
      </Pressable>
      {change && (
        <Pressable
          className={styles.other}
          aria-haspopup="dialog"
          aria-label={BAR_TEXT.somethingElse(name)}
          onClick={(event) => setAnchor(event.currentTarget)}
        >
          <MoreHoriz fontSize="small" />
        </Pressable>
      )}
      {children}
      {anchor && <Choices reading={reading} bar={bar} anchor={anchor} onClose={() => setAnchor(null)} />}
    </>
  );
}

/** What the reading can really be at: marks of the dial, parts that are owned. */
function Choices({
  reading,
  bar,
  anchor,
  onClose,
}: Pick<Props, 'reading' | 'bar'> & { anchor: HTMLElement; onClose: () => void }) {
  const kit = useQuestion()?.kit ?? FULL_KIT;
  const setup = bar.on?.setup ?? bar.target?.setup;
  const choices = setup ? readingChoices(reading, kit, bar.machine.machine, setup) : [];
  const name = READING_TEXT[reading];
  const known = bar.on !== null && !bar.on.unsure.includes(reading);
  return (
    <Popover
      open
      anchorEl={anchor}
      onClose={onClose}
      anchorOrigin={{ vertical: 'top', horizontal: 'left' }}
      transformOrigin={{ vertical: 'bottom', horizontal: 'left' }}
      slotProps={{ paper: { role: 'dialog', 'aria-label': BAR_TEXT.whatIsIt(name), className: styles.choices } }}
    >
      <strong>{BAR_TEXT.whatIsIt(name)}</strong>
      {choices.length === 0 ? (
        <p>{BAR_TEXT.nothingToSet(name)}</p>
      ) : (
        <OptionList
          value={(known && choices.find(({ now }) => now)?.text) || null}
          options={choices.map(({ text, plain }) => ({ id: text, name: text, note: plain }))}
          onPick={(text) => {
            bar.put(reading, choices.find((one) => one.text === text)!.setup);
            onClose();
          }}
        />
      )}
    </Popover>
  );
}
