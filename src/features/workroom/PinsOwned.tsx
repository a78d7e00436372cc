'use client';

import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { KitRecord } from '@/core/file';
import { PIN, PINS } from '@/core/kit';
import { Tick, withTick } from '@/ui';
import { TOOL_TEXT } from './text';
import styles from './Workroom.module.css';
import type { ChangeKit } from './changeKit';

/** Kinds of pin, clips and weights: steps say to hold with what is owned. */
export function PinsOwned({ kit: { pins }, change }: { kit: KitRecord; change: ChangeKit }) {
  const { anyPins, tick, untick } = TOOL_TEXT;
  return (
    <section aria-labelledby="pins">
      <Typography variant="h2" id="pins">
        {TOOL_TEXT.pins}
      </Typography>
      {pins ? (
        <>
          <ul className={styles.things}>
            {PINS.map((kind) => (
              <li key={kind}>
                <Tick
                  name={PIN[kind].name}
                  checked={pins.includes(kind)}
                  onToggle={(on) => change((now) => ({ pins: withTick(now.pins ?? [], kind, on) }))}
                />
                <small>{PIN[kind].plain}</small>
              </li>
            ))}
          </ul>
          <Button onClick={() => change(() => ({ pins: null }))}>{untick}</Button>
        </>
      ) : (
        <>
          <Typography sx={{ mb: 1 }}>{anyPins}</Typography>
          <Button variant="outlined" onClick={() => change(() => ({ pins: ['standard'] }))}>
            {tick}
          </Button>
        </>
      )}
    </section>
  );
}
