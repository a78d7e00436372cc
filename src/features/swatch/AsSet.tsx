'use client';

import Button from '@mui/material/Button';
import { READING_TEXT, setupChanges } from '@/core/setup';
import type { TestLine } from '@/core/swatch';
import { useOnMachine } from '@/data';
import styles from './Swatch.module.css';
import type { SaveLine, Scrap } from './useScrap';
import { AS_SET_TEXT } from './text';

/** Whether the machine is set for this line; if it was sewn otherwise, the line takes what is on the machine. */
export function AsSet({ scrap, line, onSave }: { scrap: Scrap; line: TestLine; onSave: SaveLine }) {
  const on = useOnMachine(scrap.machine.id);
  if (!on) return null;
  const changes = setupChanges(scrap.machine.machine, on.setup, line.setup, on.unsure);
  if (changes.length === 0) return <p className={styles.asSet}>{AS_SET_TEXT.theMachineIsSet}</p>;
  const names = changes.map(({ reading }) => READING_TEXT[reading].toLowerCase()).join(', ');
  return (
    <div className={styles.asSet}>
      <span>{AS_SET_TEXT.notTickedOffOn(names)}</span>
      <Button size="small" onClick={() => onSave(() => ({ setup: on.setup }))}>
        {AS_SET_TEXT.takeWhatIsOn}
      </Button>
    </div>
  );
}
