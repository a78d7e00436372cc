import { useMemo } from 'react';
import { type Numbers, type ProcedurePrinter, procedurePrinter } from '@/core/procedure';
import { useUnits } from '@/parts/workspace';
import type { RunNow } from './useRunNow';

/** Prints the texts and lengths of the current operation in the person's units. */
export function usePrinter({ procedure }: Pick<RunNow, 'procedure'>, numbers: Numbers | null): ProcedurePrinter {
  const { system } = useUnits();
  return useMemo(() => procedurePrinter(procedure, numbers ?? {}, system), [procedure, numbers, system]);
}
