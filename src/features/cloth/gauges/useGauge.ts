'use client';

import { useRef } from 'react';
import { type ClothReading, type Gauge, type KeptReading, type ReadingOf, readingSchema } from '@/core/cloth';
import { newId, nowText, useDraft } from '@/parts/workspace';
import { fieldProblem, type Meant, type NumberField, typedNumbers } from '@/ui';
import type { GaugeProps } from './GaugeProps';

/** One number of a gauge: how it is typed, and where it goes in the reading. */
export type GaugeField = NumberField & {
  /** The reading's own path, as a problem names it. */
  path: string;
};

/** A gauge being read. */
export interface GaugeState<G extends Gauge> {
  texts: Record<string, string>;
  setText: (field: string, text: string) => void;
  values: Record<string, number | undefined>;
  /** What is wrong, by field; under `''` what belongs to none of them. */
  problems: Record<string, string>;
  /** What a number may have meant, by field. */
  meant: Record<string, readonly Meant[]>;
  /** The reading as it would be kept; null while something is missing or wrong. */
  reading: ReadingOf<G> | null;
  keep: () => void;
}

/**
 * The state of one gauge: what was typed (it survives a reload), what it means, and what is wrong with it.
 *
 * @param props - the cloth and how to save it
 * @param gauge - which gauge
 * @param fields - its numbers, which may depend on what was picked
 * @param build - the reading from the numbers, without its moment; null while it cannot be made
 * @param sticky - fields that stay filled after a reading was kept
 */
export function useGauge<G extends Gauge>(
  { record, onSave }: GaugeProps,
  gauge: G,
  fields: readonly GaugeField[] | ((texts: Record<string, string>) => readonly GaugeField[]),
  build: (values: Record<string, number>, texts: Record<string, string>) => unknown,
  sticky: readonly string[] = [],
): GaugeState<G> {
  const { texts, setText, clear } = useDraft(`cloth:${record.id}:${gauge}`);
  const asked = typeof fields === 'function' ? fields(texts) : fields;
  const { soFar, value, problems, meant } = typedNumbers(texts, asked);
  const checked = value && check(gauge, build(value, texts));
  if (checked?.problem) {
    const field = asked.find(({ path }) => checked.path === path || checked.path.startsWith(`${path}.`));
    problems[field?.key ?? ''] ??= checked.problem;
  }
  const reading = (checked?.reading as ReadingOf<G> | undefined) ?? null;
  const saving = useRef(false);
  const keep = async () => {
    if (!reading || saving.current) return;
    saving.current = true;
    const kept = { ...reading, id: newId(), at: nowText() } as KeptReading;
    try {
      await onSave((now) => ({ readings: [...now.readings, kept] }));
      // What was typed goes only once it is stored.
      clear(Object.fromEntries(sticky.flatMap((key) => (texts[key] ? [[key, texts[key]]] : []))));
    } finally {
      saving.current = false;
    }
  };
  return { texts, setText, values: soFar, problems, meant, reading, keep: () => void keep() };
}

interface Checked {
  reading?: ClothReading;
  path: string;
  problem?: string;
}

function check(gauge: Gauge, built: unknown): Checked | null {
  if (built === null || typeof built !== 'object') return null;
  const candidate = { gauge, at: '2026-01-01T00:00:00Z', ...built };
  const parsed = readingSchema.safeParse(candidate);
  if (parsed.success) return { reading: parsed.data, path: '' };
  const { path, text } = fieldProblem(parsed.error, candidate);
  return { path, problem: text };
}
