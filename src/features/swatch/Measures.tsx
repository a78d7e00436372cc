'use client';

import { useState } from 'react';
import { lineFacts, type LineMeasures, lineMeasuresSchema } from '@/core/card';
import type { Line } from '@/core/swatch';
import { formatNumber } from '@/core/units';
import { checkedBy, Field, lengthIn, optionalBy, plainNumber, type Typed } from '@/ui';
import styles from './Swatch.module.css';

interface Props {
  line: Line;
  onSave: (change: Partial<Line>) => void;
  required: number;
}

/** What can be measured on the line. Nothing has to be; what is open is said below. */
export function Measures({ line, onSave, required }: Props) {
  const { measures } = line;
  const facts = lineFacts(measures);
  const [popped, setPopped] = useState(measures.poppedAtMm !== undefined);
  const set = (change: Partial<LineMeasures>) => onSave({ measures: { ...measures, ...change } });
  const checked = (key: keyof LineMeasures, read: (text: string) => Typed<number | undefined>) => checkedAs(measures, key, read);
  const mm = optionalBy(lengthIn('mm'), 'a length in mm, such as 102');
  const must = Math.ceil(measures.markedMm * (1 + required / 100));
  const pullKey = popped ? 'poppedAtMm' : 'heldToMm';
  const pulled = measures.poppedAtMm ?? measures.heldToMm;
  return (
    <div className={styles.measures}>
      <div>
        <Field label={`Stitches in ${measures.markedMm} mm`} text={text(measures.stitches)} read={checked('stitches', optionalBy(plainNumber, 'a whole number of stitches'))} onValue={(stitches) => set({ stitches })} help={facts.lengthMm ? `true length ${formatNumber(facts.lengthMm, 2)} mm` : 'count the holes between the marks'} />
      </div>
      <div>
        <Field label="Length after sewing" unit="mm" text={text(measures.afterMm)} read={checked('afterMm', mm)} onValue={(afterMm) => set({ afterMm })} help={facts.growthPercent === undefined ? 'between the same marks' : `${facts.growthPercent < 0 ? 'shrank' : 'grew'} ${formatNumber(Math.abs(facts.growthPercent))} %`} />
      </div>
      <div>
        <Field key={pullKey} label={popped ? 'Thread popped at' : 'Pulled to, and it held'} unit="mm" text={text(pulled)} read={checked(pullKey, mm)} onValue={(value) => set({ heldToMm: popped ? undefined : value, poppedAtMm: popped ? value : undefined })} help={facts.give ? `${formatNumber(facts.give.percent, 0)} %` : required > 0 ? `must reach ${must} mm` : 'only if it has to stretch'} />
        <label className={styles.check}>
          <input
            type="checkbox"
            checked={popped}
            onChange={(event) => {
              setPopped(event.target.checked);
              set({ poppedAtMm: event.target.checked ? pulled : undefined, heldToMm: event.target.checked ? undefined : pulled });
            }}
          />{' '}
          the thread popped
        </label>
      </div>
    </div>
  );
}

const text = (value: number | undefined) => (value === undefined ? '' : formatNumber(value, 2));

/** Reads one measure and checks it beside the others, so that the field says what the store would. */
function checkedAs(measures: LineMeasures, key: keyof LineMeasures, read: (text: string) => Typed<number | undefined>) {
  return (typed: string): Typed<number | undefined> => {
    const value = checkedBy<number | undefined>(read, lineMeasuresSchema.shape[key])(typed);
    if (!value.ok) return value;
    const whole = lineMeasuresSchema.safeParse({ ...measures, poppedAtMm: undefined, heldToMm: undefined, [key]: value.value });
    const issue = whole.success ? null : whole.error.issues.find((i) => i.path[0] === key);
    return issue ? { ok: false, expected: `${issue.message[0].toUpperCase()}${issue.message.slice(1)}.` } : value;
  };
}
