'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useForm, useWatch } from 'react-hook-form';
import { cloths as store } from '@/data';
import { useOnceAtATime } from '@/parts/forms';
import { FirstColour, NameField, nameProblem, NAMING_TEXT, useFirstColour, useHeardName } from '@/parts/naming';
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
  const first = useFirstColour(name, now.cloth);
  const add = useOnceAtATime(handleSubmit)(async (typed) => {
    if (!now.cloth) return setError('name', { message: NAMING_TEXT.pick });
    const id = newId();
    await store.put({
      id,
      cloth: { name: typed.name.trim(), ...now.cloth },
      colour: first.colour,
      addedAt: nowText(),
    });
    router.push(`/fabric?id=${id}`);
  });
  return (
    <form onSubmit={(event) => void add(event)} noValidate>
      <NameField
        label={ADD_TEXT.name}
        field={register('name', { validate: nameProblem })}
        heard={now}
        problem={formState.errors.name?.message}
        className={styles.add}
        beside={
          <Button type="submit" variant="outlined">
            {ADD_TEXT.add}
          </Button>
        }
      />
      <FirstColour of={first} cloth={now.cloth} />
    </form>
  );
}
