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
import { LOOK_GAUGES_TEXT } from '../text';

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
      title={LOOK_GAUGES_TEXT.howMuchDoesIt}
      howTo={LOOK_GAUGES_TEXT.cutACleanEdge}
      drawing={
        <>
          <FrayDrawing look={look(props)} looseMm={Math.max(0, loose ?? 0)} length={length(Math.max(0, loose ?? 0))} />
          <Slider
            aria-label={LOOK_GAUGES_TEXT.looseYarnOnThe}
            min={0}
            max={10}
            step={0.5}
            value={Math.min(10, loose ?? 0)}
            onChange={(_, value) => gauge.setText('loose', LOOK_GAUGES_TEXT.mm(formatNumber(value as number, 1)))}
            getAriaValueText={length}
          />
        </>
      }
      verdict={
        gauge.reading && (
          <>
            <strong>{length(gauge.reading.looseMm)}</strong> {LOOK_GAUGES_TEXT.loose(frays(gauge.reading.looseMm))}
          </>
        )
      }
      hint={
        soFar
          ? LOOK_GAUGES_TEXT.from(length(soFar.mean), soFar.n, frays(soFar.mean))
          : LOOK_GAUGES_TEXT.knitsHardlyEverDo
      }
      onKeep={gauge.keep}
      canKeep={gauge.reading !== null}
    >
      <DraftField draft={gauge} name="loose" label={LOOK_GAUGES_TEXT.looseYarn} ask={ask} />
    </GaugeShell>
  );
}

const frays = (mm: number) =>
  mm >= 2
    ? LOOK_GAUGES_TEXT.finishTheEdgesAnd
    : mm < 0.5
      ? LOOK_GAUGES_TEXT.rawEdgesAreFine
      : LOOK_GAUGES_TEXT.aLittleFinishEdges;

/** A pin, in and out. */
export function PinHoleGauge(props: GaugeProps) {
  const keep = useKeepReading(props);
  const last = readingsOf(props.record.readings, 'pin-hole').at(-1);
  return (
    <GaugeShell
      {...props}
      gauge="pin-hole"
      title={LOOK_GAUGES_TEXT.doPinHolesClose}
      howTo={LOOK_GAUGES_TEXT.pushAPinThrough}
      drawing={null}
      verdict={null}
      hint={
        last
          ? last.stays
            ? LOOK_GAUGES_TEXT.holesStayClipsInstead
            : LOOK_GAUGES_TEXT.holesClosePinsAre
          : LOOK_GAUGES_TEXT.pickTheOneThat
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
          {stays ? LOOK_GAUGES_TEXT.theHoleStays : LOOK_GAUGES_TEXT.theHoleCloses}
        </Pressable>
      ))}
    </GaugeShell>
  );
}

const RAGS = [
  ['nothing', LOOK_GAUGES_TEXT.whiteItHolds, 0],
  ['a little', LOOK_GAUGES_TEXT.aLittleColour, 1],
  ['colour', LOOK_GAUGES_TEXT.itRuns, 2],
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
      title={LOOK_GAUGES_TEXT.doesItsColourHold}
      howTo={LOOK_GAUGES_TEXT.rubItWithA(next)}
      drawing={null}
      verdict={null}
      hint={
        last
          ? last.shows === 'nothing'
            ? LOOK_GAUGES_TEXT.rinseRanClear(last.rinse)
            : LOOK_GAUGES_TEXT.rinseShowedRinseAgain(
                last.rinse,
                last.shows === 'colour' ? 'colour' : LOOK_GAUGES_TEXT.aLittleColour2,
              )
          : LOOK_GAUGES_TEXT.darkDenimRedAnd
      }
    >
      {RAGS.map(([shows, name, amount]) => (
        <Pressable
          key={shows}
          className={styles.picture}
          aria-label={LOOK_GAUGES_TEXT.rinse(next, name)}
          onClick={() => keep({ gauge: 'bleed', rinse: next, shows })}
        >
          <RagDrawing colour={props.record.colour} amount={amount} />
          {name}
        </Pressable>
      ))}
    </GaugeShell>
  );
}
