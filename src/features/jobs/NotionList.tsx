'use client';

import Button from '@mui/material/Button';
import { type Notion, type NotionNeedLine, notionSchema } from '@/core/job';
import { formatNumber } from '@/core/units';
import { jobs } from '@/data';
import type { JobNow } from '@/parts/jobs';
import { newId, useAct } from '@/parts/workspace';
import { checkedBy, Field, numberBy, Select, plainNumber, wordsBy } from '@/ui';
import styles from './Jobs.module.css';

const NAME = wordsBy(notionSchema.shape.name);
const AMOUNT = checkedBy(numberBy(plainNumber, 'an amount'), notionSchema.shape.needed);

type Edit = (change: (now: Notion[]) => Notion[]) => Promise<void>;

/** What is there already of zips, tape and elastic, and what else the maker wants to remember. */
export function NotionList({ now: { job, budget } }: { now: JobNow }) {
  const edit: Edit = (change) => jobs.change(job.id, (j) => j && { ...j, notions: change(j.notions) });
  const add = () =>
    edit((now) => [...now, { id: newId(), name: `Something ${now.length + 1}`, unit: 'count', needed: 1, owned: 0 }]);
  const isUsed = (name: string) => budget.notions.some((line) => line.name === name && line.needed > 0);
  const extra = job.notions.filter(({ name, needed }) => needed > 0 || !isUsed(name));
  const used = budget.notions.filter((line) => !extra.some((n) => n.name === line.name));
  return (
    <section aria-labelledby="notions" className={styles.form}>
      <h2 id="notions">Zips, tape and the rest</h2>
      {used.map((line) => (
        <Used key={line.name} line={line} edit={edit} />
      ))}
      {extra.map((notion) => (
        <Extra key={notion.id} notion={notion} edit={edit} />
      ))}
      <div className={styles.actions}>
        <Button onClick={() => void add()}>Add something to the list</Button>
      </div>
    </section>
  );
}

/** What an operation uses up: how much of it is there. */
function Used({ line: { name, unit, needed, owned }, edit }: { line: NotionNeedLine; edit: Edit }) {
  const setOwned = (value: number) =>
    edit((now) =>
      now.some((n) => n.name === name)
        ? now.map((n) => (n.name === name ? { ...n, owned: value } : n))
        : [...now, { id: newId(), name, unit, needed: 0, owned: value }],
    );
  return (
    <Field
      label={`${name}: there is`}
      unit={unit === 'mm' ? 'mm' : undefined}
      help={`${formatNumber(needed, 0)}${unit === 'mm' ? ' mm' : ''} wanted`}
      text={formatNumber(owned, 0)}
      read={AMOUNT}
      onValue={(value) => void setOwned(value)}
    />
  );
}

/** What the maker put on the list. */
function Extra({ notion, edit }: { notion: Notion; edit: Edit }) {
  const set = (change: Partial<Notion>) =>
    void edit((now) => now.map((n) => (n.id === notion.id ? { ...n, ...change } : n)));
  const act = useAct();
  const remove = () =>
    act(`“${notion.name}” taken off the list`, () => edit((now) => now.filter((n) => n.id !== notion.id)));
  return (
    <div className={styles.editor}>
      <Field label="What" text={notion.name} read={NAME} onValue={(name) => set({ name })} />
      <Select
        label="Counted in"
        value={notion.unit}
        options={[
          ['count', 'pieces'],
          ['mm', 'mm'],
        ]}
        onPick={(unit) => set({ unit })}
      />
      <Field label="Wanted" text={formatNumber(notion.needed, 0)} read={AMOUNT} onValue={(needed) => set({ needed })} />
      <Field label="There is" text={formatNumber(notion.owned, 0)} read={AMOUNT} onValue={(owned) => set({ owned })} />
      <Button onClick={() => void remove()}>Take it off the list</Button>
    </div>
  );
}
