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
import { formatNumber, formatPercent, lengthAsk, numberAsk, type QuantityAsk } from '@/core/units';
import { useUnits } from '@/parts/workspace';
import { Choice, DraftField, OverhangDrawing, ShrinkDrawing, StackDrawing } from '@/ui';
import type { GaugeProps } from './GaugeProps';
import { GaugeShell } from './GaugeShell';
import { WAYS } from './ways';
import { useGauge } from './useGauge';
import { TABLE_GAUGES_TEXT } from '../text';

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
      title={TABLE_GAUGES_TEXT.howThickIsOne}
      howTo={TABLE_GAUGES_TEXT.foldOrStackIt}
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
            <strong>{length(reading.stackMm / reading.layers)}</strong> {TABLE_GAUGES_TEXT.forOneLayer}
          </>
        )
      }
      hint={
        soFar
          ? TABLE_GAUGES_TEXT.from(
              length(soFar.mean),
              soFar.n > 1 ? ` ± ${formatNumber(soFar.spread, 2)}` : '',
              soFar.n,
            )
          : TABLE_GAUGES_TEXT.thicknessDecidesHowMuch
      }
      onKeep={gauge.keep}
      canKeep={reading !== null}
    >
      <DraftField draft={gauge} name="layers" label={TABLE_GAUGES_TEXT.layers} ask={layersAsk} />
      <DraftField draft={gauge} name="stack" label={TABLE_GAUGES_TEXT.heightOfTheStack} ask={stackAsk} />
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
      title={TABLE_GAUGES_TEXT.whatDoesTheWash}
      howTo={TABLE_GAUGES_TEXT.markASquareOf(round(250), round(500))}
      drawing={<ShrinkDrawing look={look(props)} across={share(across)} along={share(along)} />}
      verdict={
        finding && (
          <>
            <strong>{formatPercent(finding.alongPercent, 1)}</strong> {TABLE_GAUGES_TEXT.along}{' '}
            <strong>{formatPercent(finding.acrossPercent, 1)}</strong>{' '}
            {TABLE_GAUGES_TEXT.acrossForEachNeeded(
              metres(unitLength),
              metres(toBuyMm(unitLength, finding.alongPercent)),
              finding.why,
            )}
          </>
        )
      }
      hint={soFar?.why ?? TABLE_GAUGES_TEXT.whatItTakesIs}
      onKeep={gauge.keep}
      canKeep={gauge.reading !== null}
    >
      <DraftField
        draft={gauge}
        name="wash"
        label={TABLE_GAUGES_TEXT.whichWash}
        ask={washAsk}
        help={TABLE_GAUGES_TEXT.ifLeftEmpty(next)}
      />
      <DraftField draft={gauge} name="before" label={TABLE_GAUGES_TEXT.before} ask={sideAsk} />
      <DraftField draft={gauge} name="across" label={TABLE_GAUGES_TEXT.afterAcross} ask={sideAsk} />
      <DraftField draft={gauge} name="along" label={TABLE_GAUGES_TEXT.afterAlong} ask={sideAsk} />
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
      title={TABLE_GAUGES_TEXT.howStiffIsIt}
      howTo={TABLE_GAUGES_TEXT.cutAStripWide(round(25), round(200))}
      drawing={
        <OverhangDrawing
          look={look(props)}
          length={gauge.values.overhang === undefined ? '' : length(gauge.values.overhang)}
        />
      }
      verdict={
        result && (
          <>
            <strong>{TABLE_GAUGES_TEXT.mgCm(formatNumber(result.rigidityMgCm, 0))}</strong>
            {TABLE_GAUGES_TEXT.bendingLengthAt(length(result.bendingLengthMm), mass(massGsm.value))}
            {massGsm.source === 'inferred' ? TABLE_GAUGES_TEXT.aWeightThatIs : ''}
          </>
        )
      }
      hint={TABLE_GAUGES_TEXT.aSoftLawnHangs(round(35), round(60))}
      onKeep={gauge.keep}
      canKeep={gauge.reading !== null}
    >
      <Choice
        label={TABLE_GAUGES_TEXT.whichWayTheStrip}
        value={direction}
        options={WAYS}
        onPick={(way) => gauge.setText('direction', way)}
      />
      <DraftField draft={gauge} name="overhang" label={TABLE_GAUGES_TEXT.overhang} ask={overhangAsk} />
    </GaugeShell>
  );
}
