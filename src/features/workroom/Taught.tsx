'use client';

import Button from '@mui/material/Button';
import type { LearnedNumber, Offset } from '@/core/card';
import type { MachineRecord } from '@/core/file';
import { formatNumber } from '@/core/units';
import { machines } from '@/data';
import { useMachineOffsets } from '@/parts/learned';
import { nowText, useAct } from '@/parts/workspace';
import styles from './Workroom.module.css';

/** Each thing that cards teach: its name, and its number as a person reads it. */
const TAUGHT: readonly { id: Offset; name: string; scale: number; unit: string; digits: number; what: string }[] = [
  {
    id: 'tensionSteps',
    name: 'Needle tension',
    scale: 1,
    unit: 'steps',
    digits: 1,
    what: 'Match starts this much higher or lower than the rules say.',
  },
  {
    id: 'pressure',
    name: 'Presser pressure',
    scale: 100,
    unit: '% of its range',
    digits: 0,
    what: 'Match starts this much heavier or lighter than the rules say.',
  },
  {
    id: 'lengthFactor',
    name: 'Stitch length',
    scale: 100,
    unit: '% against the dial',
    digits: 1,
    what: 'From the stitches counted on passed lines. Calibrate the dial, and Match takes it into account.',
  },
];

/** What the cards of a machine taught of it: looked at, and forgotten if it is wrong. */
export function Taught({ record }: { record: MachineRecord }) {
  const offsets = useMachineOffsets(record);
  const act = useAct();
  if (!offsets) return null;
  const forget = (id: Offset, name: string) =>
    act(
      `Forgotten: what the cards taught about ${name.toLowerCase()}`,
      () => machines.change(record.id, (now) => now && { ...now, forgotten: { ...now.forgotten, [id]: nowText() } }),
      'New cards teach again.',
    );
  const known = TAUGHT.flatMap((taught) => {
    const number = offsets[taught.id];
    return number ? [{ ...taught, number }] : [];
  });
  return (
    <section aria-labelledby="taught">
      <h2 id="taught">What its cards taught</h2>
      {known.length === 0 ? (
        <p className={styles.quiet}>
          Nothing yet. Every setting that passes on scrap teaches a little of this machine.
        </p>
      ) : (
        <dl className={styles.taught}>
          {known.map(({ id, name, scale, unit, digits, what, number }) => (
            <div key={id}>
              <dt>{name}</dt>
              <dd>
                <strong>{signed(number.mean * scale, digits)}</strong> {unit}
                <small>{restsOn(number, scale, digits)}</small>
                <small>{what}</small>
              </dd>
              <dd>
                <Button size="small" aria-label={`Forget ${name.toLowerCase()}`} onClick={() => void forget(id, name)}>
                  Forget
                </Button>
              </dd>
            </div>
          ))}
        </dl>
      )}
    </section>
  );
}

const signed = (value: number, digits: number) =>
  `${value > 0 ? '+' : value < 0 ? '−' : ''}${formatNumber(Math.abs(value), digits)}`;

const restsOn = ({ count, spread }: LearnedNumber, scale: number, digits: number) =>
  count === 1
    ? 'rests on one card: a third of what it says'
    : `rests on ${count} cards, spread ± ${formatNumber(spread * scale, digits)}`;
