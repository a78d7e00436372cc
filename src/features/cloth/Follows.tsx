'use client';

import { clothOf, clothProfile, preWash, stretchDemand, stretchDemandSchema } from '@/core/cloth';
import type { ClothRecord, MachineRecord } from '@/core/file';
import type { Kit } from '@/core/kit';
import { formatNumber, parseLengthMm } from '@/core/units';
import { planText } from '@/parts/asking';
import { useDraft, useUnits } from '@/parts/workspace';
import { CautionPlate, MeasureField } from '@/ui';
import styles from './Cloth.module.css';
import { useClothAnswer } from './useClothAnswer';

interface Props {
  record: ClothRecord;
  machine: MachineRecord | null;
  kit: Kit | null;
}

/** What follows from what is known: from the wash to the iron. */
export function Follows({ record, machine, kit }: Props) {
  const cloth = clothOf(record);
  const answer = useClothAnswer(record, machine, kit);
  const text = answer && planText(answer.plan);
  const rows: [string, string[]][] = [
    ['Before cutting', preWash({ ...cloth, traits: [...clothProfile(cloth).traits] }, record.readings)],
    ['Cutting', text ? [text.cut] : []],
    ['Marking', text ? [text.mark] : []],
    ['Holding', text ? [text.hold] : []],
    ['Starting', answer ? answer.plan.start : []],
    ['Ending', text ? [text.secure] : []],
    ['Pressing', text ? [text.press] : []],
  ];
  return (
    <section aria-labelledby="follows" className={styles.follows}>
      <h2 id="follows">What follows for this cloth</h2>
      {clothProfile(cloth).notes.map((note) => (
        <p key={note}>{note}</p>
      ))}
      <dl>
        {rows.map(([name, texts]) => (
          <div key={name}>
            <dt>{name}</dt>
            <dd>{texts.length > 0 ? texts.map((one) => <p key={one}>{one}</p>) : '…'}</dd>
          </div>
        ))}
      </dl>
      {answer && answer.cautions.length > 0 && (
        <CautionPlate>
          {answer.cautions.map((one) => (
            <p key={one}>{one}</p>
          ))}
        </CautionPlate>
      )}
      <PatternFit record={record} />
    </section>
  );
}

/** The stretch ruler printed on a pattern, against this cloth. */
function PatternFit({ record }: { record: ClothRecord }) {
  const { system, length } = useUnits();
  const unit = system === 'inch' ? 'in' : 'cm';
  const { texts, setText } = useDraft(`cloth:${record.id}:pattern`);
  const { stretchAcross, recovery } = clothProfile(clothOf(record));
  const read = (key: string) => {
    const text = (texts[key] ?? '').trim();
    return text === '' ? undefined : parseLengthMm(text, unit);
  };
  const [rest, reach] = [read('rest'), read('reach')];
  const input = {
    restMm: rest,
    reachMm: reach,
    stretchPercent: stretchAcross.value,
    leastPercent: stretchAcross.low,
    recoveryPercent: recovery.value,
  };
  const checked = rest && reach ? stretchDemandSchema.safeParse(input) : null;
  const fit = checked?.success ? stretchDemand(checked.data) : null;
  const issue = checked?.success === false ? checked.error.issues[0] : null;
  const problem = (key: 'rest' | 'reach', value: number | null | undefined) =>
    value === null
      ? `Expected a length in ${unit}.`
      : issue?.path[0] === `${key}Mm`
        ? `${issue.message[0].toUpperCase()}${issue.message.slice(1)}.`
        : null;
  const look = { plenty: styles.good, enough: styles.good, doubtful: undefined, 'too-little': styles.bad };
  return (
    <section aria-labelledby="fit" className={styles.fit}>
      <h2 id="fit">Does it fit a pattern made for stretch?</h2>
      <p>Many patterns print two marks: fold the cloth, hold it at the first, it must reach the second.</p>
      <div className={styles.pair}>
        <MeasureField
          label="First mark"
          unit={unit}
          text={texts.rest ?? ''}
          onText={(text) => setText('rest', text)}
          problem={problem('rest', rest)}
        />
        <MeasureField
          label="Must reach"
          unit={unit}
          text={texts.reach ?? ''}
          onText={(text) => setText('reach', text)}
          problem={problem('reach', reach)}
        />
      </div>
      {fit && (
        <p aria-live="polite" className={styles.fitSays}>
          The pattern asks for <strong>{formatNumber(fit.demandPercent, 0)} %</strong>; this cloth{' '}
          {stretchAcross.source === 'measured' ? 'stretches' : 'is assumed to stretch'}{' '}
          <strong>{formatNumber(stretchAcross.value, 0)} %</strong>, {length(rest!)} to {length(fit.clothReachMm)}.{' '}
          <span className={look[fit.verdict]}>
            {fit.text}
            {fit.shortMm > 0 && ` It stops ${length(fit.shortMm)} short.`}
          </span>
        </p>
      )}
    </section>
  );
}
