'use client';

import Add from '@mui/icons-material/Add';
import Remove from '@mui/icons-material/Remove';
import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import { type Machine, machineReads } from '@/core/kit';
import type { DialSweep, MatchInput } from '@/core/match';
import { type SeamContext, threadsCross } from '@/core/physics';
import {
  type Dial,
  dialOf,
  dialValues,
  nearestIndex,
  READING_TEXT,
  type Setup,
  turnDial,
  withDial,
} from '@/core/setup';
import { SIGN_TEXT } from '@/core/stitch';
import { LockstitchSection, Pressable } from '@/ui';
import { LazyLineChart, outdated, useFromWorker } from '@/parts/asking';
import styles from './Match.module.css';
import { TURN_DIAL_TEXT } from './text';

const UNIT: Record<Dial, string> = { length: TURN_DIAL_TEXT.mm, width: ' mm', tension: '', pressure: '' };
/** Lines in the chart differ by their dashes first. */
const PENS = [
  { colour: 'red', dash: [] },
  { colour: 'ink', dash: [7, 4] },
  { colour: 'ink-2', dash: [2, 3] },
  { colour: 'green', dash: [10, 3, 2, 3] },
] as const;

interface Props {
  dial: Dial;
  setup: Setup;
  seam: SeamContext;
  input: MatchInput;
  machine: Machine;
  onTake: (setup: Setup) => void;
  onDone: () => void;
}

/** One dial under the hand: turned mark by mark, with what every mark would bring. */
export function TurnDial({ dial, setup, seam, input, machine, onTake, onDone }: Props) {
  const values = dialValues(machine, setup, dial);
  const index = nearestIndex(values, dialOf(setup, dial));
  const shown = (value: number) => machineReads(machine, withDial(setup, dial, value))[dial];
  const now = `${shown(values[index])}${UNIT[dial]}`;
  // A sweep does not depend on where its own dial stands.
  const key = JSON.stringify([input, withDial(setup, dial, 0), dial]);
  const { value: sweep, isCurrent } = useFromWorker(key, (worker) => worker.sweepDial(input, setup, dial));
  const step = (way: -1 | 1) => {
    const next = turnDial(machine, setup, dial, way * 0.1);
    return (
      <Pressable
        disabled={!next}
        onClick={() => next && onTake(next)}
        aria-label={`${READING_TEXT[dial]} ${way < 0 ? 'down' : 'up'}`}
      >
        {way < 0 ? <Remove /> : <Add />}
      </Pressable>
    );
  };
  return (
    <section
      className={styles.turning}
      aria-label={TURN_DIAL_TEXT.byHand(READING_TEXT[dial])}
      onKeyDown={(e) => e.key === 'Escape' && onDone()}
    >
      <div className={styles.turnBar}>
        <h2>{TURN_DIAL_TEXT.byHand(READING_TEXT[dial])}</h2>
        <span className={styles.steps}>
          {step(-1)}
          <output>{now}</output>
          {step(1)}
        </span>
        <Slider
          value={index}
          min={0}
          max={values.length - 1}
          onChange={(_, at) => onTake(withDial(setup, dial, values[at as number]))}
          aria-label={READING_TEXT[dial]}
          getAriaValueText={(at) => `${shown(values[at])}${UNIT[dial]}`}
        />
        <Button onClick={onDone}>{TURN_DIAL_TEXT.done}</Button>
      </div>
      {dial === 'tension' && <LockstitchSection depth={threadsCross(seam, setup.thread, setup.tensionSteps)} />}
      {sweep && sweep.values.length === values.length && (
        <div {...outdated(isCurrent)}>
          <SweepChart sweep={sweep} dial={dial} index={index} now={now} shown={values.map(shown)} />
        </div>
      )}
      {sweep?.open.includes(false) && <p className={styles.quiet}>{TURN_DIAL_TEXT.hatchedNotPossibleOn}</p>}
    </section>
  );
}

interface SweepProps {
  sweep: DialSweep;
  dial: Dial;
  index: number;
  now: string;
  shown: string[];
}

/** What every mark of the dial would bring. */
function SweepChart({ sweep, dial, index, now, shown }: SweepProps) {
  const flat = { name: TURN_DIAL_TEXT.noRiskChangesAlong, values: shown.map(() => 0), colour: 'green' as const };
  return (
    <LazyLineChart
      height={210}
      label={summary(sweep.series, index, READING_TEXT[dial], now)}
      x={{ label: TURN_DIAL_TEXT.onTheDial(READING_TEXT[dial], UNIT[dial] && `,${UNIT[dial]}`), values: shown }}
      y={{ label: 'risk', max: 1 }}
      lines={
        sweep.series.length === 0
          ? [flat]
          : sweep.series.map(({ sign, levels }, i) => ({
              name: SIGN_TEXT[sign],
              values: levels,
              thick: i === 0,
              ...PENS[i],
            }))
      }
      now={{ index, text: now }}
      shut={sweep.open.map((open) => !open)}
    />
  );
}

function summary(
  series: { sign: keyof typeof SIGN_TEXT; levels: number[] }[],
  index: number,
  name: string,
  now: string,
) {
  if (series.length === 0) return TURN_DIAL_TEXT.noRiskChangesAlong2(name);
  const told = series.map(({ sign, levels }) => TURN_DIAL_TEXT.of(SIGN_TEXT[sign], Math.round(100 * levels[index])));
  return TURN_DIAL_TEXT.risksAlongTheDial(name.toLowerCase(), now, told.join(', '));
}
