'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { gsmOf, measuredMass, pieceAreaMm2 } from '@/core/cloth';
import { crossesItself, type Point } from '@/core/geometry';
import { formatNumber, lengthAsk, lengthInUnit, numberAsk, parseLengthMm } from '@/core/units';
import { useScreenScale, useUnits } from '@/parts/workspace';
import { Choice, DraftField, MeasureField, TraceBoard, WeightDrawing } from '@/ui';
import styles from './Gauges.module.css';
import type { GaugeProps } from './GaugeProps';
import { GaugeShell } from './GaugeShell';
import { TrueScale } from './TrueScale';
import { useGauge } from './useGauge';
import { WEIGHT_GAUGE_TEXT } from '../text';

/** A kitchen scale shows grams, or ounces. */
const WEIGHT = { least: 0.05, most: 5000, usual: 2.4 };
const GRAMS = {
  metric: numberAsk('grams', 'metric', WEIGHT),
  inch: numberAsk('grams', 'inch', WEIGHT),
};

const BOARD = { widthMm: 150, heightMm: 90 };

const readCorners = (text: string | undefined): Point[] =>
  (text ?? '')
    .split(';')
    .filter(Boolean)
    .map((pair) => pair.split(',').map(Number))
    .map(([x, y]) => ({ x, y }));
const writeCorners = (corners: readonly Point[]) => corners.map(({ x, y }) => `${x},${y}`).join(';');

const WAYS_TO_MEASURE = [
  { id: 'rectangle', name: WEIGHT_GAUGE_TEXT.rectangle },
  { id: 'trace', name: WEIGHT_GAUGE_TEXT.traceIt },
] as const;

function useWeight(props: GaugeProps) {
  const { system } = useUnits();
  const sideAsk = lengthAsk(system, 100, { least: 5, most: 2000 });
  const weight = { key: 'grams', path: 'grams', ask: GRAMS[system] };
  const side = (key: string) => ({
    key,
    path: `piece.${key}Mm`,
    ask: sideAsk,
    optional: true,
  });
  // A rectangle typed before the tracing began stays, but does not count.
  const fields = (texts: Record<string, string>) =>
    texts.way === 'trace' ? [weight] : [side('width'), side('length'), weight];
  const gauge = useGauge(props, 'weight', fields, (v, texts) => {
    const outline = readCorners(texts.corners);
    if (texts.way === 'trace') return outline.length < 3 ? null : { piece: { outline }, grams: v.grams };
    if (v.width === undefined || v.length === undefined) return null;
    return { piece: { widthMm: v.width, lengthMm: v.length }, grams: v.grams };
  });
  return {
    gauge,
    sideAsk,
    weightAsk: weight.ask,
    way: gauge.texts.way === 'trace' ? ('trace' as const) : ('rectangle' as const),
  };
}

/** A piece on the kitchen scale: a rectangle, or any scrap traced on the screen. */
export function WeightGauge(props: GaugeProps) {
  const { record } = props;
  const { mass, length, round } = useUnits();
  const scale = useScreenScale();
  const { gauge, sideAsk, weightAsk, way } = useWeight(props);
  const corners = readCorners(gauge.texts.corners);
  const shown = (mm: number | undefined) => (mm === undefined ? '' : length(mm));
  return (
    <GaugeShell
      {...props}
      gauge="weight"
      title={WEIGHT_GAUGE_TEXT.howHeavyIsIt}
      howTo={WEIGHT_GAUGE_TEXT.weighOneLayerOf}
      drawing={
        way === 'trace' ? (
          <Tracing
            scale={scale}
            corners={corners}
            wrong={crossesItself(corners)}
            onCorners={(next) => gauge.setText('corners', writeCorners(next))}
          />
        ) : (
          <WeightDrawing
            look={{ ...record.cloth, colour: record.colour }}
            width={shown(gauge.values.width)}
            length={shown(gauge.values.length)}
            grams={gauge.values.grams === undefined ? '' : formatNumber(gauge.values.grams, 2)}
          />
        )
      }
      problem={gauge.problems['']}
      verdict={
        gauge.reading && (
          <>
            <strong>{mass(gsmOf(gauge.reading))}</strong>{' '}
            {WEIGHT_GAUGE_TEXT.fromCm(formatNumber(pieceAreaMm2(gauge.reading.piece) / 100, 0))}
          </>
        )
      }
      hint={soFar(record.readings, mass) ?? WEIGHT_GAUGE_TEXT.aByPieceOf(round(100), mass(160))}
      onKeep={gauge.keep}
      canKeep={gauge.reading !== null}
    >
      <Choice
        label={WEIGHT_GAUGE_TEXT.howThePieceIs}
        value={way}
        options={WAYS_TO_MEASURE}
        onPick={(next) => gauge.setText('way', next)}
      />
      {way === 'rectangle' && <DraftField draft={gauge} name="width" label={WEIGHT_GAUGE_TEXT.width} ask={sideAsk} />}
      {way === 'rectangle' && <DraftField draft={gauge} name="length" label={WEIGHT_GAUGE_TEXT.length} ask={sideAsk} />}
      <DraftField draft={gauge} name="grams" label={WEIGHT_GAUGE_TEXT.weight} ask={weightAsk} />
    </GaugeShell>
  );
}

