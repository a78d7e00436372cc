'use client';

import Button from '@mui/material/Button';
import { type Needle, needleName, type NeedlePoint, POINT, POINTS } from '@/core/kit';
import { formatNeedleSize, numberAsk } from '@/core/units';
import { changeKit, needles as store } from '@/data';
import { newId, nowText, useDraft, useSay } from '@/parts/workspace';
import { MeasureField, Select, typedNumbers } from '@/ui';
import styles from './Workroom.module.css';

const COUNT = numberAsk('count', 'metric', { least: 1, most: 200, whole: true, usual: 5 });

/** The pack being typed: a point brings its own sizes and gaps. */
function packOf(texts: Record<string, string>) {
  const point = (texts.point || 'universal') as NeedlePoint;
  const { gaps } = POINT[point];
  const gap = gaps.find(({ mm }) => mm === Number(texts.gap)) ?? gaps.at(0);
  const { sizes } = gap ?? POINT[point];
  const nm = sizes.includes(Number(texts.nm)) ? Number(texts.nm) : (sizes.find((s) => s >= 80) ?? sizes[0]);
  const needle: Needle = { point, nm, ...(gap && { gapMm: gap.mm }) };
  const { soFar, problems, meant } = typedNumbers(texts, [{ key: 'count', ask: COUNT, otherwise: 5 }]);
  return { needle, sizes, gaps, count: soFar.count ?? null, problem: problems.count, meant: meant.count };
}

/** A pack bought: how many of which kind, and where they are kept. */
export function AddNeedles({ any }: { any: boolean }) {
  const { texts, setText, clear } = useDraft('workroom:needles');
  const say = useSay();
  const { needle, sizes, gaps, count, problem, meant } = packOf(texts);
  const add = async () => {
    if (count === null) return;
    const record = { needle, pack: `pack of ${count}`, where: (texts.where ?? '').trim(), addedAt: nowText() };
    await store.putAll(Array.from({ length: count }, () => ({ ...record, id: newId() })));
    if (!any) await changeKit(() => ({ needles: 'owned' }));
    clear({ where: texts.where ?? '' });
    say(`${count} × ${needleName(needle)} ${count === 1 ? 'is' : 'are'} in the tin.`);
  };
  const pick = (key: string, label: string, value: string, options: readonly (readonly [string, string])[]) => (
    <Select label={label} value={value} options={options} onPick={(id) => setText(key, id)} />
  );
  return (
    <form
      className={styles.row}
      aria-label="A pack of needles"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      {pick(
        'point',
        'Point',
        needle.point,
        POINTS.map((id) => [id, POINT[id].name] as const),
      )}
      {gaps.length > 0 &&
        pick(
          'gap',
          'Gap',
          String(needle.gapMm),
          gaps.map(({ mm }) => [String(mm), `${mm} mm`] as const),
        )}
      {pick(
        'nm',
        'Size',
        String(needle.nm),
        sizes.map((size) => [String(size), formatNeedleSize(size)] as const),
      )}
      <MeasureField
        label="How many"
        text={texts.count ?? ''}
        onText={(text) => setText('count', text)}
        problem={problem}
        meant={meant}
        help="5 if left empty"
      />
      <MeasureField label="Where they are kept" text={texts.where ?? ''} onText={(text) => setText('where', text)} />
      <Button type="submit" variant="outlined">
        Into the tin
      </Button>
    </form>
  );
}
