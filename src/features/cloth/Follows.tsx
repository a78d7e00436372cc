'use client';

import { clothOf, clothProfile, preWash } from '@/core/cloth';
import type { ClothRecord, MachineRecord } from '@/core/file';
import type { Kit } from '@/core/kit';
import { planText } from '@/core/match';
import { outdated } from '@/parts/asking';
import { CautionAlert } from '@/ui';
import { useUnits } from '@/parts/workspace';
import styles from './Cloth.module.css';
import { PatternFit } from './PatternFit';
import { useClothAnswer } from './useClothAnswer';
import { FOLLOWS_TEXT } from './text';

interface Props {
  record: ClothRecord;
  machine: MachineRecord | null;
  kit: Kit | null;
}

/** What follows from what is known: from the wash to the iron. */
export function Follows({ record, machine, kit }: Props) {
  const { say } = useUnits();
  const cloth = clothOf(record);
  const { value: answer, isCurrent } = useClothAnswer(record, machine, kit);
  const text = answer && planText(answer.plan);
  const rows: [string, string[]][] = [
    [FOLLOWS_TEXT.beforeCutting, preWash({ ...cloth, traits: [...clothProfile(cloth).traits] }, record.readings)],
    ['Cutting', text ? [text.cut] : []],
    ['Marking', text ? [text.mark] : []],
    ['Holding', text ? [text.hold] : []],
    ['Starting', answer ? answer.plan.start : []],
    ['Ending', text ? [text.secure] : []],
    ['Pressing', text ? [text.press] : []],
  ];
  return (
    <section aria-labelledby="follows" className={styles.follows}>
      <h2 id="follows">{FOLLOWS_TEXT.whatFollowsForThis}</h2>
      {clothProfile(cloth).notes.map((note) => (
        <p key={note}>{say(note)}</p>
      ))}
      <dl {...outdated(isCurrent)}>
        {rows.map(([name, texts]) => (
          <div key={name}>
            <dt>{name}</dt>
            <dd>{texts.length > 0 ? texts.map((one) => <p key={one}>{say(one)}</p>) : '…'}</dd>
          </div>
        ))}
      </dl>
      {answer && answer.cautions.length > 0 && (
        <CautionAlert>
          {answer.cautions.map((one) => (
            <p key={one}>{one}</p>
          ))}
        </CautionAlert>
      )}
      <PatternFit record={record} />
    </section>
  );
}
