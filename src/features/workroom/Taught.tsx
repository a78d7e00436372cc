'use client';

import Button from '@mui/material/Button';
import type { LearnedNumber, Offset } from '@/core/card';
import type { MachineRecord } from '@/core/file';
import { formatNumber } from '@/core/units';
import { machines } from '@/data';
import { useMachineOffsets } from '@/parts/learned';
import { nowText, useAct } from '@/parts/workspace';
import styles from './Workroom.module.css';
import { TAUGHT_TEXT } from './text';

/** Each thing that cards teach: its name, and its number as a person reads it. */
const TAUGHT: readonly { id: Offset; name: string; scale: number; unit: string; digits: number; what: string }[] = [
  {
    id: 'tensionSteps',
    name: TAUGHT_TEXT.needleTension,
    scale: 1,
    unit: 'steps',
    digits: 1,
    what: TAUGHT_TEXT.matchStartsThisMuch,
  },
  {
    id: 'pressure',
    name: TAUGHT_TEXT.presserPressure,
    scale: 100,
    unit: TAUGHT_TEXT.ofItsRange,
    digits: 0,
    what: TAUGHT_TEXT.matchStartsThisMuch2,
  },
  {
    id: 'lengthFactor',
    name: TAUGHT_TEXT.stitchLength,
    scale: 100,
    unit: TAUGHT_TEXT.againstTheDial,
    digits: 1,
    what: TAUGHT_TEXT.fromTheStitchesCounted,
  },
];

/** What the cards of a machine taught of it: looked at, and forgotten if it is wrong. */
export function Taught({ record }: { record: MachineRecord }) {
  const offsets = useMachineOffsets(record);
  const act = useAct();
  if (!offsets) return null;
  const forget = (id: Offset, name: string) =>
    act(
      TAUGHT_TEXT.forgottenWhatTheCards(name.toLowerCase()),
      () => machines.change(record.id, (now) => now && { ...now, forgotten: { ...now.forgotten, [id]: nowText() } }),
      TAUGHT_TEXT.newCardsTeachAgain,
    );
  const known = TAUGHT.flatMap((taught) => {
    const number = offsets[taught.id];
    return number ? [{ ...taught, number }] : [];
  });
  return (
    <section aria-labelledby="taught">
      <h2 id="taught">{TAUGHT_TEXT.whatItsCardsTaught}</h2>
      {known.length === 0 ? (
        <p className={styles.quiet}>{TAUGHT_TEXT.nothingYetEverySetting}</p>
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
                <Button
                  size="small"
                  aria-label={TAUGHT_TEXT.forget(name.toLowerCase())}
                  onClick={() => void forget(id, name)}
                >
                  {TAUGHT_TEXT.forget2}
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
    ? TAUGHT_TEXT.restsOnOneCard
    : TAUGHT_TEXT.restsOnCardsSpread(count, formatNumber(spread * scale, digits));
