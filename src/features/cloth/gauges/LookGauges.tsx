'use client';

import Slider from '@mui/material/Slider';
import { measuredFray, readingsOf } from '@/core/cloth';
import { formatNumber, lengthAsk } from '@/core/units';
import { useUnits } from '@/parts/workspace';
import { DraftField, FrayDrawing, PinHoleDrawing, Pressable, RagDrawing } from '@/ui';
import styles from './Gauges.module.css';
import type { GaugeProps } from './GaugeProps';
import { GaugeShell } from './GaugeShell';
import { useGauge } from './useGauge';
import { useKeepReading } from './useKeepReading';

const look = ({ record }: GaugeProps) => ({ ...record.cloth, colour: record.colour });

/** Ten rubs with a thumb nail along a cut edge. */
export function FrayGauge(props: GaugeProps) {
  const { system, length } = useUnits();
  const ask = lengthAsk(system, 1.5, { least: 0, most: 50 });
  const gauge = useGauge(props, 'fray', [{ key: 'loose', path: 'looseMm', ask }], (v) => ({ looseMm: v.loose }));
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
          <FrayDrawing look={look(props)} looseMm={Math.max(0, loose ?? 0)} length={length(Math.max(0, loose ?? 0))} />
          <Slider
            aria-label="Loose yarn on the drawing"
            min={0}
            max={10}
            step={0.5}
            value={Math.min(10, loose ?? 0)}
            onChange={(_, value) => gauge.setText('loose', `${formatNumber(value as number, 1)} mm`)}
            getAriaValueText={length}
          />
        </>
      }
      verdict={
        gauge.reading && (
          <>
            <strong>{length(gauge.reading.looseMm)}</strong> loose: {frays(gauge.reading.looseMm)}
          </>
        )
      }
      hint={soFar ? `${length(soFar.mean)} from ${soFar.n}: ${frays(soFar.mean)}` : 'Knits hardly ever do.'}
      onKeep={gauge.keep}
      canKeep={gauge.reading !== null}
    >
      <DraftField draft={gauge} name="loose" label="Loose yarn" ask={ask} />
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
  const keep = useKeepReading(props);
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
        <Pressable
          key={String(stays)}
          className={styles.picture}
          aria-pressed={last?.stays === stays}
          onClick={() => keep({ gauge: 'pin-hole', stays })}
        >
          <PinHoleDrawing look={look(props)} stays={stays} />
          {stays ? 'The hole stays' : 'The hole closes'}
        </Pressable>
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
  const keep = useKeepReading(props);
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
        <Pressable
          key={shows}
          className={styles.picture}
          aria-label={`Rinse ${next}: ${name}`}
          onClick={() => keep({ gauge: 'bleed', rinse: next, shows })}
        >
          <RagDrawing colour={props.record.colour} amount={amount} />
          {name}
        </Pressable>
      ))}
    </GaugeShell>
  );
}
