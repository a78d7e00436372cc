'use client';

import { useState } from 'react';
import { HOLD_TEXT, type Machine } from '@/core/kit';
import { type MatchInput, type SchoolMatters, secureText } from '@/core/match';
import { schoolName, SCHOOLS, type Setup } from '@/core/setup';
import { lowerFirst } from '@/core/units';
import { readPreference, writePreference } from '@/data';
import { InlineEdit, More, OptionList, Pressable } from '@/ui';
import { Compare } from './Compare';
import styles from './Match.module.css';
import { outdated, useFromWorker } from '@/parts/asking';
import { useUnits } from '@/parts/workspace';
import { SCHOOLS_TEXT } from './text';

interface Props {
  input: MatchInput;
  machine: Machine;
  onTake: (setup: Setup) => void;
}

/** Where good practitioners differ on this seam: the school followed, and any two side by side. */
export function Schools({ input, machine, onTake }: Props) {
  const [open, setOpen] = useState(false);
  const { value: matters, isCurrent } = useFromWorker(open ? JSON.stringify(input) : null, (worker) =>
    worker.schoolsThatMatter(input),
  );
  return (
    <More summary={SCHOOLS_TEXT.whereGoodSewistsDiffer} onToggle={setOpen}>
      {open && !matters && <p role="status">{SCHOOLS_TEXT.askingEverySchool}</p>}
      <div {...outdated(isCurrent || !matters)}>
        {matters?.map((question) => (
          <School key={question.question} matters={question} input={input} machine={machine} onTake={onTake} />
        ))}
      </div>
    </More>
  );
}

async function choose(question: SchoolMatters['question'], name: string) {
  await writePreference('schools', { ...(await readPreference('schools')), [question]: name });
}

function School({ matters, input, machine, onTake }: Props & { matters: SchoolMatters }) {
  const { say } = useUnits();
  const facts = SCHOOLS.find((s) => s.question === matters.question)!;
  const [against, setAgainst] = useState<string | null>(null);
  const mine = matters.answers.find((a) => a.name === matters.chosen);
  const other = matters.answers.find((a) => a.name === against);
  const others = matters.answers.filter((a) => a.name !== matters.chosen);
  return (
    <section className={styles.school} aria-label={facts.asks}>
      <h3>{facts.asks}</h3>
      <p>
        {SCHOOLS_TEXT.youFollow}{' '}
        <InlineEdit text={schoolName(matters.chosen)} name={facts.asks.toLowerCase()}>
          {(close) => (
            <OptionList
              value={matters.chosen}
              options={facts.names.map((name) => ({
                id: name as string,
                name: schoolName(name),
                note: name === facts.default ? SCHOOLS_TEXT.theUsualOne : undefined,
              }))}
              onPick={(name) => {
                void choose(matters.question, name);
                setAgainst(null);
                close();
              }}
            />
          )}
        </InlineEdit>
        . <small>{say(facts.why)}</small>
      </p>
      <p className={styles.beside}>
        {SCHOOLS_TEXT.beside}{' '}
        {others.map(({ name }) => (
          <Pressable
            key={name}
            aria-pressed={against === name}
            onClick={() => setAgainst(against === name ? null : name)}
          >
            {schoolName(name)}
          </Pressable>
        ))}
      </p>
      {mine && other && <Difference mine={mine} other={other} input={input} machine={machine} onTake={onTake} />}
    </section>
  );
}

type Answer = SchoolMatters['answers'][number];

function Difference({ mine, other, input, machine, onTake }: Props & { mine: Answer; other: Answer }) {
  if (!mine.setup || !other.setup) return <p>{SCHOOLS_TEXT.oneOfThemHas}</p>;
  const columns = [mine, other].map(({ name, setup }) => ({ title: schoolName(name), setup: setup! }));
  const plans = PLAN_PARTS.filter(({ of }) => of(mine) !== of(other));
  return (
    <>
      <Compare
        label={SCHOOLS_TEXT.beside2(schoolName(mine.name), schoolName(other.name))}
        columns={columns}
        input={input}
        machine={machine}
        onTake={onTake}
      />
      {plans.length > 0 && (
        <ul className={styles.plain}>
          {plans.map(({ name, of }) => (
            <li key={name}>
              {name}: <strong>{schoolName(mine.name)}</strong>, {of(mine)}; <strong>{schoolName(other.name)}</strong>,{' '}
              {of(other)}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

const PLAN_PARTS: { name: string; of: (answer: Answer) => string }[] = [
  { name: SCHOOLS_TEXT.seam, of: ({ plan }) => plan.seam.toLowerCase() },
  { name: SCHOOLS_TEXT.ends, of: ({ plan }) => lowerFirst(secureText(plan.secure)).replace(/\.$/, '') },
  { name: SCHOOLS_TEXT.holding, of: ({ plan }) => plan.hold.map((way) => HOLD_TEXT[way]).join(' or ') },
  { name: SCHOOLS_TEXT.notes, of: ({ plan }) => plan.notes.slice(1).join(' ') || SCHOOLS_TEXT.noneMore },
];
