'use client';

import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { clothOf } from '@/core/cloth';
import type { MachineRecord } from '@/core/file';
import { creepFactor, FEET, feedMeasureSchema, type Foot, FOOT, pressureSteps } from '@/core/kit';
import { feedFactor, seamContext, stripBow } from '@/core/physics';
import { formatNumber, parseLengthMm } from '@/core/units';
import { useCloths } from '@/data';
import { MeasureField } from '@/ui';
import styles from '../Workroom.module.css';
import { MeasureList } from './MeasureList';
import { typedNumbers } from './typedNumbers';
import { useMeasures } from './useMeasures';

const signed = (text: string) => {
  const minus = /^\s*[-−]/.test(text);
  const value = parseLengthMm(text.replace(/^\s*[-−]\s*/, ''), 'mm') ?? (/^\s*[-−]?\s*0\s*$/.test(text) ? 0 : null);
  return value === null ? null : minus ? -value : value;
};

/** Two equal strips sewn 300 mm: how far the top one ends behind. */
export function FeedCalibration({ record }: { record: MachineRecord }) {
  const { machine } = record;
  const cloths = useCloths() ?? [];
  const steps = pressureSteps(machine);
  const measures = useMeasures(
    record,
    'feed',
    feedMeasureSchema,
    (texts) => {
      const { value, problems } = typedNumbers(texts, [
        { key: 'shiftMm', expected: 'a difference in mm; minus when the top ends ahead', parse: signed },
        { key: 'overMm', expected: 'a length in mm', parse: (text) => parseLengthMm(text, 'mm'), otherwise: 300 },
      ]);
      const cloth = cloths.find((c) => c.id === texts.clothId) ?? cloths[0];
      if (!value || !cloth) return { value: null, problems };
      const foot = (texts.foot || 'standard') as Foot;
      const pressure = (
        steps.find((s) => s.position === texts.pressure) ??
        steps.find((s) => s.pressure === 0.5) ??
        steps[0]
      ).pressure;
      const seam = seamContext(clothOf(cloth), { kind: 'join' });
      const factor =
        value.overMm > 0
          ? feedFactor(seam, foot, pressure, { shiftMm: value.shiftMm, overMm: value.overMm }).factor
          : null;
      return { value: { ...value, foot, pressure, clothName: cloth.cloth.name, factor }, problems };
    },
    () => null,
    ['clothId', 'foot', 'pressure'],
  );
  const { texts, setText, problems, measure, list } = measures;
  const creep = creepFactor(machine);
  const last = measure ?? list.at(-1);
  const strain = last ? Math.abs((100 * last.shiftMm) / last.overMm) : null;
  return (
    <section aria-labelledby="cal-feed" className={styles.calibration}>
      <h2 id="cal-feed">Feed</h2>
      <p>
        Cut two strips 320 mm long from one cloth, along the grain. Sew 300 mm of them together from one end, guiding
        and not pulling. Measure how far the top one ends behind the bottom one; minus if it ends ahead.
      </p>
      <div className={styles.row}>
        <TextField
          select
          size="small"
          label="Cloth"
          value={texts.clothId && cloths.some((c) => c.id === texts.clothId) ? texts.clothId : (cloths[0]?.id ?? '')}
          onChange={(e) => setText('clothId', e.target.value)}
        >
          {cloths.slice(0, 200).map((c) => (
            <MenuItem key={c.id} value={c.id}>
              {c.cloth.name}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          size="small"
          label="Foot"
          value={texts.foot || 'standard'}
          onChange={(e) => setText('foot', e.target.value)}
        >
          {FEET.filter((foot) => FOOT[foot].general).map((foot) => (
            <MenuItem key={foot} value={foot}>
              {FOOT[foot].name}
            </MenuItem>
          ))}
        </TextField>
        {machine.pressureDial && (
          <TextField
            select
            size="small"
            label="Pressure"
            value={texts.pressure || String(machine.pressureDial.normal)}
            onChange={(e) => setText('pressure', e.target.value)}
          >
            {steps.map(({ position }) => (
              <MenuItem key={position} value={position}>
                {position}
              </MenuItem>
            ))}
          </TextField>
        )}
        <MeasureField
          label="Top ends behind by"
          unit="mm"
          text={texts.shiftMm ?? ''}
          onText={(text) => setText('shiftMm', text)}
          problem={problems.shiftMm}
          onEnter={measures.keep}
        />
        <MeasureField
          label="Over"
          unit="mm"
          text={texts.overMm ?? ''}
          onText={(text) => setText('overMm', text)}
          problem={problems.overMm}
          help="300 if left empty"
          onEnter={measures.keep}
        />
        <Button variant="outlined" disabled={!measure} onClick={measures.keep}>
          Keep this line
        </Button>
      </div>
      {cloths.length === 0 && <p>Put a cloth into the drawer first: the model needs to know what was sewn.</p>}
      <p className={styles.says}>
        {list.some((f) => f.factor !== null) ? (
          <>
            This machine lets the top layer creep <strong>{formatNumber(creep, 1)} times</strong> as much as the model
            expects; Match reckons with it.{' '}
          </>
        ) : (
          'Until then the model stands for the machine. '
        )}
        {strain !== null &&
          strain > 0 &&
          `A metre of strips 63.5 mm wide, all sewn from one end, would bow about ${formatNumber(
            stripBow({ strainPercent: strain, stripMm: 63.5, spanMm: 1000, seams: 1, alternate: false }).sagittaMm,
            0,
          )} mm: alternate the end you start from.`}
      </p>
      <MeasureList
        rows={list.map((f) => [
          `${f.clothName}, ${FOOT[f.foot].name.toLowerCase()} foot, ${formatNumber(f.overMm)} mm`,
          `${formatNumber(f.shiftMm, 1)} mm${f.factor === null ? '' : `, ${formatNumber(f.factor, 1)} × the model`}`,
          f.at,
        ])}
        onDrop={measures.drop}
      />
    </section>
  );
}
