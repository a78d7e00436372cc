'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { ALL, type Filter, viewSchema } from '@/core/ledger';
import { useViews, views } from '@/data';
import { newId, useAct } from '@/parts/workspace';
import { Field, Select, wordsBy } from '@/ui';
import styles from './Ledger.module.css';
import { SAVED_VIEWS_TEXT } from './text';

const NAME = wordsBy(viewSchema.shape.name);
const same = (a: Filter, b: Filter) => JSON.stringify(a) === JSON.stringify(b);

/** No view's key: all that happened, and filters that have no name yet. */
const EVERYTHING = '*';
const UNNAMED = '?';

/** Filters with a name: choosing one brings them back. */
export function ViewChoice({ filter, onFilter }: { filter: Filter; onFilter: (filter: Filter) => void }) {
  const all = useViews() ?? [];
  const here = all.find((view) => same(view.filter, filter))?.id ?? (same(filter, ALL) ? EVERYTHING : UNNAMED);
  const options = [
    [EVERYTHING, SAVED_VIEWS_TEXT.everything] as const,
    ...all.map(({ id, name }) => [id, name] as const),
    ...(here === UNNAMED ? [[UNNAMED, SAVED_VIEWS_TEXT.unnamed] as const] : []),
  ];
  const pick = (id: string) => {
    const view = all.find((one) => one.id === id);
    if (view || id === EVERYTHING) onFilter(view?.filter ?? ALL);
  };
  return <Select label={SAVED_VIEWS_TEXT.show} value={here} options={options} onPick={pick} />;
}

/** Gives the filters as they are a name, or takes it away. */
export function SavedView({ filter }: { filter: Filter }) {
  const all = useViews();
  const act = useAct();
  const [naming, setNaming] = useState<string | null>(null);
  if (!all || same(filter, ALL)) return null;
  const here = all.find((view) => same(view.filter, filter));
  const keep = async () => {
    const read = NAME(naming ?? '');
    if (!read.ok) return;
    await views.put({ id: newId(), name: read.value, filter });
    setNaming(null);
  };
  if (here)
    return (
      <Button
        className={styles.view}
        onClick={() => void act(SAVED_VIEWS_TEXT.viewDeleted(here.name), () => views.remove(here.id))}
      >
        {SAVED_VIEWS_TEXT.forgetThisView}
      </Button>
    );
  if (naming === null)
    return (
      <Button className={styles.view} onClick={() => setNaming('')}>
        {SAVED_VIEWS_TEXT.keepThisView}
      </Button>
    );
  return (
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
  );
}
