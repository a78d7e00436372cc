'use client';

import { useState } from 'react';
import { type LineFacts, lineFacts, type LineMeasures, lineMeasuresSchema } from '@/core/card';
import { accepted, type Line } from '@/core/swatch';
import { formatNumber, parseSignedMm } from '@/core/units';
import { checkedBy, Field, lengthIn, optionalBy, plainNumber, sentence, type Typed } from '@/ui';
import styles from './Swatch.module.css';
import type { SaveLine, Scrap } from './useScrap';

interface Props {
  scrap: Scrap;
  line: Line;
  onSave: SaveLine;
}

interface PartProps {
  measures: LineMeasures;
  facts: LineFacts;
  set: (change: Partial<LineMeasures>) => void;
}

const MM = optionalBy(lengthIn('mm'), 'a length in mm, such as 102');

/** What can be measured on the line. Nothing has to be; what is open is said below. */
export function Measures({ scrap, line, onSave }: Props) {
  const { measures } = line;
  const set = (change: Partial<LineMeasures>) => onSave((now) => ({ measures: { ...now.measures, ...change } }));
  const part = { measures, facts: lineFacts(measures), set };
  return (
    <div className={styles.measures}>
      <Counted {...part} />
      <Grown {...part} />
      <Pulled {...part} needed={accepted(scrap.seam, measures).givePercent} />
      {scrap.seam.layers > 1 && <Shifted {...part} />}
      <Graded {...part} />
      {line.setup.needle.gapMm !== undefined && <Ridge {...part} />}
    </div>
  );
}

function Counted({ measures, facts, set }: PartProps) {
  const whole = optionalBy(plainNumber, 'a whole number of stitches');
  const help = facts.lengthMm
    ? `true length ${formatNumber(facts.lengthMm, 2)} mm`
    : 'count the holes between the marks';
  return (
    <Field
      label={`Stitches in ${measures.markedMm} mm`}
      text={text(measures.stitches)}
      read={checkedAs(measures, 'stitches', whole)}
      onValue={(stitches) => set({ stitches })}
      help={help}
    />
  );
}

function Grown({ measures, facts: { growthPercent: growth }, set }: PartProps) {
  const grew = growth !== undefined && `${growth < 0 ? 'shrank' : 'grew'} ${formatNumber(Math.abs(growth))} %`;
  return (
    <Field
      label="After sewing"
      unit="mm"
      text={text(measures.afterMm)}
      read={checkedAs(measures, 'afterMm', MM)}
      onValue={(afterMm) => set({ afterMm })}
      help={grew || 'between the same marks'}
    />
  );
}

const SIGNED = optionalBy(parseSignedMm, 'a length in mm; minus when the top ran ahead');

function Shifted({ measures, set }: PartProps) {
  return (
    <Field
      label="Top layer behind"
      unit="mm"
      text={text(measures.shiftMm)}
      read={checkedAs(measures, 'shiftMm', SIGNED)}
      onValue={(shiftMm) => set({ shiftMm })}
      help={`over the ${measures.markedMm} mm; minus if ahead`}
    />
  );
}

const GRADE = optionalBy(plainNumber, 'a grade from 1 to 5');

/** As seams are graded against the five photographs of the standards, told in words here. */
const GRADES = '5 smooth, 4 slight puckers, 3 plain, 2 and 1 bad';

function Graded({ measures, set }: PartProps) {
  return (
    <Field
      label="Pucker grade"
      text={text(measures.pucker)}
      read={checkedAs(measures, 'pucker', GRADE)}
      onValue={(pucker) => set({ pucker })}
      help={GRADES}
    />
  );
}

function Ridge({ measures, set }: PartProps) {
  return (
    <Field
      label="Ridge between rows"
      unit="mm"
      text={text(measures.ridgeMm)}
      read={checkedAs(measures, 'ridgeMm', MM)}
      onValue={(ridgeMm) => set({ ridgeMm })}
      help="its height above the cloth"
    />
  );
}

function Pulled({ measures, facts, set, needed }: PartProps & { needed: number }) {
  const [popped, setPopped] = useState(measures.poppedAtMm !== undefined);
  const key = popped ? 'poppedAtMm' : 'heldToMm';
  const pulled = measures.poppedAtMm ?? measures.heldToMm;
  const keep = (mm: number | undefined, broke: boolean) =>
    set({ heldToMm: broke ? undefined : mm, poppedAtMm: broke ? mm : undefined });
  const must = Math.ceil(measures.markedMm * (1 + needed / 100));
  const open = needed > 0 ? `must reach ${must} mm` : 'only if it has to stretch';
  const toggle = (broke: boolean) => {
    setPopped(broke);
    keep(pulled, broke);
  };
  return (
    <div>
      <Field
        label={popped ? 'Popped at' : 'Pulled to, held'}
        unit="mm"
        text={text(pulled)}
        read={checkedAs(measures, key, MM)}
        onValue={(mm) => keep(mm, popped)}
        help={facts.give ? `${formatNumber(facts.give.percent, 0)} %` : open}
      />
      <label className={styles.check}>
        <input type="checkbox" checked={popped} onChange={(event) => toggle(event.target.checked)} /> the thread popped
      </label>
    </div>
  );
}

const text = (value: number | undefined) => (value === undefined ? '' : formatNumber(value, 2));

/** Reads one measure and checks it beside the others, so that the field says what the store would. */
function checkedAs(measures: LineMeasures, key: keyof LineMeasures, read: (text: string) => Typed<number | undefined>) {
  return (typed: string): Typed<number | undefined> => {
    const value = checkedBy<number | undefined>(read, lineMeasuresSchema.shape[key])(typed);
    if (!value.ok) return value;
    const whole = lineMeasuresSchema.safeParse({
      ...measures,
      poppedAtMm: undefined,
      heldToMm: undefined,
      [key]: value.value,
    });
    const issue = whole.success ? null : whole.error.issues.find((i) => i.path[0] === key);
    return issue ? { ok: false, expected: sentence(issue.message) } : value;
  };
}
