'use client';

import Button from '@mui/material/Button';
import { useEffect } from 'react';
import { useWatch } from 'react-hook-form';
import * as z from 'zod';
import { type Needle, needleName, type NeedlePoint, PACK_OF, POINT, POINTS } from '@/core/kit';
import { oneOf } from '@/core/result';
import { formatNeedleSize, numberAsk } from '@/core/units';
import { changeKit, needles as store } from '@/data';
import { ErrorSummary, FormSelect, FormText, numberText, useDraftForm } from '@/parts/forms';
import { newId, nowText, useSay } from '@/parts/workspace';
import { NEEDLES_TEXT as TEXT } from './text';
import styles from './Workroom.module.css';

const COUNT = numberAsk('count', 'metric', { least: 1, most: 200, whole: true, usual: PACK_OF });

interface Pack extends Record<string, string> {
  point: string;
  gap: string;
  nm: string;
  count: string;
  where: string;
}
const EMPTY: Pack = { point: 'universal', gap: '', nm: '80', count: '', where: '' };

const packSchema = z.object({
  point: oneOf(POINTS),
  gap: z.string(),
  nm: z.string(),
  count: numberText(COUNT, PACK_OF),
  where: z.string().trim().max(120, TEXT.tooLong),
});

/** The needle of what is picked: a point brings its own gaps, and a gap its own sizes. */
function needleOf({ point, gap, nm }: Pick<Pack, 'point' | 'gap' | 'nm'>) {
  const known: NeedlePoint = POINTS.find((id) => id === point) ?? 'universal';
  const { gaps } = POINT[known];
  const twin = gaps.find(({ mm }) => mm === Number(gap)) ?? gaps.at(0);
  const { sizes } = twin ?? POINT[known];
  const size = sizes.includes(Number(nm)) ? Number(nm) : (sizes.find((s) => s >= 80) ?? sizes[0]);
  const needle: Needle = { point: known, nm: size, ...(twin && { gapMm: twin.mm }) };
  return { needle, sizes, gaps };
}

/** A pack bought: how many of which kind, and where they are kept. */
export function AddNeedles({ any }: { any: boolean }) {
  const form = useDraftForm('workroom:needles', packSchema, EMPTY);
  const { control, setValue } = form;
  const say = useSay();
  const [point, gap, nm] = useWatch({ control, name: ['point', 'gap', 'nm'] });
  const { needle, sizes, gaps } = needleOf({ point, gap, nm });
  useEffect(() => {
    // What the point is not made in gives way to what it is.
    if (gap !== String(needle.gapMm ?? '')) setValue('gap', String(needle.gapMm ?? ''));
    if (nm !== String(needle.nm)) setValue('nm', String(needle.nm));
  }, [gap, nm, needle.gapMm, needle.nm, setValue]);
  const add = form.handleSubmit(async ({ count, where }) => {
    const record = { needle, pack: TEXT.packOf(count), where, addedAt: nowText() };
    await store.putAll(Array.from({ length: count }, () => ({ ...record, id: newId() })));
    if (!any) await changeKit(() => ({ needles: 'owned' }));
    form.clear({ where });
    say(TEXT.added(count, needleName(needle)));
  });
  return (
    <form className={styles.row} aria-label={TEXT.form} onSubmit={(event) => void add(event)} noValidate>
      <ErrorSummary form={form} labels={TEXT.fields} />
      <FormSelect
        control={control}
        name="point"
        label={TEXT.fields.point}
        options={POINTS.map((id) => [id, POINT[id].name] as const)}
      />
      {needle.gapMm !== undefined && (
        <FormSelect
          control={control}
          name="gap"
          label={TEXT.fields.gap}
          options={gaps.map(({ mm }) => [String(mm), TEXT.mm(mm)] as const)}
        />
      )}
      <FormSelect
        control={control}
        name="nm"
        label={TEXT.fields.nm}
        options={sizes.map((size) => [String(size), formatNeedleSize(size)] as const)}
      />
      <FormText control={control} name="count" label={TEXT.fields.count} help={TEXT.usual(PACK_OF)} ask={COUNT} />
      <FormText control={control} name="where" label={TEXT.fields.where} />
      <Button type="submit" variant="outlined">
        {TEXT.add}
      </Button>
    </form>
  );
}
