'use client';

import type { z } from 'zod';
import type { MachineRecord } from '@/core/file';
import type { Calibration } from '@/core/kit';
import { machines } from '@/data';
import { newId, nowText, useAct, useDraft } from '@/parts/workspace';
import { fieldProblem, type Meant, type TypedNumbers } from '@/ui';
import { MEASURES_TEXT } from '../text';

type Kind = keyof Calibration;
/** A measure of one kind, without the id it is kept under. */
export type Measure<K extends Kind> = Omit<Calibration[K][number], 'id'>;
const NOTHING: Calibration = { length: [], width: [], bobbin: [], feed: [] };

/** One kind of measure being taken on a machine. */
export interface Measures<K extends Kind> {
  list: Calibration[K];
  texts: Record<string, string>;
  setText: (field: string, text: string) => void;
  /** What is wrong, by the schema's own field. */
  problems: Record<string, string>;
  /** What a number may have meant, by field. */
  meant: Record<string, readonly Meant[]>;
  /** The measure as it would be kept; null while something is missing or wrong. */
  measure: Measure<K> | null;
  keep: () => void;
  drop: (id: string) => void;
}

/**
 * Measures of one kind: what was typed (it survives a reload), what is wrong with it, and the list so far.
 *
 * @param record - the machine
 * @param kind - which measures
 * @param schema - the shape of one
 * @param build - the measure from what was typed, without its moment; null while something is missing
 * @param refuse - why the list would not hold with it, by field; null when it does
 * @param sticky - texts that stay after a measure was kept
 */
export function useMeasures<K extends Kind>(
  record: MachineRecord,
  kind: K,
  schema: z.ZodType<Measure<K>>,
  build: (texts: Record<string, string>) => Pick<TypedNumbers, 'problems' | 'meant'> & { value: object | null },
  refuse: (list: readonly Measure<K>[]) => [field: string, text: string] | null,
  sticky: readonly string[] = [],
): Measures<K> {
  const { texts, setText, clear } = useDraft(`machine:${record.id}:${kind}`);
  const act = useAct();
  const list = (record.machine.calibration?.[kind] ?? []) as Calibration[K];
  const built = build(texts);
  const problems = { ...built.problems };
  let measure: Measure<K> | null = null;
  if (built.value) {
    const candidate = { ...built.value, at: '2026-01-01T00:00:00Z' };
    const parsed = schema.safeParse(candidate);
    if (parsed.success) {
      const refused = refuse([...(list as readonly Measure<K>[]), parsed.data]);
      if (refused) problems[refused[0]] = refused[1];
      else measure = parsed.data;
    } else {
      const { path, text } = fieldProblem(parsed.error, candidate);
      problems[path] = text;
    }
  }
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
  const keep = () => {
    if (!measure) return;
    const kept = { ...measure, id: newId(), at: nowText() };
    void store((now) => [...now, kept] as Calibration[K]);
    clear(Object.fromEntries(sticky.flatMap((key) => (texts[key] ? [[key, texts[key]]] : []))));
  };
  const drop = (id: string) =>
    void act(MEASURES_TEXT.measurementDeleted, () =>
      store((now) => now.filter((one) => one.id !== id) as Calibration[K]),
    );
  return { list, texts, setText, problems, meant: built.meant, measure, keep, drop };
}
