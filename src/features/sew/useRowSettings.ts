'use client';

import { useMemo } from 'react';
import type { Card } from '@/core/card';
import { clothOf } from '@/core/cloth';
import type { ClothRecord, MachineRecord } from '@/core/file';
import {
  matchedBy,
  type Numbers,
  type Procedure,
  type ProcedureId,
  type RowAnswers,
  type RowSettings,
  rowsQuestion,
  settingsOfRows,
} from '@/core/procedure';
import { useCards } from '@/data';
import { currentOf, useFromWorker } from '@/parts/asking';
import { useMatchInput } from '@/parts/learned';

/** What Match says for each row of an operation, and what each is sewn with. */
export interface RowsNow {
  answers: RowAnswers;
  settings: RowSettings<Card>;
}

/** What an operation is sewn on. */
interface SewnOn {
  cloth: ClothRecord | null;
  second: ClothRecord | null;
  band: ClothRecord | null;
  machine: MachineRecord | null;
}

/** Every row of an operation, matched as what it is and proven as it was; null while that is worked out. */
export function useRowSettings(
  procedure: Procedure<ProcedureId> | undefined,
  { cloth, second, band, machine }: SewnOn,
  given: Numbers,
): RowsNow | null {
  const cards = useCards();
  const kind = procedure?.kind ?? 'join';
  const input = useMatchInput(
    cloth,
    machine,
    { kind, ...(second && { second: clothOf(second) }) },
    procedure?.schools?.(given),
    second?.id,
  );
  const asks =
    procedure && input
      ? { procedure: matchedBy(procedure), question: rowsQuestion(input, band && clothOf(band)) }
      : null;
  const answers = currentOf(
    useFromWorker(asks ? JSON.stringify(asks) : null, (worker) => worker.matchRows(asks!.procedure, asks!.question)),
  );
  return useMemo(() => {
    if (!procedure || !cards || !answers || !cloth) return null;
    const ids = { clothId: cloth.id, machineId: machine?.id, secondId: second?.id, bandId: band?.id };
    const fabrics = {
      cloth: clothOf(cloth),
      ...(second && { second: clothOf(second) }),
      ...(band && { band: clothOf(band) }),
    };
    return { answers, settings: settingsOfRows(procedure, answers, fabrics, cards, ids) };
  }, [procedure, cards, answers, cloth, machine, second, band]);
}
