'use client';

import Button from '@mui/material/Button';
import { type Notion, type NotionNeedLine, notionSchema } from '@/core/job';
import { formatNumber, lengthAsk, numberAsk, type UnitSystem } from '@/core/units';
import { jobs } from '@/data';
import type { JobNow } from '@/parts/jobs';
import { newId, useAct, useUnits } from '@/parts/workspace';
import { Field, QuantityField, Select, wordsBy } from '@/ui';
import styles from './Jobs.module.css';
import { NOTION_LIST_TEXT } from './text';

const NAME = wordsBy(notionSchema.shape.name);
/** What is bought by the piece is counted; elastic, tape and cord are measured. */
const amountAsk = (system: UnitSystem, unit: Notion['unit']) =>
  unit === 'mm'
    ? lengthAsk(system, 500, { least: 0, most: 1_000_000 })
    : numberAsk('count', system, { least: 0, most: 1_000_000, usual: 2 });

type Edit = (change: (now: Notion[]) => Notion[]) => Promise<void>;

/** What is there already of zips, tape and elastic, and what else the maker wants to remember. */
export function NotionList({ now: { job, budget } }: { now: JobNow }) {
  const edit: Edit = (change) => jobs.change(job.id, (j) => j && { ...j, notions: change(j.notions) });
  const add = () =>
    edit((now) => [
      ...now,
      { id: newId(), name: NOTION_LIST_TEXT.something(now.length + 1), unit: 'count', needed: 1, owned: 0 },
    ]);
  const isUsed = (name: string) => budget.notions.some((line) => line.name === name && line.needed > 0);
  const extra = job.notions.filter(({ name, needed }) => needed > 0 || !isUsed(name));
  const used = budget.notions.filter((line) => !extra.some((n) => n.name === line.name));
  return (
    <section aria-labelledby="notions" className={styles.form}>
      <h2 id="notions">{NOTION_LIST_TEXT.zipsTapeAndThe}</h2>
      {used.map((line) => (
        <Used key={line.name} line={line} edit={edit} />
      ))}
      {extra.map((notion) => (
        <Extra key={notion.id} notion={notion} edit={edit} />
      ))}
      <div className={styles.actions}>
        <Button onClick={() => void add()}>{NOTION_LIST_TEXT.addSomethingToThe}</Button>
      </div>
    </section>
  );
}

/** What an operation uses up: how much of it is there. */
function Used({ line: { name, label, unit, needed, owned }, edit }: { line: NotionNeedLine; edit: Edit }) {
  const { system, length, say } = useUnits();
  const setOwned = (value: number) =>
    edit((now) =>
      now.some((n) => n.name === name)
        ? now.map((n) => (n.name === name ? { ...n, owned: value } : n))
        : [...now, { id: newId(), name, unit, needed: 0, owned: value }],
    );
  return (
    <QuantityField
      label={NOTION_LIST_TEXT.thereIs(say(label))}
      ask={amountAsk(system, unit)}
      help={NOTION_LIST_TEXT.wanted(unit === 'mm' ? length(needed) : formatNumber(needed, 0))}
      value={owned}
      onValue={(value) => void setOwned(value)}
    />
  );
}

/** What the maker put on the list. */
function Extra({ notion, edit }: { notion: Notion; edit: Edit }) {
  const set = (change: Partial<Notion>) =>
    void edit((now) => now.map((n) => (n.id === notion.id ? { ...n, ...change } : n)));
  const act = useAct();
  const { system } = useUnits();
  const remove = () =>
    act(NOTION_LIST_TEXT.takenOffTheList(notion.name), () => edit((now) => now.filter((n) => n.id !== notion.id)));
  return (
    <div className={styles.editor}>
      <Field label={NOTION_LIST_TEXT.what} text={notion.name} read={NAME} onValue={(name) => set({ name })} />
      <Select
        label={NOTION_LIST_TEXT.countedIn}
        value={notion.unit}
        options={[
          ['count', 'pieces'],
          ['mm', 'length'],
        ]}
        onPick={(unit) => set({ unit })}
      />
      <QuantityField
        label={NOTION_LIST_TEXT.wanted2}
        ask={amountAsk(system, notion.unit)}
        schema={notionSchema.shape.needed}
        value={notion.needed}
        onValue={(needed) => set({ needed })}
      />
      <QuantityField
        label={NOTION_LIST_TEXT.thereIs2}
        ask={amountAsk(system, notion.unit)}
        schema={notionSchema.shape.owned}
        value={notion.owned}
        onValue={(owned) => set({ owned })}
      />
      <Button onClick={() => void remove()}>{NOTION_LIST_TEXT.takeItOffThe}</Button>
    </div>
  );
}
