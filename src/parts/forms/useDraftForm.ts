'use client';

import { zodResolver } from '@hookform/resolvers/zod';
import { useEffect, useRef } from 'react';
import { type DefaultValues, type FieldValues, type Resolver, useForm, type UseFormReturn } from 'react-hook-form';
import type * as z from 'zod';
import { readDraft, reportTrouble, writeDraft } from '@/data';
import { FORM_TEXT } from './text';

/** What is typed into a form: texts, by field. */
export type Typed = Record<string, string>;

/** A form, what it is worth once it is right, and a way to forget what was typed. */
export interface DraftForm<T extends Typed, V> extends UseFormReturn<T, unknown, V> {
  /** Forgets what was typed, but for what the next one begins with. */
  clear: (keep?: Partial<T>) => void;
}

/** A draft that finds no room is still on the screen; any other trouble is a slip of ours. */
export function keepDraft(key: string, texts: Typed): void {
  try {
    writeDraft(key, texts);
  } catch (cause) {
    if (!reportTrouble(cause)) throw cause;
  }
}

/**
 * A form of several fields that are checked while they are typed, and whose texts survive a reload.
 *
 * Nothing is stored before all of it is right: `handleSubmit` hands out what the schema makes of the texts.
 *
 * @param key - what is being filled in; each has its own draft
 * @param schema - from texts to what they are worth
 * @param start - texts of an empty form
 */
export function useDraftForm<T extends Typed, V>(key: string, schema: z.ZodType<V, T>, start: T): DraftForm<T, V> {
  return useDrafted(key, zodResolver<T, unknown, V>(schema), start);
}

/** What was typed, as it is read: its worth once all of it is right, and what is wrong, by field. */
export interface ReadTexts<V> {
  value: V | null;
  /** Fields that are still to be filled in. */
  missing?: readonly string[];
  problems: Readonly<Record<string, string>>;
}

/**
 * The same for a form whose numbers are read as people write them, and that is checked as a whole when all of them are.
 *
 * @param key - what is being filled in
 * @param read - what the texts are worth, or what is wrong with them
 * @param start - texts of an empty form
 */
export function useReadForm<T extends Typed, V extends object>(
  key: string,
  read: (texts: T) => ReadTexts<V>,
  start: T,
): DraftForm<T, V> {
  const resolver = (texts: T) => {
    const { value, missing = [], problems } = read(texts);
    if (value) return { values: value, errors: {} };
    const said = { ...Object.fromEntries(missing.map((field) => [field, FORM_TEXT.needed])), ...problems };
    const wrong = Object.entries(said).map(([field, message]) => [field, { type: 'read', message }]);
    return { values: {}, errors: Object.fromEntries(wrong) };
  };
  return useDrafted(key, resolver as Resolver<T, unknown, V>, start);
}

function useDrafted<T extends Typed, V>(key: string, resolver: Resolver<T, unknown, V>, start: T): DraftForm<T, V> {
  const form = useForm<T, unknown, V>({
    mode: 'onChange',
    defaultValues: start as DefaultValues<T>,
    resolver,
    // The summary takes the focus: it says all there is to put right.
    shouldFocusError: false,
  });
  const { reset, subscribe } = form;
  const handleSubmit = useOnceAtATime(form.handleSubmit);
  useEffect(() => {
    // Read after the page is there: the server has no drafts, and both must draw the same at first.
    reset({ ...start, ...readDraft(key) });
    return subscribe({
      formState: { values: true },
      callback: ({ values }) => keepDraft(key, values as Typed),
    });
    // Another draft is another form; what it starts from never changes while it is filled in.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, reset, subscribe]);
  const clear = (keep: Partial<T> = {}) => {
    reset({ ...start, ...keep });
    keepDraft(key, keep as Typed);
  };
  return { ...form, handleSubmit, clear };
}

/** Sends a form once at a time: a second press while the first is being stored would store it twice. */
export function useOnceAtATime<T extends FieldValues, V>(
  handleSubmit: UseFormReturn<T, unknown, V>['handleSubmit'],
): UseFormReturn<T, unknown, V>['handleSubmit'] {
  const sending = useRef(false);
  return (onValid, onInvalid) => {
    const send = handleSubmit(onValid, onInvalid);
    return async (event) => {
      event?.preventDefault?.();
      if (sending.current) return;
      sending.current = true;
      try {
        await send(event);
      } finally {
        sending.current = false;
      }
    };
  };
}
