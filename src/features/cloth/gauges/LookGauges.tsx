'use client';

import Slider from '@mui/material/Slider';
import {
  type ClothReading,
  HEAT_SIGNS,
  type HeatSign,
  heatFinding,
  IRON_STEPS,
  measuredFray,
  readingsOf,
} from '@/core/cloth';
import { formatNumber, parseLengthMm } from '@/core/units';
import { nowText } from '@/parts/workspace';
import { CautionPlate, FrayDrawing, IronDrawing, MeasureField, PinHoleDrawing, RagDrawing } from '@/ui';
import styles from './Gauges.module.css';
import type { GaugeProps } from './GaugeProps';
import { GaugeShell } from './GaugeShell';
import { useGauge } from './useGauge';

const look = ({ record }: GaugeProps) => ({ ...record.cloth, colour: record.colour });

/** Keeps a reading that was picked from pictures, at once. */
function useKeep({ onSave }: GaugeProps) {
  return (reading: ClothReading extends infer R ? (R extends ClothReading ? Omit<R, 'at'> : never) : never) =>
    onSave((now) => ({ readings: [...now.readings, { ...reading, at: nowText() } as ClothReading] }));
}

/** Ten rubs with a thumb nail along a cut edge. */
export function FrayGauge(props: GaugeProps) {
  const gauge = useGauge(
    props,
    'fray',
    [{ key: 'loose', path: 'looseMm', parse: (text) => parseLengthMm(text, 'mm'), expected: 'a length in mm' }],
    (v) => ({ looseMm: v.loose }),
  );
  const loose = gauge.values.loose;
  const soFar = measuredFray(props.record.readings);
  return (
    <GaugeShell
      {...props}
      gauge="fray"
      title="How much does it fray?"
      howTo="Cut a clean edge, rub it ten times with a thumb nail, and measure the yarn that hangs loose."
      drawing={
        <>
          <FrayDrawing look={look(props)} looseMm={Math.max(0, loose ?? 0)} />
          <Slider
            aria-label="Loose yarn on the drawing"
            min={0}
            max={10}
            step={0.5}
            value={Math.min(10, loose ?? 0)}
            onChange={(_, value) => gauge.setText('loose', formatNumber(value as number, 1))}
            getAriaValueText={(value) => `${value} mm`}
          />
        </>
      }
      verdict={
        gauge.reading && (
          <>
            <strong>{formatNumber(gauge.reading.looseMm, 1)} mm</strong> loose: {frays(gauge.reading.looseMm)}
          </>
        )
      }
      hint={soFar ? `${formatNumber(soFar.mean, 1)} mm from ${soFar.n}: ${frays(soFar.mean)}` : 'Knits hardly ever do.'}
      onKeep={gauge.keep}
      canKeep={gauge.reading !== null}
    >
      <MeasureField
        label="Loose yarn"
        unit="mm"
        text={gauge.texts.loose ?? ''}
        onText={(text) => gauge.setText('loose', text)}
        problem={gauge.problems.loose}
        onEnter={gauge.keep}
      />
    </GaugeShell>
  );
}

const frays = (mm: number) =>
  mm >= 2
    ? 'finish the edges, and before the wash.'
    : mm < 0.5
      ? 'raw edges are fine.'
      : 'a little; finish edges that are washed often.';

/** A pin, in and out. */
export function PinHoleGauge(props: GaugeProps) {
  const keep = useKeep(props);
  const last = readingsOf(props.record.readings, 'pin-hole').at(-1);
  return (
    <GaugeShell
      {...props}
      gauge="pin-hole"
      title="Do pin holes close?"
      howTo="Push a pin through a scrap and take it out. Rub the place with a finger nail and look again."
      drawing={null}
      verdict={null}
      hint={
        last
          ? last.stays
            ? 'Holes stay: clips instead of pins, and no unpicking.'
            : 'Holes close: pins are fine.'
          : 'Pick the one that looks like yours.'
      }
    >
      {([false, true] as const).map((stays) => (
        <button
          key={String(stays)}
          type="button"
          className={styles.picture}
          aria-pressed={last?.stays === stays}
          onClick={() => keep({ gauge: 'pin-hole', stays })}
        >
          <PinHoleDrawing look={look(props)} stays={stays} />
          {stays ? 'The hole stays' : 'The hole closes'}
        </button>
      ))}
    </GaugeShell>
  );
}

