'use client';

import { clothOf, clothProfile, type DemandFit, stretchDemand, stretchDemandSchema } from '@/core/cloth';
import type { ClothRecord } from '@/core/file';
import { formatNumber, parseLengthMm } from '@/core/units';
import { useDraft, useUnits } from '@/parts/workspace';
import { MeasureField } from '@/ui';
import styles from './Cloth.module.css';

const LOOK: Record<DemandFit['verdict'], string | undefined> = {
  plenty: styles.good,
  enough: styles.good,
  doubtful: undefined,
  'too-little': styles.bad,
};

function usePatternFit(record: ClothRecord) {
  const { system } = useUnits();
  const unit = system === 'inch' ? 'in' : 'cm';
  const { texts, setText } = useDraft(`cloth:${record.id}:pattern`);
  const { stretchAcross, recovery } = clothProfile(clothOf(record));
  const read = (key: string) => {
    const text = (texts[key] ?? '').trim();
    return text === '' ? undefined : parseLengthMm(text, unit);
  };
  const [restMm, reachMm] = [read('rest'), read('reach')];
  const marks = { restMm, reachMm };
  const cloth = {
    stretchPercent: stretchAcross.value,
    leastPercent: stretchAcross.low,
    recoveryPercent: recovery.value,
  };
  const checked = restMm && reachMm ? stretchDemandSchema.safeParse({ ...marks, ...cloth }) : null;
  const issue = checked?.success === false ? checked.error.issues[0] : null;
  const problem = (key: 'rest' | 'reach') =>
    marks[`${key}Mm`] === null
      ? `Expected a length in ${unit}.`
      : issue?.path[0] === `${key}Mm`
        ? `${issue.message[0].toUpperCase()}${issue.message.slice(1)}.`
        : null;
  return {
    unit,
    texts,
    setText,
    problem,
    restMm,
    stretchAcross,
    fit: checked?.success ? stretchDemand(checked.data) : null,
  };
}

/** The stretch ruler printed on a pattern, against this cloth. */
export function PatternFit({ record }: { record: ClothRecord }) {
  const { length } = useUnits();
  const { unit, texts, setText, problem, restMm, stretchAcross, fit } = usePatternFit(record);
  const field = (key: 'rest' | 'reach', label: string) => (
    <MeasureField
      label={label}
      unit={unit}
      text={texts[key] ?? ''}
      onText={(text) => setText(key, text)}
      problem={problem(key)}
    />
  );
  return (
    <section aria-labelledby="fit" className={styles.fit}>
      <h2 id="fit">Does it fit a pattern made for stretch?</h2>
      <p>Many patterns print two marks: fold the cloth, hold it at the first, it must reach the second.</p>
      <div className={styles.pair}>
        {field('rest', 'First mark')}
        {field('reach', 'Must reach')}
      </div>
      {fit && (
        <p aria-live="polite" className={styles.fitSays}>
          The pattern asks for <strong>{formatNumber(fit.demandPercent, 0)} %</strong>; this cloth{' '}
          {stretchAcross.source === 'measured' ? 'stretches' : 'is assumed to stretch'}{' '}
          <strong>{formatNumber(stretchAcross.value, 0)} %</strong>, {length(restMm!)} to {length(fit.clothReachMm)}.{' '}
          <span className={LOOK[fit.verdict]}>
            {fit.text}
            {fit.shortMm > 0 && ` It stops ${length(fit.shortMm)} short.`}
          </span>
        </p>
      )}
    </section>
  );
}
