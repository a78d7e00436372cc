'use client';

import type { Control } from 'react-hook-form';
import type { MachineRecord } from '@/core/file';
import {
  type DialCurve,
  dialSummary,
  fallingPlace,
  lengthCountSchema,
  lengthCurve,
  widthCurve,
  widthMeasureSchema,
} from '@/core/kit';
import { dialMmAsk, formatNumber, lengthAsk, MM_PER_INCH, numberAsk } from '@/core/units';
import { useUnits } from '@/parts/workspace';
import { FormText } from '@/parts/forms';
import { typedNumbers } from '@/ui';
import styles from '../Workroom.module.css';
import { DialChart } from './DialChart';
import { MeasureForm } from './MeasureForm';
import { MeasureList } from './MeasureList';
import { useMeasures } from './useMeasures';
import { DIAL_CALIBRATION_TEXT } from '../text';

/** A place on the dial, and what was truly measured: both in mm, as dials are. */
const DIAL = dialMmAsk('metric', 2.5, { least: 0, most: 20 });
const COUNT = numberAsk('count', 'metric', { least: 2, most: 1000, whole: true, usual: 40 });

/** Dial places worth counting, spread over what people use. */
function placesToTry(maxMm: number, list: readonly { dialMm: number }[]): number[] {
  const wanted = [2, 3, 4].filter((place) => place <= maxMm);
  return wanted.filter((place) => !list.some((one) => one.dialMm === place));
}

function falls(curve: DialCurve, field: string): [string, string] | null {
  const pair = fallingPlace(curve);
  return pair && [field, DIAL_CALIBRATION_TEXT.withThisDialWould(pair[1], pair[0])];
}

function useLengthCounts(record: MachineRecord, next: number | undefined) {
  const { system } = useUnits();
  const usualOver = system === 'inch' ? 4 * MM_PER_INCH : 100;
  const overAsk = lengthAsk(system, 100, { least: 5, most: 2000 });
  const measures = useMeasures(
    record,
    'length',
    lengthCountSchema,
    (texts) => ({
      numbers: typedNumbers(texts, [
        { key: 'dialMm', ask: DIAL, otherwise: next },
        { key: 'stitches', ask: COUNT },
        { key: 'overMm', ask: overAsk, otherwise: usualOver },
      ]),
      make: (numbers) => numbers,
    }),
    (length) => falls(lengthCurve({ length }), 'stitches'),
    { dialMm: '', stitches: '', overMm: '' },
  );
  return { measures, overAsk, usualOver };
}

/** Stitches counted between two marks at three dial lengths. */
export function LengthCalibration({ record }: { record: MachineRecord }) {
  const { machine } = record;
  const { length } = useUnits();
  const curve = lengthCurve(machine.calibration);
  const [next] = placesToTry(machine.maxLengthMm, machine.calibration?.length ?? []);
  const { measures, overAsk, usualOver } = useLengthCounts(record, next);
  const { measure } = measures;
  const counted = measure ? measure.overMm / measure.stitches : null;
  return (
    <section aria-labelledby="cal-length" className={styles.calibration}>
      <h2 id="cal-length">{DIAL_CALIBRATION_TEXT.length}</h2>
      <p>{DIAL_CALIBRATION_TEXT.straightStitchOnFirm(length(usualOver))}</p>
      <MeasureForm measures={measures} labels={COUNT_LABELS} keep={DIAL_CALIBRATION_TEXT.keepThisCount}>
        <DialSays control={measures.form.control} next={next} />
        <FormText control={measures.form.control} name="stitches" label={COUNT_LABELS.stitches} ask={COUNT} />
        <FormText
          control={measures.form.control}
          name="overMm"
          label={COUNT_LABELS.overMm}
          ask={overAsk}
          help={DIAL_CALIBRATION_TEXT.ifLeftEmpty2(length(usualOver))}
        />
      </MeasureForm>
      <p aria-live="polite" className={styles.verdict}>
        {counted !== null && measure && (
          <>
            {DIAL_CALIBRATION_TEXT.dialSews(formatNumber(measure.dialMm))}{' '}
            <strong>{DIAL_CALIBRATION_TEXT.mm(formatNumber(counted, 2))}</strong>
          </>
        )}
      </p>
      <CurveSays curve={curve} name="length" />
      <MeasureList
        rows={measures.list.map((c) => [
          c.id,
          DIAL_CALIBRATION_TEXT.dialStitchesIn(formatNumber(c.dialMm), c.stitches, length(c.overMm)),
          DIAL_CALIBRATION_TEXT.mm2(formatNumber(c.overMm / c.stitches, 2)),
          c.at,
        ])}
        onDrop={measures.drop}
      />
      {curve.length > 0 && <DialChart curve={curve} maxMm={machine.maxLengthMm} what="length" />}
    </section>
  );
}

