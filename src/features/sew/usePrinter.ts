import { useMemo } from 'react';
import { type Numbers, type ProcedurePrinter, procedurePrinter } from '@/core/procedure';
import { wholeQuantities } from '@/core/units';
import { useUnits } from '@/parts/workspace';
import type { RunNow } from './useRunNow';

/** Prints the texts and lengths of the current operation in the person's units; no line ends between a number and its unit. */
export function usePrinter({ procedure }: Pick<RunNow, 'procedure'>, numbers: Numbers | null): ProcedurePrinter {
  const { system } = useUnits();
  return useMemo(() => {
    const { fill, length } = procedurePrinter(procedure, numbers ?? {}, system);
    return { length, fill: (text) => wholeQuantities(fill(text)) };
  }, [procedure, numbers, system]);
}
