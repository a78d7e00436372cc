'use client';

import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { clothProfile, type HeardName, readStretchAnswer, type Suggestion } from '@/core/cloth';
import type { ClothRecord } from '@/core/file';
import { cloths, edit } from '@/data';
import { HeardAs, NAMING_TEXT, useHeardName } from '@/parts/naming';
import { type AskedNow, newId, nowText, useUnits } from '@/parts/workspace';
import styles from './Match.module.css';
import { START_TEXT } from './text';

/** What is typed before the first setting. */
interface First {
  name: string;
  reach: string;
}

/** The first question of an empty workroom: two facts are enough for a setting, and no answer is dropped. */
export function StartForm({ asked }: { asked: AskedNow }) {
  const { system } = useUnits();
  const ruler = { restMm: restMm(system), bare: system === 'inch' ? 'in' : 'cm' } as const;
  const { register, handleSubmit, control, setValue, setError, setFocus, formState } = useForm<First>({
    defaultValues: { name: '', reach: '' },
    shouldFocusError: true,
  });
  const { name = '', reach = '' } = useWatch({ control });
  const now = useHeardName(name);
  const [meant, setMeant] = useState<Suggestion[]>([]);
  const { errors } = formState;

  const begin = handleSubmit(async (typed) => {
    const answer = readStretchAnswer(typed.reach, ruler);
    if (!now.cloth) setError('name', { message: NAMING_TEXT.pick });
    if (answer.kind === 'unclear') {
      setMeant(answer.meant);
      setError('reach', { message: answer.text });
      setFocus('reach');
    }
    if (!now.cloth || answer.kind === 'unclear') return;
    const record = newCloth(
      typed.name.trim(),
      now.cloth,
      ruler.restMm,
      answer.kind === 'length' ? answer.mm : undefined,
    );
    await edit(START_TEXT.added(typed.name.trim()), async () => {
      await cloths.put(record);
      await asked.ask({ clothId: record.id });
    });
  });
  const take = ({ mm }: Suggestion) => {
    setMeant([]);
    setValue('reach', system === 'inch' ? `${(mm / 25.4).toFixed(2)} in` : `${mm / 10} cm`, { shouldValidate: true });
  };
  const asksAnswer = errors.name?.message === NAMING_TEXT.pick;
  return (
    <form className={styles.start} onSubmit={(event) => void begin(event)} noValidate>
      <h1>{START_TEXT.title}</h1>
      <p>{START_TEXT.twoFacts}</p>
      <div>
        <TextField
          {...register('name', {
            validate: (text) =>
              text.trim() === '' ? NAMING_TEXT.needed : text.length > 200 ? NAMING_TEXT.tooLong : true,
          })}
          label={START_TEXT.name}
          size="small"
          fullWidth
          autoComplete="off"
          autoFocus
          error={errors.name !== undefined && !asksAnswer}
          helperText={(!asksAnswer && errors.name?.message) || (name === '' ? NAMING_TEXT.examples : undefined)}
        />
        <HeardAs
          heard={now.heard}
          picked={now.picked}
          onPick={now.pick}
          problem={asksAnswer && now.picked === null ? NAMING_TEXT.pick : undefined}
        />
      </div>
      <div>
        <TextField
          {...register('reach', { onChange: () => setMeant([]) })}
          label={START_TEXT.reach(system)}
          size="small"
          fullWidth
          autoComplete="off"
          error={errors.reach !== undefined}
          helperText={errors.reach?.message ?? START_TEXT.reachHelp(leftEmpty(now.cloth, reach))}
        />
        {errors.reach && meant.length > 0 && (
          <p className={styles.meant}>
            {meant.map((one) => (
              <Button key={one.text} variant="outlined" size="small" onClick={() => take(one)}>
                {one.text}
              </Button>
            ))}
          </p>
        )}
      </div>
      <Button type="submit" variant="contained">
        {START_TEXT.find}
      </Button>
    </form>
  );
}

/** What is assumed of the stretch while nothing is typed, percent; null where nothing is. */
function leftEmpty(cloth: HeardName['cloth'], reach: string): number | null {
  if (!cloth || reach.trim() !== '' || cloth.structure !== 'knit') return null;
  return clothProfile(cloth).stretchAcross.value;
}

const restMm = (system: 'metric' | 'inch') => (system === 'inch' ? 4 * 25.4 : 100);

/** Colours for fabric whose colour nobody has said yet. */
const COLOURS = ['#a9bfc8', '#c9b79c', '#b8c2a8', '#c7a8a4', '#a9a6c4', '#d3c38f'];

function newCloth(
  name: string,
  heard: NonNullable<HeardName['cloth']>,
  rest: number,
  stretched: number | undefined,
): ClothRecord {
  const at = nowText();
  const letters = [...name].reduce((sum, letter) => sum + letter.charCodeAt(0), 0);
  return {
    id: newId(),
    cloth: { name, ...heard },
    colour: COLOURS[letters % COLOURS.length],
    readings:
      stretched === undefined
        ? []
        : [{ id: newId(), gauge: 'stretch', direction: 'across', at, marks: { rest, stretched } }],
    where: '',
    notes: '',
    addedAt: at,
  };
}
