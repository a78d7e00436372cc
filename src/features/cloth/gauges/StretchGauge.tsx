'use client';

import { measuredStretch, stretchFromMarks, type StretchMarks } from '@/core/cloth';
import { formatNumber, formatPercent, lengthAsk } from '@/core/units';
import { useScreenScale, useUnits } from '@/parts/workspace';
import { Choice, DraftField, StretchRuler } from '@/ui';
import type { GaugeProps } from './GaugeProps';
import { GaugeShell } from './GaugeShell';
import { WAYS } from './ways';
import { TrueScale } from './TrueScale';
import { useGauge } from './useGauge';
import { STRETCH_GAUGE_TEXT } from '../text';

function useStretch(props: GaugeProps) {
  const { system } = useUnits();
  const ask = lengthAsk(system, 100, { least: 10, most: 2000 });
  const perUnit = system === 'inch' ? 25.4 : 10;
  const usual = system === 'inch' ? 4 * 25.4 : 100;
  const field = (key: string, optional: boolean) => ({ key, path: `marks.${key}`, ask, optional });
  const gauge = useGauge(
    props,
    'stretch',
    [field('rest', true), field('stretched', false), field('relaxed', true)],
    (v, texts) => ({
      direction: texts.direction || 'across',
      marks: { rest: v.rest ?? usual, stretched: v.stretched, ...(v.relaxed !== undefined && { relaxed: v.relaxed }) },
    }),
    ['direction', 'rest'],
  );
  const direction: 'across' | 'along' = gauge.texts.direction === 'along' ? 'along' : 'across';
  return { gauge, direction, system, ask, perUnit, usual, rest: gauge.values.rest ?? usual };
}

/** A folded edge on a ruler, three marks, and what they say. */
export function StretchGauge(props: GaugeProps) {
  const { record } = props;
  const { length } = useUnits();
  const scale = useScreenScale();
  const { gauge, direction, system, ask, perUnit, usual, rest } = useStretch(props);
  const { stretched, relaxed } = gauge.values;
  return (
    <GaugeShell
      {...props}
      gauge="stretch"
      title={STRETCH_GAUGE_TEXT.howFarDoesIt}
      howTo={STRETCH_GAUGE_TEXT.foldItMarkAlong(length(rest))}
      drawing={
        <div>
          <StretchRuler
            look={{ ...record.cloth, colour: record.colour }}
            restMm={rest}
            stretchedMm={stretched ?? null}
            relaxedMm={stretched === undefined ? null : (relaxed ?? rest)}
            units={system}
            pxPerMm={scale.pxPerMm}
            onMark={(mark, mm) => gauge.setText(mark, formatNumber(mm / perUnit, 2))}
          />
          <TrueScale scale={scale} />
        </div>
      }
      verdict={gauge.reading && <Verdict marks={gauge.reading.marks} direction={direction} />}
      hint={soFar(record.readings, direction)}
      onKeep={gauge.keep}
      canKeep={gauge.reading !== null}
    >
      <Choice
        label={STRETCH_GAUGE_TEXT.whichWayItIs}
        value={direction}
        options={WAYS}
        onPick={(way) => gauge.setText('direction', way)}
      />
      <DraftField
        draft={gauge}
        name="rest"
        label={STRETCH_GAUGE_TEXT.atRest}
        ask={ask}
        help={STRETCH_GAUGE_TEXT.ifLeftEmpty(formatNumber(usual / perUnit, 1))}
      />
      <DraftField draft={gauge} name="stretched" label={STRETCH_GAUGE_TEXT.pulledTo} ask={ask} />
      <DraftField draft={gauge} name="relaxed" label={STRETCH_GAUGE_TEXT.letGoAfterA} ask={ask} />
    </GaugeShell>
  );
}

function Verdict({ marks, direction }: { marks: StretchMarks; direction: string }) {
  const { stretchPercent, recoveryPercent, growthPercent } = stretchFromMarks(marks);
  return (
    <>
      <strong>{formatPercent(stretchPercent, 0)}</strong> {direction}
      {typeof recoveryPercent === 'number' && (
        <>
          {STRETCH_GAUGE_TEXT.comesBack} <strong>{formatPercent(recoveryPercent, 0)}</strong>
          {STRETCH_GAUGE_TEXT.staysLonger(formatNumber(growthPercent ?? 0, 1))}
        </>
      )}
    </>
  );
}

function soFar(readings: GaugeProps['record']['readings'], direction: 'across' | 'along'): string {
  const { stretch, recovery, growth } = measuredStretch(readings, direction);
  if (!stretch) return STRETCH_GAUGE_TEXT.pullItTwoOr;
  const spread = stretch.n > 1 ? ` ± ${formatNumber(stretch.spread, 1)}` : '';
  const back = recovery ? STRETCH_GAUGE_TEXT.comesBack2(formatNumber(recovery.mean, 0)) : '';
  const stays = growth ? STRETCH_GAUGE_TEXT.staysLonger2(formatNumber(growth.mean, 1)) : '';
  const again = stretch.n === 1 ? STRETCH_GAUGE_TEXT.pullItOnceOr : '';
  return STRETCH_GAUGE_TEXT.fromThePlanUses(
    direction,
    formatNumber(stretch.mean, 0),
    spread,
    stretch.n,
    back,
    stays,
    formatNumber(stretch.cautious, 0),
    again,
  );
}