const RAGS = [
  ['nothing', 'White: it holds', 0],
  ['a little', 'A little colour', 1],
  ['colour', 'It runs', 2],
] as const;

/** A damp white rag, and the rinsing water. */
export function BleedGauge(props: GaugeProps) {
  const keep = useKeep(props);
  const rinses = readingsOf(props.record.readings, 'bleed');
  const last = rinses.at(-1);
  const next = (last?.rinse ?? 0) + 1;
  return (
    <GaugeShell
      {...props}
      gauge="bleed"
      title="Does its colour hold?"
      howTo={`Rub it with a damp white rag, or look at the water of rinse ${next}.`}
      drawing={null}
      verdict={null}
      hint={
        last
          ? last.shows === 'nothing'
            ? `Rinse ${last.rinse} ran clear.`
            : `Rinse ${last.rinse} showed ${last.shows === 'colour' ? 'colour' : 'a little colour'}: rinse again.`
          : 'Dark denim, red and indigo run most.'
      }
    >
      {RAGS.map(([shows, name, amount]) => (
        <button
          key={shows}
          type="button"
          className={styles.picture}
          aria-label={`Rinse ${next}: ${name}`}
          onClick={() => keep({ gauge: 'bleed', rinse: next, shows })}
        >
          <RagDrawing colour={props.record.colour} amount={amount} />
          {name}
        </button>
      ))}
    </GaugeShell>
  );
}

const HEAT_NAMES: Record<HeatSign, string> = {
  nothing: 'No mark',
  shine: 'It shines',
  mark: 'A press mark stays',
  'water-mark': 'Water leaves a mark',
  shrank: 'It shrank',
  melted: 'It melts or sticks',
};

/** Rising heat on a scrap, one step at a time, until something shows. */
export function HeatGauge(props: GaugeProps) {
  const keep = useKeep(props);
  const readings = readingsOf(props.record.readings, 'heat');
  const found = heatFinding(props.record.readings);
  const seen = (step: number) => readings.filter((r) => r.soleC === step).at(-1)?.seen;
  const next = IRON_STEPS.find((step) => seen(step) === undefined);
  return (
    <GaugeShell
      {...props}
      gauge="heat"
      title="How hot may the iron be?"
      howTo="Press a scrap for five seconds through nothing, coolest first. Let it cool, look against the light, then put a drop of water on it. Go up only while nothing shows."
      drawing={
        <CautionPlate>
          A hot iron burns and can set cloth alight: on a scrap only, hand off the sole, never left alone, window open.
          The care label of the cloth and the manual of the iron come first.
        </CautionPlate>
      }
      verdict={null}
      hint={
        found
          ? found.failedC === null
            ? `No mark at ${found.goodC} °C.`
            : `${HEAT_NAMES[found.sign!]} at ${found.failedC} °C: ${found.goodC === null ? 'no iron on this cloth.' : `${found.goodC} °C at most.`}`
          : 'One dot is about 110 °C, two 150, three 200.'
      }
    >
      <ol className={styles.ladder}>
        {IRON_STEPS.map((step, i) => {
          const sign = seen(step);
          const locked = found?.failedC !== null && found !== null && step > found.failedC;
          const state =
            sign === undefined ? (locked || step !== next ? 'locked' : 'open') : sign === 'nothing' ? 'good' : 'failed';
          return (
            <li key={step}>
              <IronDrawing dots={(i + 1) as 1 | 2 | 3} state={state} />
              <span>
                <strong>{step} °C</strong>
                {sign !== undefined && <em>{HEAT_NAMES[sign]}</em>}
                {locked && sign === undefined && <em>not this hot: it already showed at {found.failedC} °C</em>}
                {state === 'open' && (
                  <span className={styles.picks}>
                    {HEAT_SIGNS.map((one) => (
                      <button
                        key={one}
                        type="button"
                        className={styles.pick}
                        onClick={() => keep({ gauge: 'heat', soleC: step, seen: one })}
                      >
                        {HEAT_NAMES[one]}
                      </button>
                    ))}
                  </span>
                )}
              </span>
            </li>
          );
        })}
      </ol>
    </GaugeShell>
  );
}
