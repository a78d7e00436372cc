'use client';

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
import { FormSelect, FormText } from '@/parts/forms';
import { Pick, typedNumbers } from '@/ui';
import styles from '../Workroom.module.css';
import { MeasureForm } from './MeasureForm';
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
    (texts) => ({
      numbers: typedNumbers(texts, [
        { key: 'shiftMm', ask: asks.shift },
        { key: 'overMm', ask: asks.over, otherwise: asks.usualOver },
      ]),
      make: (value) => {
        const cloth = cloths.find((c) => c.id === texts.clothId) ?? cloths[0];
        if (!cloth || !(value.overMm > 0)) return null;
        const foot = texts.foot as Foot;
        const step = steps.find((s) => s.position === texts.pressure) ?? nearestPressureStep(record.machine, 0.5);
        const seam = seamContext(clothOf(cloth), { kind: 'join' });
        const { shiftMm, overMm } = value;
        const { factor } = feedFactor(seam, foot, step.pressure, { shiftMm, overMm });
        return { ...value, foot, pressure: step.pressure, clothId: cloth.id, clothName: cloth.cloth.name, factor };
      },
    }),
    () => null,
    {
      clothId: '',
      foot: 'standard',
      pressure: String(record.machine.pressureDial?.normal ?? ''),
      shiftMm: '',
      overMm: '',
    },
    ['clothId', 'foot', 'pressure'],
  );
  return { cloths, steps, measures, asks };
}

/** Two equal strips sewn 300 mm: how far the top one ends behind. */
export function FeedCalibration({ record }: { record: MachineRecord }) {
  const { machine } = record;
  const { cloths, steps, measures, asks } = useFeed(record);
  const { length, round } = useUnits();
  const { texts, measure, list } = measures;
  const chosen = cloths.find((c) => c.id === texts.clothId) ?? cloths[0];
  const { control } = measures.form;
  return (
    <section aria-labelledby="cal-feed" className={styles.calibration}>
      <h2 id="cal-feed">{FEED_CALIBRATION_TEXT.feed}</h2>
      <p>{FEED_CALIBRATION_TEXT.cutTwoStripsLong(round(320), length(asks.usualOver))}</p>
      <MeasureForm measures={measures} labels={LABELS} keep={FEED_CALIBRATION_TEXT.keepThisLine}>
        {chosen && (
          <Pick
            label={LABELS.clothId}
            value={chosen.id}
            options={cloths.map((c) => [c.id, c.cloth.name] as const)}
            onPick={(id) => measures.form.setValue('clothId', id)}
          />
        )}
        <FormSelect control={control} name="foot" label={LABELS.foot} options={FEET_TO_TRY} />
        {machine.pressureDial && (
          <FormSelect
            control={control}
            name="pressure"
            label={LABELS.pressure}
            options={steps.map(({ position }) => [position, position] as const)}
          />
        )}
        <FormText control={control} name="shiftMm" label={LABELS.shiftMm} ask={asks.shift} />
        <FormText
          control={control}
          name="overMm"
          label={LABELS.overMm}
          ask={asks.over}
          help={FEED_CALIBRATION_TEXT.ifLeftEmpty(length(asks.usualOver))}
        />
      </MeasureForm>
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
const LABELS = {
  clothId: FEED_CALIBRATION_TEXT.fabric,
  foot: FEED_CALIBRATION_TEXT.whichFoot,
  pressure: FEED_CALIBRATION_TEXT.pressure,
  shiftMm: FEED_CALIBRATION_TEXT.topBehindBy,
  overMm: FEED_CALIBRATION_TEXT.over,
};

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
