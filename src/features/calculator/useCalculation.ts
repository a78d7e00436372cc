'use client';

import { useMemo } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { type Answers, asksOf, calculate, type Calculation, usualAnswers } from '@/core/calculator';
import { lengthPrinter } from '@/core/units';
import { useUnits } from '@/parts/workspace';

/** What is typed, by question. */
export interface Typed {
  answers: Answers;
}

/**
 * A calculation being filled in: its questions, what comes out, and its lengths rounded as a set.
 *
 * @param calculation - which
 * @param known - answers that are known already
 */
export function useCalculation(calculation: Calculation, known: Answers) {
  const units = useUnits();
  const form = useForm<Typed>({ defaultValues: { answers: { ...usualAnswers(calculation, units.system), ...known } } });
  const answers = useWatch({ control: form.control, name: 'answers' });
  const found = useMemo(() => calculate(calculation, answers), [calculation, answers]);
  const printed = useMemo(() => {
    if (!found.ok) return units;
    const lengths = found.worked.results.flatMap(({ unit, value }) =>
      unit === 'mm' && typeof value === 'number' ? [value] : [],
    );
    return { ...units, length: lengthPrinter(units.system, lengths, found.worked.adds ?? []) };
  }, [found, units]);
  return { form, answers, found, printed, asks: asksOf(calculation, answers) };
}
