'use client';

import { useState } from 'react';
import { growthText, type LineFacts, lineFacts, type LineMeasures, lineMeasuresSchema } from '@/core/card';
import { accepted, type TestLine, stretchToMm } from '@/core/swatch';
import {
  askUnit,
  fieldText,
  formatNumber,
  formatPercent,
  lengthAsk,
  numberAsk,
  type QuantityAsk,
  type UnitSystem,
} from '@/core/units';
import { useUnits } from '@/parts/workspace';
import { Field, Tick, checkedBy, optionalQuantity, sentence, type Typed } from '@/ui';
import styles from './Swatch.module.css';
import type { SaveLine, Scrap } from './useScrap';
import { MEASURES_TEXT } from './text';

interface Props {
  scrap: Scrap;
  line: TestLine;
  onSave: SaveLine;
}

interface PartProps {
  measures: LineMeasures;
  facts: LineFacts;
  set: (change: Partial<LineMeasures>) => void;
}

/** What each measure asks for, in the person's units. */
const asksIn = (system: UnitSystem) => ({
  stitches: numberAsk('count', system, { least: 1, most: 1000, whole: true, usual: 40 }),
  afterMm: lengthAsk(system, 100, { least: 5, most: 2000 }),
  shiftMm: lengthAsk(system, 3, { signed: true, least: -100, most: 100 }),
  pucker: numberAsk('count', system, { least: 1, most: 5, usual: 4 }),
  ridgeMm: lengthAsk(system, 1, { least: 0, most: 20 }),
});
/** As seams are graded against the five photographs of the standards, told in words here. */
const GRADES = MEASURES_TEXT.smoothSlightPuckersPlain;

/** What can be measured on the line. Nothing has to be; what is open is said below. */
export function Measures({ scrap, line, onSave }: Props) {
  const { measures } = line;
  const set = (change: Partial<LineMeasures>) => onSave((now) => ({ measures: { ...now.measures, ...change } }));
  const facts = lineFacts(measures);
  const { system, length } = useUnits();
  const asks = asksIn(system);
  const part = { measures, facts, set };
  return (
    <>
      <div className={styles.readings}>
        <One
          {...part}
          name="stitches"
          label={MEASURES_TEXT.stitchesIn(length(measures.markedMm))}
          ask={asks.stitches}
          help={
            facts.lengthMm
              ? MEASURES_TEXT.trueLengthMm(formatNumber(facts.lengthMm, 2))
              : MEASURES_TEXT.countTheHolesBetween
          }
        />
        <One
          {...part}
          name="afterMm"
          label={MEASURES_TEXT.afterSewing}
          ask={asks.afterMm}
          help={grew(facts.growthPercent)}
        />
        <Pulled {...part} needed={accepted(scrap.seam, measures).givePercent} />
      </div>
      <div className={styles.measures}>
        {scrap.seam.layers > 1 && (
          <One
            {...part}
            name="shiftMm"
            label={MEASURES_TEXT.topLayerBehind}
            ask={asks.shiftMm}
            help={MEASURES_TEXT.overTheMinusIf(length(measures.markedMm))}
          />
        )}
        <One {...part} name="pucker" label={MEASURES_TEXT.puckerGrade} ask={asks.pucker} help={GRADES} />
        {line.setup.needle.gapMm !== undefined && (
          <One
            {...part}
            name="ridgeMm"
            label={MEASURES_TEXT.ridgeBetweenRows}
            ask={asks.ridgeMm}
            help={MEASURES_TEXT.itsHeightAboveThe}
          />
        )}
      </div>
    </>
  );
}

const grew = (growth: number | undefined) =>
  growth === undefined ? MEASURES_TEXT.betweenTheSameMarks : growthText(growth);

interface OneProps extends PartProps {
  name: 'stitches' | 'afterMm' | 'shiftMm' | 'pucker' | 'ridgeMm';
  label: string;
  ask: QuantityAsk;
  help: string;
}

/** One measure, which may be left out. */
function One({ measures, set, name, label, ask, help }: OneProps) {
  const value = measures[name];
  return (
    <Field
      label={label}
      reading
      unit={askUnit(ask)}
      text={value === undefined ? '' : fieldText(value, ask)}
      read={checkedAs(measures, name, optionalQuantity(ask))}
      onValue={(value) => set({ [name]: value })}
      help={help}
    />
  );
}

function Pulled({ measures, facts, set, needed }: PartProps & { needed: number }) {
  const [popped, setPopped] = useState(measures.poppedAtMm !== undefined);
  const key = popped ? 'poppedAtMm' : 'heldToMm';
  const pulled = measures.poppedAtMm ?? measures.heldToMm;
  const keep = (mm: number | undefined, broke: boolean) =>
    set({ heldToMm: broke ? undefined : mm, poppedAtMm: broke ? mm : undefined });
  const must = stretchToMm(measures.markedMm, needed);
  const { system, length } = useUnits();
  const ask = lengthAsk(system, 100, { least: 5, most: 2000 });
  const open = needed > 0 ? MEASURES_TEXT.mustReach(length(must)) : MEASURES_TEXT.onlyIfItHas;
  const toggle = (broke: boolean) => {
    setPopped(broke);
    keep(pulled, broke);
  };
  return (
    <div>
      <Field
        label={popped ? MEASURES_TEXT.poppedAt : MEASURES_TEXT.pulledToHeld}
        reading
        unit={askUnit(ask)}
        text={pulled === undefined ? '' : fieldText(pulled, ask)}
        read={checkedAs(measures, key, optionalQuantity(ask))}
        onValue={(mm) => keep(mm, popped)}
        help={facts.give ? formatPercent(facts.give.percent, 0) : open}
      />
      <Tick name={MEASURES_TEXT.theThreadPopped} checked={popped} onToggle={toggle} />
    </div>
  );
}

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
