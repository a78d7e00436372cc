'use client';

import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useRouter } from 'next/navigation';
import { useForm, useWatch } from 'react-hook-form';
import { cloths as store } from '@/data';
import { HeardAs, NAMING_TEXT, useHeardName } from '@/parts/naming';
import { newId, nowText } from '@/parts/workspace';
import styles from './Cloth.module.css';
import { ADD_TEXT } from './text';

/** Another fabric by its name: what it was heard as is said at once, and a name with two meanings asks which. */
export function AddCloth() {
  const router = useRouter();
  const { register, handleSubmit, control, setError, formState } = useForm<{ name: string }>({
    defaultValues: { name: '' },
  });
  const { name = '' } = useWatch({ control });
  const now = useHeardName(name);
  const problem = formState.errors.name?.message;
  const add = handleSubmit(async (typed) => {
    if (!now.cloth) return setError('name', { message: NAMING_TEXT.pick });
    const id = newId();
    await store.put({
      id,
      cloth: { name: typed.name.trim(), ...now.cloth },
      colour: '#b9c0b0',
      addedAt: nowText(),
    });
    router.push(`/cloth?id=${id}`);
  });
  const asksAnswer = problem === NAMING_TEXT.pick;
  return (
    <form onSubmit={(event) => void add(event)} noValidate>
      <div className={styles.add}>
        <TextField
          {...register('name', {
            validate: (text) =>
              text.trim() === '' ? NAMING_TEXT.needed : text.length > 200 ? NAMING_TEXT.tooLong : true,
          })}
          label={ADD_TEXT.name}
          size="small"
          fullWidth
          autoComplete="off"
          error={problem !== undefined && !asksAnswer}
          helperText={asksAnswer ? undefined : problem}
        />
        <Button type="submit" variant="outlined">
          {ADD_TEXT.add}
        </Button>
      </div>
      <HeardAs
        heard={now.heard}
        picked={now.picked}
        onPick={now.pick}
        problem={asksAnswer && now.picked === null ? NAMING_TEXT.pick : undefined}
      />
    </form>
  );
}
