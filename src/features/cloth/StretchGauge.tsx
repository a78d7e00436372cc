'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { stretchFromMarks, type StretchMarks, stretchMarksSchema } from '@/core/cloth';
import type { ClothRecord, StretchReading } from '@/core/file';
import { formatNumber } from '@/core/units';
import { nowText, sayWhen, useUndo, useUnits } from '@/parts/workspace';
import { Field, lengthIn, optionalBy, StretchRuler } from '@/ui';
import styles from './Cloth.module.css';
import type { SaveCloth } from './saveCloth';

interface Props {
  record: ClothRecord;
  onSave: SaveCloth;
}

/** The hands-on gauge: a folded edge on a ruler, three marks, and what they say. */
export function StretchGauge({ record, onSave }: Props) {
  const { system } = useUnits();
  const rest = system === 'inch' ? 4 * 25.4 : 100;
  const [direction, setDirection] = useState<StretchReading['direction']>('across');
  const [stretched, setStretched] = useState<number | undefined>();
  const [relaxed, setRelaxed] = useState<number | undefined>();
  const [round, setRound] = useState(0);
  const { checked, problem } = check(rest, stretched, relaxed);
  const keep = () => {
    if (!checked?.success) return;
    const reading = { direction, marks: checked.data, at: nowText() };
    onSave((now) => ({ readings: [...now.readings, reading] }));
    setStretched(undefined);
    setRelaxed(undefined);
    setRound(round + 1);
  };
  return (
    <section className={styles.gauge} aria-labelledby="stretch">
      <h2 id="stretch">How far does it stretch?</h2>
      <HowTo inch={system === 'inch'} />
      <StretchRuler
        look={{ ...record.cloth, colour: record.colour }}
        restMm={rest}
        stretchedMm={stretched ?? null}
        relaxedMm={stretched === undefined ? null : (relaxed ?? rest)}
        units={system}
        onDrag={(mark, mm) => (mark === 'stretched' ? setStretched(mm) : setRelaxed(mm))}
      />
      <div className={styles.marks} key={round}>
        <DirectionChoice value={direction} onPick={setDirection} />
        <MarkField
          label="Pulled to"
          mm={stretched}
          onValue={setStretched}
          onEnter={keep}
          problem={problem?.path[0] === 'stretched' ? problem.message : null}
        />
        <MarkField
          label="Let go, after a minute"
          mm={relaxed}
          onValue={setRelaxed}
          onEnter={keep}
          problem={problem?.path[0] === 'relaxed' ? problem.message : null}
        />
        <Button variant="outlined" onClick={keep} disabled={!checked?.success}>
          Keep this reading
        </Button>
      </div>
      <p aria-live="polite" className={styles.verdict}>
        {checked?.success ? (
          <Verdict marks={checked.data} direction={direction} />
        ) : (
          'Pull it two or three times: the plan uses the cautious end of what you read.'
        )}
      </p>
      <Readings record={record} onSave={onSave} />
    </section>
  );
}

/** What the store would say of the marks typed so far; nothing while there is no mark. */
function check(rest: number, stretched: number | undefined, relaxed: number | undefined) {
  if (stretched === undefined) return { checked: null, problem: null };
  const checked = stretchMarksSchema.safeParse({ rest, stretched, ...(relaxed !== undefined && { relaxed }) });
  return { checked, problem: checked.success ? null : checked.error.issues[0] };
}

function HowTo({ inch }: { inch: boolean }) {
  return (
    <p>
      Fold it, mark {inch ? '4 inches' : '10 cm'} along the fold, lay it on a ruler and pull until it resists. Then let
      go, wait a minute, and look again.
    </p>
  );
}

function MarkField({
  label,
  mm,
  onValue,
  onEnter,
  problem,
}: {
  label: string;
  mm: number | undefined;
  onValue: (mm: number | undefined) => void;
  onEnter: () => void;
  problem: string | null;
}) {
  const { system } = useUnits();
  const unit = system === 'inch' ? 'in' : 'cm';
  const text = mm === undefined ? '' : formatNumber(mm / (system === 'inch' ? 25.4 : 10), 2);
  return (
    <Field
      label={label}
      unit={unit}
      text={text}
      read={optionalBy(lengthIn(unit), `a length in ${unit}, such as ${unit === 'in' ? '6 1/8' : '15,5'}`)}
      onValue={onValue}
      onEnter={onEnter}
      help={problem ? `${problem[0].toUpperCase()}${problem.slice(1)}.` : undefined}
      textFieldProps={problem ? { error: true } : undefined}
    />
  );
}

function DirectionChoice({
  value,
  onPick,
}: {
  value: StretchReading['direction'];
  onPick: (d: StretchReading['direction']) => void;
}) {
  return (
    <div role="group" aria-label="Which way it is pulled" className={styles.toggle}>
      {(['across', 'along'] as const).map((direction) => (
        <button key={direction} type="button" aria-pressed={value === direction} onClick={() => onPick(direction)}>
          {direction === 'across' ? 'Across' : 'Along'}
        </button>
      ))}
    </div>
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

function Readings({ record, onSave }: Props) {
  const { length } = useUnits();
  const undo = useUndo();
  if (record.readings.length === 0) return null;
  const drop = (index: number) => {
    const before = record.readings;
    onSave((now) => ({ readings: now.readings.filter((_, i) => i !== index) }));
    undo('Reading removed.', async () => onSave(() => ({ readings: before })));
  };
  return (
    <table className={styles.readings}>
      <caption>Readings so far</caption>
      <thead>
        <tr>
          <th scope="col">Way</th>
          <th scope="col">Pulled to</th>
          <th scope="col">Let go</th>
          <th scope="col">Stretch</th>
          <th scope="col">When</th>
          <th scope="col">
            <span className="unseen">Remove</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {record.readings.map(({ direction, marks, at }, i) => (
          <tr key={`${at}${i}`}>
            <td>{direction}</td>
            <td>{length(marks.stretched)}</td>
            <td>{marks.relaxed === undefined ? '–' : length(marks.relaxed)}</td>
            <td>
              <strong>{formatNumber(stretchFromMarks(marks).stretchPercent, 0)} %</strong>
            </td>
            <td>{sayWhen(at)}</td>
            <td>
              <Button size="small" onClick={() => drop(i)} aria-label={`Remove reading ${i + 1}`}>
                Remove
              </Button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
