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
import { formatNumber } from '@/core/units';
import { DraftField, lengthIn, typedNumbers } from '@/ui';
import styles from '../Workroom.module.css';
import { DialChart } from './DialChart';
import { MeasureList } from './MeasureList';
import { useMeasures } from './useMeasures';

const mm = lengthIn('mm');

/** Dial places worth counting, spread over what people use. */
function placesToTry(maxMm: number, list: readonly { dialMm: number }[]): number[] {
  const wanted = [2, 3, 4].filter((place) => place <= maxMm);
  return wanted.filter((place) => !list.some((one) => one.dialMm === place));
}

function falls(curve: DialCurve, field: string): [string, string] | null {
  const pair = fallingPlace(curve);
  return pair && [field, `With this, dial ${pair[1]} would give less than dial ${pair[0]}: measure one of them again.`];
}

/** Stitches counted between two marks at three dial lengths. */
export function LengthCalibration({ record }: { record: MachineRecord }) {
  const { machine } = record;
  const curve = lengthCurve(machine.calibration);
  const [next] = placesToTry(machine.maxLengthMm, machine.calibration?.length ?? []);
  const measures = useMeasures(
    record,
    'length',
    lengthCountSchema,
    (texts) =>
      typedNumbers(texts, [
        { key: 'dialMm', expected: 'a length on the dial', parse: mm, otherwise: next },
        { key: 'stitches', expected: 'a whole number of stitches' },
        { key: 'overMm', expected: 'a length in mm', parse: mm, otherwise: 100 },
      ]),
    (length) => falls(lengthCurve({ length }), 'stitches'),
  );
  const { measure } = measures;
  const counted = measure ? measure.overMm / measure.stitches : null;
  return (
    <section aria-labelledby="cal-length" className={styles.calibration}>
      <h2 id="cal-length">Length</h2>
      <p>
        Straight stitch on firm cloth in two layers. Mark 100 mm, sew past both marks, count the stitches between them.
        Do it at dial 2, 3 and 4; repeat any of them for its spread.
      </p>
      <div className={styles.row}>
        <DraftField
          draft={measures}
          name="dialMm"
          label="Dial says"
          unit="mm"
          help={next === undefined ? undefined : `${next} if left empty`}
        />
        <DraftField draft={measures} name="stitches" label="Stitches counted" />
        <DraftField draft={measures} name="overMm" label="Between marks" unit="mm" help="100 if left empty" />
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
          `dial ${formatNumber(c.dialMm)}: ${c.stitches} stitches in ${formatNumber(c.overMm)} mm`,
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
        { key: 'dialMm', expected: 'a width on the dial', parse: mm, otherwise: next },
        { key: 'trueMm', expected: 'a width in mm', parse: mm },
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
          unit="mm"
          help={next === undefined ? undefined : `${next} if left empty`}
        />
        <DraftField draft={measures} name="trueMm" label="Whole swing" unit="mm" />
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
