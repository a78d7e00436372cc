'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { ALL, type Filter, viewSchema } from '@/core/ledger';
import { useViews, views } from '@/data';
import { newId, useAct } from '@/parts/workspace';
import { Field, Pressable, wordsBy } from '@/ui';
import styles from './Ledger.module.css';

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
    await act(`View “${here.name}” deleted`, () => views.remove(here.id));
  };
  return (
    <div className={styles.views}>
      <div role="group" aria-label="Saved views" className={styles.kinds}>
        <Pressable aria-pressed={same(filter, ALL)} onClick={() => onFilter(ALL)}>
          Everything
        </Pressable>
        {all.map((view) => (
          <Pressable key={view.id} aria-pressed={view.id === here?.id} onClick={() => onFilter(view.filter)}>
            {view.name}
          </Pressable>
        ))}
      </div>
      {naming === null ? (
        <>
          {!here && !same(filter, ALL) && <Button onClick={() => setNaming('')}>Keep this view</Button>}
          {here && <Button onClick={() => void drop()}>Forget this view</Button>}
        </>
      ) : (
        <div className={styles.naming}>
          <Field
            label="Name of this view"
            text={naming}
            read={(text) => ({ ok: true, value: text })}
            onValue={setNaming}
            autoFocus
            onEnter={() => void keep()}
          />
          <Button variant="outlined" onClick={() => void keep()}>
            Keep it
          </Button>
        </div>
      )}
    </div>
  );
}
