'use client';

import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Link from 'next/link';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { clothProfile, type HeardName, readStretchAnswer, type StretchRuler, type Suggestion } from '@/core/cloth';
import { formatInches, formatNumber } from '@/core/units';
import { isAssumed, notTold } from '@/core/workroom';
import { cloths, edit, useKitRecord } from '@/data';
import { useOnceAtATime } from '@/parts/forms';
import { FirstColour, NameField, nameProblem, NAMING_TEXT, useFirstColour, useHeardName } from '@/parts/naming';
import { askAbout, newId, nowText, useQuestion, useUnits } from '@/parts/workspace';
import styles from './Match.module.css';
import { newCloth, restMm } from './newCloth';
import { START_TEXT } from './text';

/** What is typed before the first setting. */
interface First {
  name: string;
  reach: string;
}

/** What was typed, what it was heard as, and the press that goes on with both or says what is missing. */
function useFirst() {
  const { system } = useUnits();
  const ruler: StretchRuler = { restMm: restMm(system), bare: system === 'inch' ? 'in' : 'cm' };
  const form = useForm<First>({ defaultValues: { name: '', reach: '' }, shouldFocusError: true });
  const { name = '', reach = '' } = useWatch({ control: form.control });
  const heard = useHeardName(name);
  const first = useFirstColour(name, heard.cloth);
  const [meant, setMeant] = useState<Suggestion[]>([]);
  const begin = useOnceAtATime(form.handleSubmit)(async (typed) => {
    const answer = readStretchAnswer(typed.reach, ruler);
    if (!heard.cloth) form.setError('name', { message: NAMING_TEXT.pick });
    if (answer.kind === 'unclear') {
      setMeant(answer.meant);
      form.setError('reach', { message: answer.text });
      form.setFocus('reach');
    }
    if (!heard.cloth || answer.kind === 'unclear') return;
    const stretched = answer.kind === 'length' ? answer.mm : undefined;
    const record = newCloth(
      typed.name.trim(),
      heard.cloth,
      first.colour,
      stretched === undefined ? null : { rest: ruler.restMm, stretched },
      { newId, at: nowText() },
    );
    await edit(START_TEXT.added(typed.name.trim()), async () => {
      await cloths.put(record);
      await askAbout({ clothId: record.id });
    });
  });
  return { system, form, name, reach, heard, first, meant, setMeant, begin };
}
type Typing = ReturnType<typeof useFirst>;

/** The first question of an empty workroom: two facts are enough for a setting, and no answer is dropped. */
export function StartForm() {
  const typing = useFirst();
  return (
    <form className={styles.start} onSubmit={(event) => void typing.begin(event)} noValidate>
      <h1>{START_TEXT.title}</h1>
      <p>{START_TEXT.twoFacts}</p>
      <NameField
        label={START_TEXT.name}
        field={typing.form.register('name', { validate: nameProblem })}
        heard={typing.heard}
        problem={typing.form.formState.errors.name?.message}
        help={typing.name === '' ? NAMING_TEXT.examples : undefined}
        autoFocus
      />
      <Reach {...typing} />
      <FirstColour of={typing.first} cloth={typing.heard.cloth} />
      <Button type="submit" variant="contained">
        {START_TEXT.find}
      </Button>
      <Assumed />
    </form>
  );
}

/** What it will be matched with, as far as that has been said. */
function Assumed() {
  const machine = useQuestion()?.machine;
  const kit = useKitRecord();
  if (!machine || !kit) return null;
  const any = notTold(kit);
  const told = !isAssumed(machine) && any.length === 0;
  return (
    <p className={styles.quiet}>
      {START_TEXT.assumed(isAssumed(machine) ? null : machine.machine.name, any)}{' '}
      {told ? (
        <Link href="/workroom?place=kit">{START_TEXT.changeKit}</Link>
      ) : (
        <Link href="/start">{START_TEXT.sayKit}</Link>
      )}
    </p>
  );
}

function Reach({ form, system, reach, heard, meant, setMeant }: Typing) {
  const problem = form.formState.errors.reach?.message;
  const take = ({ mm }: Suggestion) => {
    setMeant([]);
    // As a ruler reads it.
    const text = system === 'inch' ? formatInches(mm) : START_TEXT.cm(formatNumber(mm / 10));
    form.setValue('reach', text, { shouldValidate: true });
  };
  return (
    <div>
      <TextField
        {...form.register('reach', { onChange: () => setMeant([]) })}
        label={START_TEXT.reach(system)}
        size="small"
        fullWidth
        autoComplete="off"
        error={problem !== undefined}
        helperText={problem ?? START_TEXT.reachHelp(leftEmpty(heard.cloth, reach))}
      />
      {problem && meant.length > 0 && (
        <p className={styles.meant}>
          {meant.map((one) => (
            <Button key={one.text} variant="outlined" size="small" onClick={() => take(one)}>
              {one.text}
            </Button>
          ))}
        </p>
      )}
    </div>
  );
}

/** What is assumed of the stretch while nothing is typed, percent; null where nothing is. */
function leftEmpty(cloth: HeardName['cloth'], reach: string): number | null {
  if (!cloth || reach.trim() !== '' || cloth.structure !== 'knit') return null;
  return clothProfile(cloth).stretchAcross.value;
}
