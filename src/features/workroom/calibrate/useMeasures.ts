'use client';

import type { FormEvent } from 'react';
import { useWatch } from 'react-hook-form';
import type { z } from 'zod';
import type { MachineRecord } from '@/core/file';
import type { Calibration } from '@/core/kit';
import { machines } from '@/data';
import { type DraftForm, type ReadTexts, useReadForm } from '@/parts/forms';
import { newId, nowText, useAct } from '@/parts/workspace';
import { fieldProblem, type TypedNumbers } from '@/ui';
import { MEASURES_TEXT } from '../text';

type Kind = keyof Calibration;
/** A measure of one kind, without the id it is kept under. */
export type Measure<K extends Kind> = Omit<Calibration[K][number], 'id'>;
const NOTHING: Calibration = { length: [], width: [], bobbin: [], feed: [] };

type Texts = Record<string, string>;

/** One kind of measure being taken on a machine. */
export interface Measures<K extends Kind> {
  list: Calibration[K];
  form: DraftForm<Texts, Measure<K>>;
  texts: Texts;
  /** The measure as it would be kept; null while something is missing or wrong. */
  measure: Measure<K> | null;
  keep: (event: FormEvent) => void;
  drop: (id: string) => void;
}

/** The numbers of a measure, and the measure from them. */
export interface Build {
  numbers: TypedNumbers;
  /** The measure without its moment, from all its numbers; null where something else is missing. */
  make: (numbers: Record<string, number>) => object | null;
}

/**
 * Measures of one kind: what was typed (it survives a reload), what is wrong with it, and the list so far.
 *
 * @param record - the machine
 * @param kind - which measures
 * @param schema - the shape of one
 * @param build - what was typed, as numbers and as a measure
 * @param refuse - why the list would not hold with it, by field; null when it does
 * @param start - texts of an empty form
 * @param sticky - texts that stay after a measure was kept
 */
export function useMeasures<K extends Kind>(
  record: MachineRecord,
  kind: K,
  schema: z.ZodType<Measure<K>>,
  build: (texts: Texts) => Build,
  refuse: (list: readonly Measure<K>[]) => [field: string, text: string] | null,
  start: Texts,
  sticky: readonly string[] = [],
): Measures<K> {
  const act = useAct();
  const list = (record.machine.calibration?.[kind] ?? []) as Calibration[K];
  const read = (texts: Texts): ReadTexts<Measure<K>> => {
    const { numbers, make } = build(texts);
    const made = numbers.value && make(numbers.value);
    if (!made) return { value: null, missing: numbers.missing, problems: numbers.problems };
    const candidate = { ...made, at: '2026-01-01T00:00:00Z' };
    const parsed = schema.safeParse(candidate);
    if (!parsed.success) {
      const { path, text } = fieldProblem(parsed.error, candidate);
      return { value: null, problems: { [path]: text } };
    }
    const refused = refuse([...(list as readonly Measure<K>[]), parsed.data]);
    return refused ? { value: null, problems: { [refused[0]]: refused[1] } } : { value: parsed.data, problems: {} };
  };
  const form = useReadForm(`machine:${record.id}:${kind}`, read, start);
  const texts = { ...start, ...useWatch({ control: form.control }) } as Texts;
  const store = (edit: (now: Calibration[K]) => Calibration[K]) =>
    machines.change(record.id, (now) => {
      if (!now) return undefined;
      const calibration = now.machine.calibration ?? NOTHING;
      return {
        ...now,
        machine: {
          ...now.machine,
          calibration: { ...calibration, [kind]: edit(calibration[kind] as Calibration[K]) },
        },
      };
    });
  const keep = form.handleSubmit(async (measure) => {
    const kept = { ...measure, id: newId(), at: nowText() };
    await store((now) => [...now, kept] as Calibration[K]);
    form.clear(Object.fromEntries(sticky.map((key) => [key, texts[key] ?? ''])));
  });
  const drop = (id: string) =>
    void act(MEASURES_TEXT.measurementDeleted, () =>
      store((now) => now.filter((one) => one.id !== id) as Calibration[K]),
    );
  return { list, form, texts, measure: read(texts).value, keep: (event) => void keep(event), drop };
}
