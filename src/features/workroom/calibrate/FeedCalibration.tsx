'use client';

import Button from '@mui/material/Button';
import { clothOf } from '@/core/cloth';
import type { MachineRecord } from '@/core/file';
import {
  creepFactor,
  FEET,
  type FeedMeasure,
  feedMeasureSchema,
  type Foot,
  FOOT,
  type Machine,
  nearestPressureStep,
  pressureSteps,
} from '@/core/kit';
import { feedFactor, seamContext, bowOfStrips } from '@/core/physics';
import { formatNumber, lengthAsk, MM_PER_INCH, type UnitSystem } from '@/core/units';
import { useCloths } from '@/data';
import { useUnits } from '@/parts/workspace';
import { DraftField, Select, typedNumbers } from '@/ui';
import styles from '../Workroom.module.css';
import { MeasureList } from './MeasureList';
import { useMeasures } from './useMeasures';
import { FEED_CALIBRATION_TEXT } from '../text';

const asksIn = (system: UnitSystem) => ({
  shift: lengthAsk(system, 3, { signed: true, least: -100, most: 100 }),
  over: lengthAsk(system, 300, { least: 50, most: 5000 }),
  usualOver: system === 'inch' ? 12 * MM_PER_INCH : 300,
});

function useFeed(record: MachineRecord) {
  const { system } = useUnits();
  const asks = asksIn(system);
  const cloths = useCloths() ?? [];
  const steps = pressureSteps(record.machine);
  const measures = useMeasures(
    record,
    'feed',
    feedMeasureSchema,
    (texts) => {
      const { value, problems, meant } = typedNumbers(texts, [
        { key: 'shiftMm', ask: asks.shift },
        { key: 'overMm', ask: asks.over, otherwise: asks.usualOver },
      ]);
      const cloth = cloths.find((c) => c.id === texts.clothId) ?? cloths[0];
      if (!value || !cloth || !(value.overMm > 0)) return { value: null, problems, meant };
      const foot = (texts.foot || 'standard') as Foot;
      const step = steps.find((s) => s.position === texts.pressure) ?? nearestPressureStep(record.machine, 0.5);
      const seam = seamContext(clothOf(cloth), { kind: 'join' });
      const { shiftMm, overMm } = value;
      const { factor } = feedFactor(seam, foot, step.pressure, { shiftMm, overMm });
      return {
        value: { ...value, foot, pressure: step.pressure, clothId: cloth.id, clothName: cloth.cloth.name, factor },
        problems,
        meant,
      };
    },
    () => null,
    ['clothId', 'foot', 'pressure'],
  );
  return { cloths, steps, measures, asks };
}

/** Two equal strips sewn 300 mm: how far the top one ends behind. */
export function FeedCalibration({ record }: { record: MachineRecord }) {
  const { machine } = record;
  const { cloths, steps, measures, asks } = useFeed(record);
  const { length, round } = useUnits();
  const { texts, setText, measure, list } = measures;
  const chosen = cloths.find((c) => c.id === texts.clothId) ?? cloths[0];
  const pick = (key: string, label: string, value: string, options: readonly (readonly [string, string])[]) => (
    <Select label={label} value={value} options={options} onPick={(id) => setText(key, id)} />
  );
  return (
    <section aria-labelledby="cal-feed" className={styles.calibration}>
      <h2 id="cal-feed">{FEED_CALIBRATION_TEXT.feed}</h2>
      <p>{FEED_CALIBRATION_TEXT.cutTwoStripsLong(round(320), length(asks.usualOver))}</p>
      <div className={styles.row}>
        {chosen &&
          pick(
            'clothId',
            'Cloth',
            chosen.id,
            cloths.slice(0, MOST).map((c) => [c.id, c.cloth.name] as const),
          )}
        {pick('foot', 'Foot', texts.foot || 'standard', FEET_TO_TRY)}
        {machine.pressureDial &&
          pick(
            'pressure',
            'Pressure',
            texts.pressure || String(machine.pressureDial.normal),
            steps.map(({ position }) => [position, position] as const),
          )}
        <DraftField draft={measures} name="shiftMm" label={FEED_CALIBRATION_TEXT.topBehindBy} ask={asks.shift} />
        <DraftField
          draft={measures}
          name="overMm"
          label={FEED_CALIBRATION_TEXT.over}
          ask={asks.over}
          help={FEED_CALIBRATION_TEXT.ifLeftEmpty(length(asks.usualOver))}
        />
        <Button variant="outlined" disabled={!measure} onClick={measures.keep}>
          {FEED_CALIBRATION_TEXT.keepThisLine}
        </Button>
      </div>
      {!chosen && <p>{FEED_CALIBRATION_TEXT.putAClothInto}</p>}
      <FeedSays machine={machine} last={measure ?? list.at(-1) ?? null} />
      <MeasureList
        rows={list.map((f) => [
          f.id,
          FEED_CALIBRATION_TEXT.foot(f.clothName, FOOT[f.foot].name.toLowerCase(), length(f.overMm)),
          `${length(f.shiftMm)}${f.factor === null ? '' : FEED_CALIBRATION_TEXT.theModel(formatNumber(f.factor, 1))}`,
          f.at,
        ])}
        onDrop={measures.drop}
      />
    </section>
  );
}

const FEET_TO_TRY = FEET.filter((foot) => FOOT[foot].general).map((foot) => [foot, FOOT[foot].name] as const);
/** Cloths offered in the list; the newest come first. */
const MOST = 200;

function FeedSays({ machine, last }: { machine: Machine; last: FeedMeasure | null }) {
  const { length, round } = useUnits();
  const measured = (machine.calibration?.feed ?? []).some((f) => f.factor !== null);
  const bow = last ? bowOfStrips(last.shiftMm, last.overMm) : 0;
  return (
    <p className={styles.says}>
      {measured ? (
        <>
          {FEED_CALIBRATION_TEXT.thisMachineLetsThe}{' '}
          <strong>{FEED_CALIBRATION_TEXT.times(formatNumber(creepFactor(machine), 1))}</strong>{' '}
          {FEED_CALIBRATION_TEXT.asMuchAsThe}{' '}
        </>
      ) : (
        FEED_CALIBRATION_TEXT.untilThenTheModel
      )}
      {bow > 0 && FEED_CALIBRATION_TEXT.aSetOfStrips(length(63.5), round(1000), length(bow))}
    </p>
  );
}
