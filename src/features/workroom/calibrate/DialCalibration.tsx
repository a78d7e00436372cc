'use client';

import Button from '@mui/material/Button';
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
import { DraftField, typedNumbers } from '@/ui';
import styles from '../Workroom.module.css';
import { DialChart } from './DialChart';
import { MeasureList } from './MeasureList';
import { useMeasures } from './useMeasures';

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
  return pair && [field, `With this, dial ${pair[1]} would give less than dial ${pair[0]}: measure one of them again.`];
}

function useLengthCounts(record: MachineRecord, next: number | undefined) {
  const { system } = useUnits();
  const usualOver = system === 'inch' ? 4 * MM_PER_INCH : 100;
  const overAsk = lengthAsk(system, 100, { least: 5, most: 2000 });
  const measures = useMeasures(
    record,
    'length',
    lengthCountSchema,
    (texts) =>
      typedNumbers(texts, [
        { key: 'dialMm', ask: DIAL, otherwise: next },
        { key: 'stitches', ask: COUNT },
        { key: 'overMm', ask: overAsk, otherwise: usualOver },
      ]),
    (length) => falls(lengthCurve({ length }), 'stitches'),
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
      <h2 id="cal-length">Length</h2>
      <p>
        Straight stitch on firm cloth in two layers. Mark {length(usualOver)}, sew past both marks, count the stitches
        between them. Do it at dial 2, 3 and 4; repeat any of them for its spread.
      </p>
      <div className={styles.row}>
        <DraftField
          draft={measures}
          name="dialMm"
          label="Dial says"
          ask={DIAL}
          help={next === undefined ? undefined : `${next} if left empty`}
        />
        <DraftField draft={measures} name="stitches" label="Stitches counted" ask={COUNT} />
        <DraftField
          draft={measures}
          name="overMm"
          label="Between marks"
          ask={overAsk}
          help={`${length(usualOver)} if left empty`}
        />
        <Button variant="outlined" disabled={!measure} onClick={measures.keep}>
          Keep this count
        </Button>
      </div>
      <p aria-live="polite" className={styles.verdict}>
        {counted !== null && measure && (
          <>
            dial {formatNumber(measure.dialMm)} sews <strong>{formatNumber(counted, 2)} mm</strong>
          </>
        )}
      </p>
      <CurveSays curve={curve} name="length" />
      <MeasureList
        rows={measures.list.map((c) => [
          c.id,
          `dial ${formatNumber(c.dialMm)}: ${c.stitches} stitches in ${length(c.overMm)}`,
          `${formatNumber(c.overMm / c.stitches, 2)} mm`,
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
    (texts) =>
      typedNumbers(texts, [
        { key: 'dialMm', ask: DIAL, otherwise: next },
        { key: 'trueMm', ask: DIAL },
      ]),
    (width) => falls(widthCurve({ width }), 'trueMm'),
  );
  const { measure } = measures;
  // A machine that sews straight only has no width to be out.
  if (machine.maxWidthMm === 0) return null;
  return (
    <section aria-labelledby="cal-width" className={styles.calibration}>
      <h2 id="cal-width">Width</h2>
      <p>Zigzag at 1.5 mm length on firm cloth. Measure from the leftmost hole to the rightmost, at dial 2, 3 and 4.</p>
      <div className={styles.row}>
        <DraftField
          draft={measures}
          name="dialMm"
          label="Dial says"
          ask={DIAL}
          help={next === undefined ? undefined : `${next} if left empty`}
        />
        <DraftField draft={measures} name="trueMm" label="Whole swing" ask={DIAL} />
        <Button variant="outlined" disabled={!measure} onClick={measures.keep}>
          Keep this width
        </Button>
      </div>
      <CurveSays curve={curve} name="width" />
      <MeasureList
        rows={measures.list.map((m) => [
          m.id,
          `dial ${formatNumber(m.dialMm)}`,
          `${formatNumber(m.trueMm, 2)} mm`,
          m.at,
        ])}
        onDrop={measures.drop}
      />
      {curve.length > 0 && <DialChart curve={curve} maxMm={machine.maxWidthMm} what="width" />}
    </section>
  );
}

/** What the curve means for the next time the dial is turned. */
function CurveSays({ curve, name }: { curve: DialCurve; name: 'length' | 'width' }) {
  const summary = dialSummary(curve);
  if (!summary) return <p className={styles.quiet}>Until then Bobbet assumes the dial is accurate.</p>;
  const { offPercent, spreadMm, example } = summary;
  const said =
    Math.abs(offPercent) < 1
      ? 'as it says'
      : `about ${formatNumber(Math.abs(offPercent), 0)} % ${offPercent < 0 ? 'less' : 'more'} than it says`;
  return (
    <p className={styles.says}>
      This dial gives {said}. For a {name} of <strong>{formatNumber(example.trueMm, 1)} mm</strong>, set it to{' '}
      <strong>{formatNumber(example.dialMm, 1)}</strong>. Match and the machine bar do so from now on.
      {spreadMm > 0 && ` Spread ± ${formatNumber(spreadMm, 2)} mm.`}
      {curve.length < 3 && ` ${curve.length} of 3 places so far: between and beyond them it is estimated.`}
    </p>
  );
}
