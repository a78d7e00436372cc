'use client';

import { clothOf, clothProfile, type DemandFit, stretchDemand, stretchDemandSchema } from '@/core/cloth';
import type { ClothRecord } from '@/core/file';
import { formatNumber, lengthAsk } from '@/core/units';
import { useDraft, useUnits } from '@/parts/workspace';
import { DraftField, fieldProblem, typedNumbers } from '@/ui';
import styles from './Cloth.module.css';

const LOOK: Record<DemandFit['verdict'], string | undefined> = {
  plenty: styles.good,
  enough: styles.good,
  doubtful: undefined,
  'too-little': styles.bad,
};

function usePatternFit(record: ClothRecord) {
  const { system } = useUnits();
  const ask = lengthAsk(system, 100, { least: 10, most: 2000 });
  const { texts, setText } = useDraft(`cloth:${record.id}:pattern`);
  const { stretchAcross, recovery } = clothProfile(clothOf(record));
  const { value, problems, meant } = typedNumbers(texts, [
    { key: 'restMm', ask },
    { key: 'reachMm', ask },
  ]);
  const cloth = {
    stretchPercent: stretchAcross.value,
    leastPercent: stretchAcross.low,
    recoveryPercent: recovery.value,
  };
  const input = value && { ...value, ...cloth };
  const checked = input && stretchDemandSchema.safeParse(input);
  if (checked?.success === false) {
    const { path, text } = fieldProblem(checked.error, input);
    problems[path] = text;
  }
  return {
    ask,
    draft: { texts, setText, problems, meant },
    stretchAcross,
    fit: checked?.success ? { ...stretchDemand(checked.data), restMm: checked.data.restMm } : null,
  };
}

/** The stretch ruler printed on a pattern, against this cloth. */
export function PatternFit({ record }: { record: ClothRecord }) {
  const { length } = useUnits();
  const { ask, draft, stretchAcross, fit } = usePatternFit(record);
  return (
    <section aria-labelledby="fit" className={styles.fit}>
      <h2 id="fit">Does it fit a pattern made for stretch?</h2>
      <p>Many patterns print two marks: fold the cloth, hold it at the first, it must reach the second.</p>
      <div className={styles.pair}>
        <DraftField draft={draft} name="restMm" label="First mark" ask={ask} />
        <DraftField draft={draft} name="reachMm" label="Must reach" ask={ask} />
      </div>
      {fit && (
        <p aria-live="polite" className={styles.fitSays}>
          The pattern asks for <strong>{formatNumber(fit.demandPercent, 0)} %</strong>; this cloth{' '}
          {stretchAcross.source === 'measured' ? 'stretches' : 'is assumed to stretch'}{' '}
          <strong>{formatNumber(stretchAcross.value, 0)} %</strong>, {length(fit.restMm)} to {length(fit.clothReachMm)}.{' '}
          <span className={LOOK[fit.verdict]}>
            {fit.text}
            {fit.shortMm > 0 && ` It stops ${length(fit.shortMm)} short.`}
          </span>
        </p>
      )}
    </section>
  );
}
