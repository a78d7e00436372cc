'use client';

import { useEffect } from 'react';
import { useForm, type UseFormReturn } from 'react-hook-form';
import * as z from 'zod';
import { MACHINE_KINDS } from '@/core/kit';
import { ASKED_FEET } from '@/core/workroom';
import { readDraft } from '@/data';
import { keepDraft, useOnceAtATime } from '@/parts/forms';

/** What is picked on the page. */
const pickedSchema = z.object({
  kind: z.enum(MACHINE_KINDS).nullable(),
  name: z.string().max(200),
  feet: z.array(z.enum(ASKED_FEET)),
  packs: z.array(z.string()),
  spools: z.array(z.string()),
});
export type Picked = z.output<typeof pickedSchema>;
const NOTHING: Picked = { kind: null, name: '', feet: [], packs: [], spools: [] };

const DRAFT = 'first-kit';

/** What was picked before the page was left; nothing when that cannot be read. */
export function pickedBefore(text: string | undefined): Picked {
  try {
    return pickedSchema.parse(JSON.parse(text ?? ''));
  } catch {
    return NOTHING;
  }
}

/** What is picked, kept through a reload until it is saved. */
export function usePicked(): UseFormReturn<Picked> & { forget: () => void } {
  const form = useForm<Picked>({ defaultValues: NOTHING });
  const { reset, subscribe } = form;
  useEffect(() => {
    // Read after the page is there: the server has no drafts, and both must draw the same at first.
    reset(pickedBefore(readDraft(DRAFT).picked));
    return subscribe({
      formState: { values: true },
      callback: ({ values }) => keepDraft(DRAFT, { picked: JSON.stringify(values) }),
    });
  }, [reset, subscribe]);
  return { ...form, handleSubmit: useOnceAtATime(form.handleSubmit), forget: () => keepDraft(DRAFT, {}) };
}
