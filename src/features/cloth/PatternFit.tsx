'use client';

import { clothOf, clothProfile, type DemandFit, demandOn, stretchDemand, stretchDemandSchema } from '@/core/cloth';
import type { ClothRecord } from '@/core/file';
import { formatPercent, lengthAsk } from '@/core/units';
import { useDraft, useUnits } from '@/parts/workspace';
import { DraftField, fieldProblem, typedNumbers } from '@/ui';
import styles from './Cloth.module.css';
import { PATTERN_FIT_TEXT } from './text';

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
  const cloth = clothOf(record);
  const { stretchAcross } = clothProfile(cloth);
  const { value, problems, meant } = typedNumbers(texts, [
    { key: 'restMm', ask },
    { key: 'reachMm', ask },
  ]);
  const input = value && demandOn(cloth, { restMm: value.restMm, reachMm: value.reachMm });
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
      <h2 id="fit">{PATTERN_FIT_TEXT.doesItFitA}</h2>
      <p>{PATTERN_FIT_TEXT.manyPatternsPrintTwo}</p>
      <div className={styles.pair}>
        <DraftField draft={draft} name="restMm" label={PATTERN_FIT_TEXT.firstMark} ask={ask} />
        <DraftField draft={draft} name="reachMm" label={PATTERN_FIT_TEXT.mustReach} ask={ask} />
      </div>
      {fit && (
        <p aria-live="polite" className={styles.fitSays}>
          {PATTERN_FIT_TEXT.thePatternAsksFor} <strong>{formatPercent(fit.demandPercent, 0)}</strong>
          {PATTERN_FIT_TEXT.thisCloth}{' '}
          {stretchAcross.source === 'measured' ? PATTERN_FIT_TEXT.stretches : PATTERN_FIT_TEXT.isAssumedToStretch}{' '}
          <strong>{formatPercent(stretchAcross.value, 0)}</strong>
          {PATTERN_FIT_TEXT.to(length(fit.restMm), length(fit.clothReachMm))}{' '}
          <span className={LOOK[fit.verdict]}>
            {fit.text}
            {fit.shortMm > 0 && PATTERN_FIT_TEXT.itStopsShort(length(fit.shortMm))}
          </span>
        </p>
      )}
    </section>
  );
}