/** The whole swing of a zigzag measured at three dial widths. */
export function WidthCalibration({ record }: { record: MachineRecord }) {
  const { machine } = record;
  const curve = widthCurve(machine.calibration);
  const [next] = placesToTry(machine.maxWidthMm, machine.calibration?.width ?? []);
  const measures = useMeasures(
    record,
    'width',
    widthMeasureSchema,
    (texts) => ({
      numbers: typedNumbers(texts, [
        { key: 'dialMm', ask: DIAL, otherwise: next },
        { key: 'trueMm', ask: DIAL },
      ]),
      make: (numbers) => numbers,
    }),
    (width) => falls(widthCurve({ width }), 'trueMm'),
    { dialMm: '', trueMm: '' },
  );
  // A machine that sews straight only has no width to be out.
  if (machine.maxWidthMm === 0) return null;
  return (
    <section aria-labelledby="cal-width" className={styles.calibration}>
      <h2 id="cal-width">{DIAL_CALIBRATION_TEXT.width}</h2>
      <p>{DIAL_CALIBRATION_TEXT.zigzagAtMmLength}</p>
      <MeasureForm measures={measures} labels={WIDTH_LABELS} keep={DIAL_CALIBRATION_TEXT.keepThisWidth}>
        <DialSays control={measures.form.control} next={next} />
        <FormText control={measures.form.control} name="trueMm" label={WIDTH_LABELS.trueMm} ask={DIAL} />
      </MeasureForm>
      <CurveSays curve={curve} name="width" />
      <MeasureList
        rows={measures.list.map((m) => [
          m.id,
          DIAL_CALIBRATION_TEXT.dial(formatNumber(m.dialMm)),
          DIAL_CALIBRATION_TEXT.mm3(formatNumber(m.trueMm, 2)),
          m.at,
        ])}
        onDrop={measures.drop}
      />
      {curve.length > 0 && <DialChart curve={curve} maxMm={machine.maxWidthMm} what="width" />}
    </section>
  );
}

const COUNT_LABELS = {
  dialMm: DIAL_CALIBRATION_TEXT.dialSays,
  stitches: DIAL_CALIBRATION_TEXT.stitchesCounted,
  overMm: DIAL_CALIBRATION_TEXT.betweenMarks,
};
const WIDTH_LABELS = { dialMm: DIAL_CALIBRATION_TEXT.dialSays, trueMm: DIAL_CALIBRATION_TEXT.wholeSwing };

/** Where the dial stood; the next place worth trying is taken where nothing is typed. */
function DialSays<V>({ control, next }: { control: Control<Record<string, string>, unknown, V>; next?: number }) {
  return (
    <FormText
      control={control}
      name="dialMm"
      label={DIAL_CALIBRATION_TEXT.dialSays}
      ask={DIAL}
      help={next === undefined ? undefined : DIAL_CALIBRATION_TEXT.ifLeftEmpty(next)}
    />
  );
}

/** What the curve means for the next time the dial is turned. */
function CurveSays({ curve, name }: { curve: DialCurve; name: 'length' | 'width' }) {
  const summary = dialSummary(curve);
  if (!summary) return <p className={styles.quiet}>{DIAL_CALIBRATION_TEXT.untilThenBobbetAssumes}</p>;
  const { offPercent, spreadMm, example } = summary;
  const said =
    Math.abs(offPercent) < 1
      ? DIAL_CALIBRATION_TEXT.asItSays
      : DIAL_CALIBRATION_TEXT.aboutThanItSays(formatNumber(Math.abs(offPercent), 0), offPercent < 0 ? 'less' : 'more');
  return (
    <p className={styles.says}>
      {DIAL_CALIBRATION_TEXT.thisDialGivesFor(said, name)}{' '}
      <strong>{DIAL_CALIBRATION_TEXT.mm3(formatNumber(example.trueMm, 1))}</strong>
      {DIAL_CALIBRATION_TEXT.setItTo} <strong>{formatNumber(example.dialMm, 1)}</strong>
      {DIAL_CALIBRATION_TEXT.matchAndTheMachine}
      {spreadMm > 0 && DIAL_CALIBRATION_TEXT.spreadMm(formatNumber(spreadMm, 2))}
      {curve.length < 3 && DIAL_CALIBRATION_TEXT.ofPlacesSoFar(curve.length)}
    </p>
  );
}
