'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { ALL, type Filter, viewSchema } from '@/core/ledger';
import { useViews, views } from '@/data';
import { newId, useAct } from '@/parts/workspace';
import { Field, Pressable, wordsBy } from '@/ui';
import styles from './Ledger.module.css';
import { SAVED_VIEWS_TEXT } from './text';

const NAME = wordsBy(viewSchema.shape.name);
const same = (a: Filter, b: Filter) => JSON.stringify(a) === JSON.stringify(b);

/** Filters with a name: one press brings one back. */
export function SavedViews({ filter, onFilter }: { filter: Filter; onFilter: (filter: Filter) => void }) {
  const all = useViews();
  const act = useAct();
  const [naming, setNaming] = useState<string | null>(null);
  if (!all) return null;
  const here = all.find((view) => same(view.filter, filter));
  const keep = async () => {
    const read = NAME(naming ?? '');
    if (!read.ok) return;
    await views.put({ id: newId(), name: read.value, filter });
    setNaming(null);
  };
  const drop = async () => {
    if (!here) return;
    await act(SAVED_VIEWS_TEXT.viewDeleted(here.name), () => views.remove(here.id));
  };
  return (
    <div className={styles.views}>
      <div role="group" aria-label={SAVED_VIEWS_TEXT.savedViews} className={styles.kinds}>
        <Pressable aria-pressed={same(filter, ALL)} onClick={() => onFilter(ALL)}>
          {SAVED_VIEWS_TEXT.everything}
        </Pressable>
        {all.map((view) => (
          <Pressable key={view.id} aria-pressed={view.id === here?.id} onClick={() => onFilter(view.filter)}>
            {view.name}
          </Pressable>
        ))}
      </div>
      {naming === null ? (
        <>
          {!here && !same(filter, ALL) && (
            <Button onClick={() => setNaming('')}>{SAVED_VIEWS_TEXT.keepThisView}</Button>
          )}
          {here && <Button onClick={() => void drop()}>{SAVED_VIEWS_TEXT.forgetThisView}</Button>}
        </>
      ) : (
        <div className={styles.naming}>
          <Field
            label={SAVED_VIEWS_TEXT.nameOfThisView}
            text={naming}
            read={(text) => ({ ok: true, value: text })}
            onValue={setNaming}
            autoFocus
            onEnter={() => void keep()}
          />
          <Button variant="outlined" onClick={() => void keep()}>
            {SAVED_VIEWS_TEXT.keepIt}
          </Button>
        </div>
      )}
    </div>
  );
}