function soFar(readings: GaugeProps['record']['readings'], mass: (gsm: number) => string): string | null {
  const measured = measuredMass(readings);
  if (!measured) return null;
  const spread = measured.n > 1 ? ` ± ${formatNumber(measured.spread, 1)}` : '';
  return WEIGHT_GAUGE_TEXT.from(mass(measured.mean), spread, measured.n);
}

interface TracingProps {
  scale: ReturnType<typeof useScreenScale>;
  corners: Point[];
  wrong: boolean;
  onCorners: (corners: Point[]) => void;
}

function Tracing({ scale, corners, wrong, onCorners }: TracingProps) {
  return (
    <div>
      {scale.pxPerMm && (
        <>
          <TraceBoard
            {...BOARD}
            pxPerMm={scale.pxPerMm}
            corners={corners}
            wrong={wrong}
            onCorner={(corner) => onCorners([...corners, corner])}
          />
          <div className={styles.picks}>
            <Button size="small" disabled={corners.length === 0} onClick={() => onCorners(corners.slice(0, -1))}>
              {WEIGHT_GAUGE_TEXT.takeTheLastCorner}
            </Button>
            <Button size="small" disabled={corners.length === 0} onClick={() => onCorners([])}>
              {WEIGHT_GAUGE_TEXT.beginAgain}
            </Button>
          </div>
          <Corner corners={corners} onCorners={onCorners} />
        </>
      )}
      {wrong && (
        <p role="alert" className={styles.problem}>
          {WEIGHT_GAUGE_TEXT.theOutlineCrossesItself}
        </p>
      )}
      {!scale.pxPerMm && <p>{WEIGHT_GAUGE_TEXT.layTheScrapOn}</p>}
      <TrueScale scale={scale} />
    </div>
  );
}

/** The same for hands on a keyboard: corners typed, each as how far from the left and from the top. */
function Corner({ corners, onCorners }: Pick<TracingProps, 'corners' | 'onCorners'>) {
  const { system } = useUnits();
  const { bare, such } = CORNERS[system];
  const [typed, setTyped] = useState<string | null>(null);
  const shown = corners.map(({ x, y }) => `${lengthInUnit(x, bare)}, ${lengthInUnit(y, bare)}`).join('; ');
  return (
    <MeasureField
      label={WEIGHT_GAUGE_TEXT.cornersFromTheLeft(bare, such)}
      text={typed ?? shown}
      onText={(text) => {
        setTyped(text);
        const pairs = text.split(';').map((pair) => pair.split(',').map((one) => parseLengthMm(one, bare)));
        if (pairs.every((pair) => pair.length === 2 && pair.every((mm) => mm !== null)))
          onCorners(pairs.map(([x, y]) => ({ x: x!, y: y! })));
      }}
    />
  );
}

const CORNERS = {
  metric: { bare: 'mm', such: '0, 0; 80, 0; 40, 60' },
  inch: { bare: 'in', such: '0, 0; 3, 0; 1 1/2, 2 1/4' },
} as const;
