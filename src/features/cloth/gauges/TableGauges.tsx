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
import { formatNumber } from '@/core/units';
import { useUnits } from '@/parts/workspace';
import { DraftField, lengthIn, OverhangDrawing, ShrinkDrawing, StackDrawing } from '@/ui';
import type { GaugeProps } from './GaugeProps';
import { GaugeShell } from './GaugeShell';
import { Toggle, WAYS } from './Toggle';
import { useGauge } from './useGauge';

const mmField = (key: string, path = `${key}Mm`) => ({
  key,
  path,
  parse: lengthIn('mm'),
  expected: 'a length in mm',
});
const count = (key: string, expected: string) => ({ key, path: key, expected });
const look = ({ record }: GaugeProps) => ({ ...record.cloth, colour: record.colour });

/** A stack of layers, measured at once. */
export function ThicknessGauge(props: GaugeProps) {
  const gauge = useGauge(
    props,
    'thickness',
    [count('layers', 'a whole number of layers'), mmField('stack')],
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
          height={gauge.values.stack === undefined ? '' : `${formatNumber(gauge.values.stack, 1)} mm`}
        />
      }
      verdict={
        reading && (
          <>
            <strong>{formatNumber(reading.stackMm / reading.layers, 2)} mm</strong> for one layer
          </>
        )
      }
      hint={
        soFar
          ? `${formatNumber(soFar.mean, 2)} mm${soFar.n > 1 ? ` ± ${formatNumber(soFar.spread, 2)}` : ''} from ${soFar.n}.`
          : 'Thickness decides how much thread a stitch takes, and whether the layers pass under the foot.'
      }
      onKeep={gauge.keep}
      canKeep={reading !== null}
    >
      <DraftField draft={gauge} name="layers" label="Layers" />
      <DraftField draft={gauge} name="stack" label="Height of the stack" unit="mm" />
    </GaugeShell>
  );
}

/** A marked square, before the wash and after. */
export function ShrinkGauge(props: GaugeProps) {
  const { length } = useUnits();
  const soFar = shrinkFinding(props.record.readings);
  const next = (soFar?.wash ?? 0) + 1;
  const gauge = useGauge(
    props,
    'shrink',
    [{ ...count('wash', 'a whole number'), optional: true }, mmField('before'), mmField('across'), mmField('along')],
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
      howTo="Mark a square of 250 or 500 mm along the grain with a thread, wash and dry it as the finished thing will be, and measure both ways."
      drawing={<ShrinkDrawing look={look(props)} across={share(across)} along={share(along)} />}
      verdict={
        finding && (
          <>
            <strong>{formatNumber(finding.alongPercent, 1)} %</strong> along,{' '}
            <strong>{formatNumber(finding.acrossPercent, 1)} %</strong> across. For each metre needed, buy{' '}
            {length(toBuyMm(1000, finding.alongPercent))}. {finding.why}
          </>
        )
      }
      hint={soFar?.why ?? 'What it takes is added to what you buy, and tells whether to wash again before cutting.'}
      onKeep={gauge.keep}
      canKeep={gauge.reading !== null}
    >
      <DraftField draft={gauge} name="wash" label="Which wash" help={`${next} if left empty`} />
      <DraftField draft={gauge} name="before" label="Before" unit="mm" />
      <DraftField draft={gauge} name="across" label="After, across" unit="mm" />
      <DraftField draft={gauge} name="along" label="After, along" unit="mm" />
    </GaugeShell>
  );
}

/** A strip over the edge of a table. */
export function StiffnessGauge(props: GaugeProps) {
  const { massGsm } = clothProfile(clothOf(props.record));
  const gauge = useGauge(
    props,
    'stiffness',
    [mmField('overhang')],
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
      howTo="Cut a strip 25 mm wide and about 200 mm long. Slide it over the edge of a table under a ruler until its tip touches the slope; the red line on this screen has that slope. Read how far it hangs over."
      drawing={
        <OverhangDrawing
          look={look(props)}
          overhangMm={gauge.values.overhang === undefined ? null : Math.round(gauge.values.overhang)}
        />
      }
      verdict={
        result && (
          <>
            <strong>{formatNumber(result.rigidityMgCm, 0)} mg·cm</strong>; bending length{' '}
            {formatNumber(result.bendingLengthMm, 0)} mm at {formatNumber(massGsm.value, 0)} g/m²
            {massGsm.source === 'inferred' ? ', a weight that is only assumed' : ''}
          </>
        )
      }
      hint="A soft lawn hangs after 35 mm, a firm denim after 60."
      onKeep={gauge.keep}
      canKeep={gauge.reading !== null}
    >
      <Toggle
        label="Which way the strip was cut"
        value={direction}
        options={WAYS}
        onPick={(way) => gauge.setText('direction', way)}
      />
      <DraftField draft={gauge} name="overhang" label="Overhang" unit="mm" />
    </GaugeShell>
  );
}
