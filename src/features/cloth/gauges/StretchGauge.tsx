'use client';

import { measuredStretch, stretchFromMarks, type StretchMarks } from '@/core/cloth';
import { formatNumber, parseLengthMm } from '@/core/units';
import { useScreenScale, useUnits } from '@/parts/workspace';
import { MeasureField, StretchRuler } from '@/ui';
import styles from './Gauges.module.css';
import type { GaugeProps } from './GaugeProps';
import { GaugeShell } from './GaugeShell';
import { TrueScale } from './TrueScale';
import { useGauge } from './useGauge';

const WAYS = ['across', 'along'] as const;

/** A folded edge on a ruler, three marks, and what they say. */
export function StretchGauge(props: GaugeProps) {
  const { record } = props;
  const { system, length } = useUnits();
  const scale = useScreenScale();
  const unit = system === 'inch' ? 'in' : 'cm';
  const perUnit = system === 'inch' ? 25.4 : 10;
  const parse = (text: string) => parseLengthMm(text, unit);
  const example = `a length in ${unit}, such as ${unit === 'in' ? '6 1/8' : '15,5'}`;
  const usual = system === 'inch' ? 4 * 25.4 : 100;
  const gauge = useGauge(
    props,
    'stretch',
    [
      { key: 'rest', path: 'marks.rest', parse, expected: example, optional: true },
      { key: 'stretched', path: 'marks.stretched', parse, expected: example },
      { key: 'relaxed', path: 'marks.relaxed', parse, expected: example, optional: true },
    ],
    (v, texts) => ({
      direction: texts.direction || 'across',
      marks: { rest: v.rest ?? usual, stretched: v.stretched, ...(v.relaxed !== undefined && { relaxed: v.relaxed }) },
    }),
    ['direction', 'rest'],
  );
  const direction = (gauge.texts.direction || 'across') as (typeof WAYS)[number];
  const rest = gauge.values.rest ?? usual;
  const { stretched, relaxed } = gauge.values;
  const field = (key: string, label: string, help?: string) => (
    <MeasureField
      label={label}
      unit={unit}
      text={gauge.texts[key] ?? ''}
      onText={(text) => gauge.setText(key, text)}
      problem={gauge.problems[key]}
      help={help}
      onEnter={gauge.keep}
    />
  );
  return (
    <GaugeShell
      {...props}
      gauge="stretch"
      title="How far does it stretch?"
      howTo={`Fold it, mark ${length(rest)} along the fold, lay it on the ruler and pull until it resists. Then let go, wait a minute, and look again.`}
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
      <div role="group" aria-label="Which way it is pulled" className={styles.toggle}>
        {WAYS.map((way) => (
          <button
            key={way}
            type="button"
            aria-pressed={direction === way}
            onClick={() => gauge.setText('direction', way)}
          >
            {way === 'across' ? 'Across' : 'Along'}
          </button>
        ))}
      </div>
      {field('rest', 'At rest', `${formatNumber(usual / perUnit, 1)} if left empty`)}
      {field('stretched', 'Pulled to')}
      {field('relaxed', 'Let go, after a minute')}
    </GaugeShell>
  );
}

function Verdict({ marks, direction }: { marks: StretchMarks; direction: string }) {
  const { stretchPercent, recoveryPercent, growthPercent } = stretchFromMarks(marks);
  return (
    <>
      <strong>{formatNumber(stretchPercent, 0)} %</strong> {direction}
      {typeof recoveryPercent === 'number' && (
        <>
          ; comes back <strong>{formatNumber(recoveryPercent, 0)} %</strong>, stays{' '}
          {formatNumber(growthPercent ?? 0, 1)} % longer
        </>
      )}
    </>
  );
}

function soFar(readings: GaugeProps['record']['readings'], direction: 'across' | 'along'): string {
  const { stretch, recovery, growth } = measuredStretch(readings, direction);
  if (!stretch) return 'Pull it two or three times: the plan uses the cautious end of what you read.';
  const spread = stretch.n > 1 ? ` ± ${formatNumber(stretch.spread, 1)}` : '';
  const back = recovery ? `; comes back ${formatNumber(recovery.mean, 0)} %` : '';
  const stays = growth ? `, stays ${formatNumber(growth.mean, 1)} % longer` : '';
  const again = stretch.n === 1 ? ' Pull it once or twice more.' : '';
  return `${direction}: ${formatNumber(stretch.mean, 0)} %${spread} from ${stretch.n}${back}${stays}. The plan uses ${formatNumber(stretch.cautious, 0)} %.${again}`;
}
