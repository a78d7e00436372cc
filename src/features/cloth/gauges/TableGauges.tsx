'use client';

import {
  clothOf,
  clothProfile,
  measuredOverhang,
  measuredThickness,
  rigidityFrom,
  shrinkFinding,
  toBuyMm,
} from '@/core/cloth';
import { formatNumber, lengthAsk, numberAsk, type QuantityAsk } from '@/core/units';
import { useUnits } from '@/parts/workspace';
import { Choice, DraftField, OverhangDrawing, ShrinkDrawing, StackDrawing } from '@/ui';
import type { GaugeProps } from './GaugeProps';
import { GaugeShell } from './GaugeShell';
import { WAYS } from './ways';
import { useGauge } from './useGauge';

const measure = (key: string, ask: QuantityAsk) => ({ key, path: `${key}Mm`, ask });
const count = (key: string, ask: QuantityAsk) => ({ key, path: key, ask });
const look = ({ record }: GaugeProps) => ({ ...record.cloth, colour: record.colour });

/** A stack of layers, measured at once. */
export function ThicknessGauge(props: GaugeProps) {
  const { system, length } = useUnits();
  const layersAsk = numberAsk('count', system, { least: 1, most: 100, whole: true, usual: 8 });
  const stackAsk = lengthAsk(system, 8, { least: 0.05, most: 300 });
  const gauge = useGauge(
    props,
    'thickness',
    [count('layers', layersAsk), measure('stack', stackAsk)],
    (v) => ({ layers: v.layers, stackMm: v.stack }),
    ['layers'],
  );
  const soFar = measuredThickness(props.record.readings);
  const { reading } = gauge;
  return (
    <GaugeShell
      {...props}
      gauge="thickness"
      title="How thick is one layer?"
      howTo="Fold or stack it, lay a flat light weight on it such as a paperback, and measure the whole stack. Eight or ten layers tell more than two."
      drawing={
        <StackDrawing
          look={look(props)}
          layers={Math.round(gauge.values.layers ?? 8)}
          height={gauge.values.stack === undefined ? '' : length(gauge.values.stack)}
        />
      }
      verdict={
        reading && (
          <>
            <strong>{length(reading.stackMm / reading.layers)}</strong> for one layer
          </>
        )
      }
      hint={
        soFar
          ? `${length(soFar.mean)}${soFar.n > 1 ? ` ± ${formatNumber(soFar.spread, 2)}` : ''} from ${soFar.n}.`
          : 'Thickness decides how much thread a stitch takes, and whether the layers pass under the foot.'
      }
      onKeep={gauge.keep}
      canKeep={reading !== null}
    >
      <DraftField draft={gauge} name="layers" label="Layers" ask={layersAsk} />
      <DraftField draft={gauge} name="stack" label="Height of the stack" ask={stackAsk} />
    </GaugeShell>
  );
}

/** A marked square, before the wash and after. */
export function ShrinkGauge(props: GaugeProps) {
  const { metres, round, system } = useUnits();
  const unitLength = system === 'inch' ? 914.4 : 1000;
  const washAsk = numberAsk('count', system, { least: 1, most: 50, whole: true, usual: 1 });
  const sideAsk = lengthAsk(system, 250, { least: 20, most: 3000 });
  const soFar = shrinkFinding(props.record.readings);
  const next = (soFar?.wash ?? 0) + 1;
  const gauge = useGauge(
    props,
    'shrink',
    [
      { ...count('wash', washAsk), optional: true },
      measure('before', sideAsk),
      measure('across', sideAsk),
      measure('along', sideAsk),
    ],
    (v) => ({ wash: v.wash ?? next, beforeMm: v.before, acrossMm: v.across, alongMm: v.along }),
    ['before'],
  );
  const { before, across, along } = gauge.values;
  const share = (after: number | undefined) => (before && after ? after / before : 1);
  const finding = gauge.reading && shrinkFinding([...props.record.readings, gauge.reading]);
  return (
    <GaugeShell
      {...props}
      gauge="shrink"
      title="What does the wash take?"
      howTo={`Mark a square of ${round(250)} or ${round(500)} along the grain with a thread, wash and dry it as the finished thing will be, and measure both ways.`}
      drawing={<ShrinkDrawing look={look(props)} across={share(across)} along={share(along)} />}
      verdict={
        finding && (
          <>
            <strong>{formatNumber(finding.alongPercent, 1)} %</strong> along,{' '}
            <strong>{formatNumber(finding.acrossPercent, 1)} %</strong> across. For each {metres(unitLength)} needed,
            buy {metres(toBuyMm(unitLength, finding.alongPercent))}. {finding.why}
          </>
        )
      }
      hint={soFar?.why ?? 'What it takes is added to what you buy, and tells whether to wash again before cutting.'}
      onKeep={gauge.keep}
      canKeep={gauge.reading !== null}
    >
      <DraftField draft={gauge} name="wash" label="Which wash" ask={washAsk} help={`${next} if left empty`} />
      <DraftField draft={gauge} name="before" label="Before" ask={sideAsk} />
      <DraftField draft={gauge} name="across" label="After, across" ask={sideAsk} />
      <DraftField draft={gauge} name="along" label="After, along" ask={sideAsk} />
    </GaugeShell>
  );
}

/** A strip over the edge of a table. */
export function StiffnessGauge(props: GaugeProps) {
  const { system, length, round, mass } = useUnits();
  const overhangAsk = lengthAsk(system, 60, { least: 5, most: 400 });
  const { massGsm } = clothProfile(clothOf(props.record));
  const gauge = useGauge(
    props,
    'stiffness',
    [measure('overhang', overhangAsk)],
    (v, texts) => ({ direction: texts.direction || 'along', overhangMm: v.overhang }),
    ['direction'],
  );
  const direction = gauge.texts.direction === 'across' ? 'across' : 'along';
  const soFar = measuredOverhang(props.record.readings);
  const at = gauge.reading?.overhangMm ?? soFar?.mean;
  const result = at === undefined ? null : rigidityFrom({ massGsm: massGsm.value, overhangMm: at });
  return (
    <GaugeShell
      {...props}
      gauge="stiffness"
      title="How stiff is it?"
      howTo={`Cut a strip ${round(25)} wide and about ${round(200)} long. Slide it over the edge of a table under a ruler until its tip touches the slope; the red line on this screen has that slope. Read how far it hangs over.`}
      drawing={
        <OverhangDrawing
          look={look(props)}
          length={gauge.values.overhang === undefined ? '' : length(gauge.values.overhang)}
        />
      }
      verdict={
        result && (
          <>
            <strong>{formatNumber(result.rigidityMgCm, 0)} mg·cm</strong>; bending length{' '}
            {length(result.bendingLengthMm)} at {mass(massGsm.value)}
            {massGsm.source === 'inferred' ? ', a weight that is only assumed' : ''}
          </>
        )
      }
      hint={`A soft lawn hangs after ${round(35)}, a firm denim after ${round(60)}.`}
      onKeep={gauge.keep}
      canKeep={gauge.reading !== null}
    >
      <Choice
        label="Which way the strip was cut"
        value={direction}
        options={WAYS}
        onPick={(way) => gauge.setText('direction', way)}
      />
      <DraftField draft={gauge} name="overhang" label="Overhang" ask={overhangAsk} />
    </GaugeShell>
  );
}
